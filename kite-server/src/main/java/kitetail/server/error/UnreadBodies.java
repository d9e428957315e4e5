package kitetail.server.error;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What is still on its way in from somebody who was not let in is not waited for: two hundred who
 * send a byte a second would else hold every thread there is.
 */
@Configuration
class UnreadBodies {
  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> hangUp() {
    return f -> f.addEngineValves(new HangUp());
  }

  private static final class HangUp extends ValveBase {
    HangUp() {
      super(true);
    }

    @Override
    public void invoke(Request r, Response a) throws IOException, ServletException {
      getNext().invoke(r, a);
      int status = a.getStatus();
      boolean body = r.getContentLengthLong() > 0 || r.getHeader("Transfer-Encoding") != null;
      if (body && (status == 401 || status == 403 || status == 408 || status == 413)) {
        a.finishResponse();
        r.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
      }
    }
  }
}
