package kitetail.server.standin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import kitetail.formats.words.Refused;
import kitetail.server.device.DeviceAddresses;
import kitetail.server.error.NotFoundException;
import kitetail.server.security.Loopback;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Lets this server alone to the stand-ins, over loopback and by its key, where they are on at all.
 */
@Configuration
class Door implements WebMvcConfigurer, HandlerInterceptor {
  private final DeviceAddresses addresses;

  Door(DeviceAddresses addresses) {
    this.addresses = addresses;
  }

  @Override
  public void addInterceptors(InterceptorRegistry all) {
    all.addInterceptor(this).addPathPatterns("/standin/**");
  }

  @Override
  public boolean preHandle(HttpServletRequest r, HttpServletResponse a, Object handler) {
    String key = r.getHeader(DeviceAddresses.KEY_HEADER);
    boolean known =
        key != null
            && MessageDigest.isEqual(
                key.getBytes(StandardCharsets.UTF_8),
                addresses.key().getBytes(StandardCharsets.UTF_8));
    if (!addresses.standIns() || !known || !Loopback.is(r)) {
      throw new NotFoundException(Refused.because("nothing-here"));
    }
    return true;
  }
}
