package kitetail.server.security;

import jakarta.servlet.DispatcherType;
import java.util.function.Supplier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.CacheControlHeadersWriter;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

/**
 * Everything under /api needs a session, but signing in and the client's own screen, which has a
 * key; the page itself and the plan schema do not.
 */
@Configuration
class SecurityConfig {
  private static final String CONTENT =
      "default-src 'self'; img-src 'self' blob: data:; style-src 'self' 'unsafe-inline'; worker-src 'self' blob:;"
          + " object-src 'none'; frame-ancestors 'none'; base-uri 'self'";

  @Bean
  SecurityFilterChain chain(HttpSecurity http, PersonRepository people) {
    return http.authorizeHttpRequests(
            a ->
                a.dispatcherTypeMatchers(DispatcherType.ERROR)
                    .permitAll()
                    .requestMatchers("/error")
                    .denyAll()
                    .requestMatchers(
                        "/api/session/password", "/api/session/again", "/api/session/second/**")
                    .authenticated()
                    .requestMatchers(
                        "/api/schema/**", "/api/session/**", "/api/look", "/api/look/**")
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .requestMatchers("/actuator/health/**")
                    .permitAll()
                    .requestMatchers("/actuator/**")
                    .access(SecurityConfig::signedInOrHere)
                    .anyRequest()
                    .permitAll())
        .addFilterAfter(new StillHere(people), SecurityContextHolderFilter.class)
        // The stand-ins are outside devices: they know nothing of the page's sessions.
        .csrf(c -> c.spa().ignoringRequestMatchers("/standin/**"))
        .requestCache(c -> c.disable())
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .logout(l -> l.disable())
        .headers(
            h ->
                h.cacheControl(c -> c.disable())
                    .addHeaderWriter(
                        new DelegatingRequestMatcherHeaderWriter(
                            r -> r.getRequestURI().startsWith("/api/"),
                            new CacheControlHeadersWriter()))
                    .referrerPolicy(
                        p -> p.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN))
                    .contentSecurityPolicy(p -> p.policyDirectives(CONTENT)))
        .exceptionHandling(
            e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
        .build();
  }

  /** A collector on the machine itself has no session; through a proxy the address is another. */
  private static AuthorizationDecision signedInOrHere(
      Supplier<? extends Authentication> who, RequestAuthorizationContext at) {
    return new AuthorizationDecision(
        who.get() != null && who.get().getPrincipal() instanceof Person
            || Loopback.is(at.getRequest()));
  }

  @Bean
  PasswordEncoder passwordEncoder() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  @Bean
  AuthenticationManager authenticationManager(PersonRepository people, PasswordEncoder encoder) {
    DaoAuthenticationProvider p = new DaoAuthenticationProvider(people);
    p.setPasswordEncoder(encoder);
    return new ProviderManager(p);
  }

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }
}
