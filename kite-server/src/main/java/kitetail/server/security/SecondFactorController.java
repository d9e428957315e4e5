package kitetail.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import kitetail.server.error.FieldException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own digits beside the password: set up and taken off. */
@RestController
@RequestMapping("/api/session/second")
class SecondFactorController {
  private static final String OFFERED = "kitetail.second";

  private final SecondFactor second;
  private final PasswordAgain again;

  SecondFactorController(SecondFactor second, PasswordAgain again) {
    this.second = second;
    this.again = again;
  }

  record Second(boolean on) {}

  record SecondAsked(@NotBlank String password) {}

  /**
   * @param secret to be typed into an authenticator
   * @param uri the same, for its camera
   */
  record SecondOffer(String secret, String uri) {}

  record SecondDigits(@NotBlank String code) {}

  /**
   * @param codes each instead of the digits, once, when the device is lost; told this one time
   */
  record SecondCodes(List<String> codes) {}

  @GetMapping
  Second is(@AuthenticationPrincipal Person me) {
    return new Second(second.isOn(me.id()));
  }

  /** A secret, which counts once its digits were given. */
  @PostMapping
  SecondOffer offer(
      @AuthenticationPrincipal Person me,
      @Valid @RequestBody SecondAsked p,
      HttpServletRequest request) {
    again.check(me, p.password(), request.getRemoteAddr());
    String secret = OneTimeCode.newSecret();
    request.getSession().setAttribute(OFFERED, secret);
    return new SecondOffer(secret, OneTimeCode.uri(secret, "Kite Tail", me.signIn()));
  }

  @PutMapping
  SecondCodes begin(
      @AuthenticationPrincipal Person me,
      @Valid @RequestBody SecondDigits d,
      HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session == null || !(session.getAttribute(OFFERED) instanceof String secret)) {
      throw new FieldException("$.code", d.code(), "allowed after a secret was asked for");
    }
    List<String> codes = second.begin(me.id(), secret, d.code());
    session.removeAttribute(OFFERED);
    return new SecondCodes(codes);
  }

  /** Taken off again, with the password. */
  @PostMapping("/off")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void off(
      @AuthenticationPrincipal Person me,
      @Valid @RequestBody SecondAsked p,
      HttpServletRequest request) {
    again.check(me, p.password(), request.getRemoteAddr());
    second.off(me.id());
  }
}
