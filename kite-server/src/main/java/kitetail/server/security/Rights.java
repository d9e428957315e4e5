package kitetail.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import kitetail.formats.words.Refused;
import kitetail.server.answer.EngineWork;
import kitetail.server.error.NotAllowedException;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Refuses what somebody's role does not allow, before anything of it is read or done. */
@Configuration
class Rights implements WebMvcConfigurer, HandlerInterceptor {
  private static final Set<String> LOOKS = Set.of("GET", "HEAD", "OPTIONS");

  @Override
  public void addInterceptors(InterceptorRegistry all) {
    all.addInterceptor(this).addPathPatterns("/api/**").excludePathPatterns("/api/session/**");
  }

  @Override
  public boolean preHandle(HttpServletRequest r, HttpServletResponse a, Object handler) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (handler instanceof HandlerMethod m
        && who != null
        && who.getPrincipal() instanceof Person p) {
      Right needed = needed(m, r.getMethod());
      if (!p.may(needed)) {
        throw new NotAllowedException(
            Refused.because("not-this-role", "role", p.role().toLowerCase(java.util.Locale.ROOT)));
      }
    }
    return true;
  }

  private static Right needed(HandlerMethod m, String method) {
    Needs said = AnnotatedElementUtils.findMergedAnnotation(m.getMethod(), Needs.class);
    if (said == null) {
      said = AnnotatedElementUtils.findMergedAnnotation(m.getBeanType(), Needs.class);
    }
    if (said != null) {
      return said.value();
    }
    boolean asks =
        m.hasMethodAnnotation(EngineWork.class)
            || m.getBeanType().isAnnotationPresent(EngineWork.class);
    return LOOKS.contains(method) || asks ? Right.SEE : Right.CUT;
  }
}
