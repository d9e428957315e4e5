package kitetail.server.queue;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import kitetail.server.answer.EngineWork;
import kitetail.server.answer.Guests;
import kitetail.server.error.BusyException;
import kitetail.server.security.Person;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Has requests for {@link EngineWork} wait for their turn before their bodies are read; all others
 * go by. Who is neither signed in nor a guest is refused without a turn.
 */
@Configuration
class Admission implements WebMvcConfigurer {
  private static final String TURN = Admission.class.getName();

  /** A piece of work is spread over all processors by itself; a few more keep them busy between. */
  private static final int AT_ONCE = 8;

  private static final int WAITING = 64;
  private static final int OF_ONE = 24;
  private static final Duration LONGEST = Duration.ofSeconds(30);

  private final FairQueue queue =
      new FairQueue(new FairQueue.Limits(AT_ONCE, WAITING, OF_ONE, LONGEST));

  private final Counter putOff;

  private final Guests guests;

  Admission(MeterRegistry meters, Guests guests) {
    this.guests = guests;
    putOff = Counter.builder("kitetail.engine.put.off").register(meters);
    Gauge.builder("kitetail.engine.waiting", queue, FairQueue::waiting).register(meters);
    Gauge.builder("kitetail.engine.running", queue, FairQueue::running).register(meters);
  }

  @Override
  public void addInterceptors(InterceptorRegistry all) {
    all.addInterceptor(new Turn()).addPathPatterns("/api/**");
  }

  private final class Turn implements AsyncHandlerInterceptor {
    @Override
    public boolean preHandle(HttpServletRequest r, HttpServletResponse a, Object handler) {
      if (r.getDispatcherType() == DispatcherType.REQUEST && isEngineWork(handler)) {
        r.setAttribute(TURN, turn(asker(r)));
      }
      return true;
    }

    @Override
    public void afterCompletion(
        HttpServletRequest r, HttpServletResponse a, Object handler, Exception e) {
      over(r);
    }

    /** The work goes on after the request's thread has left it. */
    @Override
    public void afterConcurrentHandlingStarted(
        HttpServletRequest r, HttpServletResponse a, Object handler) {
      Object turn = r.getAttribute(TURN);
      if (turn != null) {
        r.getAsyncContext().addListener(new Over((Runnable) turn));
      }
    }
  }

  private static void over(HttpServletRequest r) {
    if (r.getAttribute(TURN) instanceof Runnable turn) {
      turn.run();
    }
  }

  /** However it ends: done, failed, too late, or nobody there to read it. */
  private record Over(Runnable turn) implements AsyncListener {
    @Override
    public void onComplete(AsyncEvent e) {
      turn.run();
    }

    @Override
    public void onTimeout(AsyncEvent e) {
      turn.run();
    }

    @Override
    public void onError(AsyncEvent e) {
      turn.run();
    }

    @Override
    public void onStartAsync(AsyncEvent e) {
      e.getAsyncContext().addListener(this);
    }
  }

  private Runnable turn(FairQueue.Asker asker) {
    try {
      return queue.enter(asker);
    } catch (BusyException e) {
      putOff.increment();
      throw e;
    }
  }

  private static boolean isEngineWork(Object handler) {
    return handler instanceof HandlerMethod m
        && (m.hasMethodAnnotation(EngineWork.class)
            || m.getBeanType().isAnnotationPresent(EngineWork.class));
  }

  /** A guest is told from the shop's people by a number below nothing. */
  private FairQueue.Asker asker(HttpServletRequest r) {
    Authentication a = SecurityContextHolder.getContext().getAuthentication();
    if (a != null && a.getPrincipal() instanceof Person p) {
      return new FairQueue.Asker(p.shopId(), p.id());
    }
    Guests.Guest g = guests.guest(r);
    return new FairQueue.Asker(g.shop(), -g.of());
  }
}
