package kitetail.server.error;

import jakarta.servlet.ServletException;
import java.io.IOException;
import kitetail.formats.words.Refused;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
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

  /** What is no request at all is told in a sentence too. */
  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainWords() {
    return f ->
        f.addContextCustomizers(
            c -> {
              if (c.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(NoRequest.class.getName());
              }
            });
  }

  /** Tomcat's own page gives way to problem details. */
  public static final class NoRequest extends ErrorReportValve {
    @Override
    protected void report(Request r, Response a, Throwable why) {
      if (a.getStatus() < 400 || a.getContentWritten() > 0 || !a.setErrorReported()) {
        return;
      }
      try {
        Answer.write(a.getResponse(), a.getStatus(), Refused.because("unreadable"));
        a.finishResponse();
      } catch (IOException e) {
        // Nobody is there to read it.
      }
    }
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
