package kitetail.server.trail;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import kitetail.server.security.Person;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Keeps in mind who a request that may change something is from. */
@Configuration
class Doers implements WebMvcConfigurer, HandlerInterceptor {
  /** The page says on which device it runs; that is a name, not a proof. */
  static final String DEVICE = "X-Device";

  private static final Set<String> LOOKS = Set.of("GET", "HEAD", "OPTIONS");
  private static final int LONGEST = 40;

  @Override
  public void addInterceptors(InterceptorRegistry all) {
    all.addInterceptor(this).addPathPatterns("/api/**");
  }

  @Override
  public boolean preHandle(HttpServletRequest r, HttpServletResponse a, Object handler) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (!LOOKS.contains(r.getMethod()) && who != null && who.getPrincipal() instanceof Person p) {
      Doer.begin(new Doer(p.id(), device(r)));
    }
    return true;
  }

  @Override
  public void afterCompletion(
      HttpServletRequest r, HttpServletResponse a, Object handler, Exception e) {
    Doer.end();
  }

  /** What it is called, letters, digits and blanks alone. */
  static String device(HttpServletRequest r) {
    String said = r.getHeader(DEVICE);
    String clean = said == null ? "" : said.replaceAll("[^A-Za-z0-9 ]", "").strip();
    return clean.substring(0, Math.min(LONGEST, clean.length()));
  }
}
