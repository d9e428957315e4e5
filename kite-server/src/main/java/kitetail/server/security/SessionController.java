package kitetail.server.security;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import kitetail.formats.words.Refused;
import kitetail.formats.words.Units;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
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
import org.springframework.security.crypto.password.PasswordEncoder;
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
  private final PasswordAgain again;
  private final PersonRepository people;
  private final PasswordEncoder encoder;
  private final SecondFactor second;
  private final ApplicationEventPublisher events;

  SessionController(
      AuthenticationManager manager,
      SecurityContextRepository contexts,
      SignInTries tries,
      PasswordAgain again,
      PersonRepository people,
      PasswordEncoder encoder,
      SecondFactor second,
      ApplicationEventPublisher events) {
    this.second = second;
    this.events = events;
    this.manager = manager;
    this.contexts = contexts;
    this.tries = tries;
    this.again = again;
    this.people = people;
    this.encoder = encoder;
  }

  /**
   * @param code the digits beside the password, of who has set them up
   */
  record SignIn(@NotBlank String signIn, @NotBlank String password, @Nullable String code) {}

  /**
   * @param signIn the name to sign in with
   * @param leftHanded whether they cut with the left hand
   * @param rights what the role allows
   * @param zone in which the shop tells times
   */
  record PersonView(
      long id,
      String name,
      String signIn,
      Role role,
      Units units,
      boolean leftHanded,
      List<Right> rights,
      String zone) {
    static PersonView of(Person p, String zone) {
      return new PersonView(
          p.id(),
          p.name(),
          p.signIn(),
          p.is(),
          p.reads(),
          p.leftHanded(),
          p.is().rights().stream().sorted().toList(),
          zone);
    }
  }

  record Password(@NotBlank String password) {}

  record OwnPassword(
      @NotBlank String current, @NotNull @Size(min = 10, max = 200) String password) {}

  /** Who is signed in; 204 when nobody is. */
  @GetMapping
  ResponseEntity<PersonView> me(@AuthenticationPrincipal Person person) {
    return person == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(view(person));
  }

  @PostMapping
  PersonView signIn(
      @Valid @RequestBody SignIn s, HttpServletRequest request, HttpServletResponse response) {
    tries.check(s.signIn(), request.getRemoteAddr());
    Authentication a = authenticated(s, request.getRemoteAddr());
    secondToo((Person) a.getPrincipal(), s, request.getRemoteAddr());
    tries.succeeded(s.signIn());
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    PersonView me = begun(a, request, response);
    events.publishEvent(new SignedIn((Person) a.getPrincipal(), request));
    return me;
  }

  private void secondToo(Person p, SignIn s, String address) {
    if (!second.isOn(p.id())) {
      return;
    }
    if (s.code() == null || s.code().isBlank()) {
      throw new SecondNeeded();
    }
    if (!second.takes(p.id(), s.code())) {
      tries.failed(s.signIn(), address);
      throw new SecondNeeded();
    }
  }

  private PersonView begun(
      Authentication a, HttpServletRequest request, HttpServletResponse response) {
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(a);
    contexts.saveContext(context, request, response);
    return view((Person) a.getPrincipal());
  }

  private PersonView view(Person p) {
    return PersonView.of(p, people.zone(p.shopId()));
  }

  /** The password once more, for what is taken out of the shop in the next two minutes. */
  @PostMapping("/again")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void again(
      @AuthenticationPrincipal Person me,
      @Valid @RequestBody Password p,
      HttpServletRequest request) {
    again.check(me, p.password(), request.getRemoteAddr());
    again.unlock(request.getSession());
  }

  /** One's own password anew; sessions elsewhere end, this one goes on. */
  @PostMapping("/password")
  PersonView password(
      @AuthenticationPrincipal Person me,
      @Valid @RequestBody OwnPassword p,
      HttpServletRequest request,
      HttpServletResponse response) {
    again.check(me, p.current(), request.getRemoteAddr());
    Passwords.check("$.password", p.password(), me.signIn(), me.name());
    people.password(me.id(), encoder.encode(p.password()));
    request.changeSessionId();
    return begun(
        manager.authenticate(
            UsernamePasswordAuthenticationToken.unauthenticated(me.signIn(), p.password())),
        request,
        response);
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
  void token(@Parameter(hidden = true) CsrfToken token) {
    token.getToken();
  }

  @ExceptionHandler
  ProblemDetail refused(AuthenticationException e) {
    if (e instanceof SecondNeeded) {
      ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.UNAUTHORIZED, e.getMessage());
      p.setProperty("codeNeeded", true);
      return p;
    }
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.UNAUTHORIZED, Refused.because("wrong-password"));
  }
}
