package kitetail.server.error;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * A session is kept as its answer begins to go out. Where that fails under a refusal, Spring takes
 * our wording for broken and goes on to its own, without a sentence; so the loss is remembered with
 * the request and thrown on, to where {@link DatabaseFaults} tells it.
 */
@Configuration
class LostWhileAnswering implements WebMvcConfigurer {
  private static final String LOST = LostWhileAnswering.class.getName();

  /** What sessions are read and written in, by the name that Spring's settings look for. */
  @Bean
  TransactionOperations springSessionTransactionOperations(PlatformTransactionManager manager) {
    TransactionTemplate own = new TransactionTemplate(manager);
    own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    return new TransactionOperations() {
      @Override
      public <T> @Nullable T execute(TransactionCallback<T> work) throws TransactionException {
        try {
          return own.execute(work);
        } catch (RuntimeException e) {
          RequestAttributes request = RequestContextHolder.getRequestAttributes();
          if (request != null && DatabaseFault.of(e).isPresent()) {
            request.setAttribute(LOST, e, RequestAttributes.SCOPE_REQUEST);
          }
          throw e;
        }
      }
    };
  }

  @Override
  public void extendHandlerExceptionResolvers(List<HandlerExceptionResolver> resolvers) {
    resolvers.add(1, LostWhileAnswering::throwOn); // after our own wording, before Spring's
  }

  private static @Nullable ModelAndView throwOn(
      HttpServletRequest r, HttpServletResponse a, @Nullable Object by, Exception e) {
    if (r.getAttribute(LOST) instanceof RuntimeException lost) {
      throw lost;
    }
    return null;
  }
}
