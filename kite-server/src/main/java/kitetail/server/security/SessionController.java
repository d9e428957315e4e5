package kitetail.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {
  private final AuthenticationManager manager;
  private final SecurityContextRepository contexts;
  private final SignInTries tries;

  SessionController(
      AuthenticationManager manager, SecurityContextRepository contexts, SignInTries tries) {
    this.manager = manager;
    this.contexts = contexts;
    this.tries = tries;
  }

  record SignIn(
      @NotBlank(message = "must be given") String signIn,
      @NotBlank(message = "must be given") String password) {}

  record PersonView(String name, String role, String units) {
    static PersonView of(Person p) {
      return new PersonView(p.name(), p.role(), p.units());
    }
  }

  /** Who is signed in; 204 when nobody is. */
  @GetMapping
  ResponseEntity<PersonView> me(@AuthenticationPrincipal Person person) {
    return person == null
        ? ResponseEntity.noContent().build()
        : ResponseEntity.ok(PersonView.of(person));
  }

  @PostMapping
  PersonView signIn(
      @Valid @RequestBody SignIn s, HttpServletRequest request, HttpServletResponse response) {
    tries.check(s.signIn(), request.getRemoteAddr());
    Authentication a = authenticated(s, request.getRemoteAddr());
    tries.succeeded(s.signIn());
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(a);
    contexts.saveContext(context, request, response);
    return PersonView.of((Person) a.getPrincipal());
  }

  private Authentication authenticated(SignIn s, String address) {
    try {
      return manager.authenticate(
          UsernamePasswordAuthenticationToken.unauthenticated(s.signIn(), s.password()));
    } catch (InternalAuthenticationServiceException e) {
      // The people could not be looked up: that says nothing of the password.
      throw e.getCause() instanceof DataAccessException d ? d : e;
    } catch (AuthenticationException e) {
      tries.failed(s.signIn(), address);
      throw e;
    }
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
  }

  /** Reading it makes the token cookie be set. */
  @GetMapping("/token")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void token(CsrfToken token) {
    token.getToken();
  }

  @ExceptionHandler
  ProblemDetail refused(AuthenticationException e) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.UNAUTHORIZED, "That name and password do not go together.");
  }
}
