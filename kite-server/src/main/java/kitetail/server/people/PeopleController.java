package kitetail.server.people;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import kitetail.formats.words.Refused;
import kitetail.server.error.NotAllowedException;
import kitetail.server.security.Needs;
import kitetail.server.security.Passwords;
import kitetail.server.security.Person;
import kitetail.server.security.PersonRepository;
import kitetail.server.security.Right;
import kitetail.server.security.Role;
import kitetail.server.security.SecondFactor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of a shop, for who minds them. */
@RestController
@RequestMapping("/api/people")
@Needs(Right.PEOPLE)
class PeopleController {
  private final PeopleRepository people;
  private final PersonRepository persons;
  private final PasswordEncoder encoder;
  private final SecondFactor second;
  private final Clock clock;

  PeopleController(
      PeopleRepository people,
      PersonRepository persons,
      PasswordEncoder encoder,
      SecondFactor second,
      Clock clock) {
    this.second = second;
    this.people = people;
    this.persons = persons;
    this.encoder = encoder;
    this.clock = clock;
  }

  /**
   * @param chair where their chair stands in the diary, from the left; missing where they have none
   * @param mine whether who asks may change them
   * @param me whether it is who asks
   */
  record PersonRow(
      long id,
      String name,
      String signIn,
      Role role,
      @Nullable OffsetDateTime disabledAt,
      @Nullable Integer chair,
      boolean mine,
      boolean me) {}

  /**
   * @param roles what who asks may make of somebody
   */
  record People(List<PersonRow> people, List<Role> roles) {}

  record Changed(@NotBlank @Size(max = 120) String name, @NotNull Role role, boolean disabled) {}

  /**
   * @param chair from the left; left out for who has none
   */
  record Seat(@Min(1) @Max(40) @Nullable Integer chair) {}

  record NewPassword(@NotNull @Size(min = 10, max = 200) String password) {}

  @GetMapping
  People all(@AuthenticationPrincipal Person me) {
    return new People(
        people.ofShop(me.shopId()).stream()
            .map(
                r ->
                    new PersonRow(
                        r.id(),
                        r.name(),
                        r.signIn(),
                        r.role(),
                        r.disabledAt(),
                        r.chair(),
                        me.is().minds(r.role()),
                        r.id() == me.id()))
            .toList(),
        Arrays.stream(Role.values()).filter(me.is()::minds).toList());
  }

  @PostMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@AuthenticationPrincipal Person me, @Valid @RequestBody NewPerson p) {
    Role role = p.role() == null ? Role.STYLIST : p.role();
    minds(me, role);
    Passwords.check("$.password", p.password(), p.signIn(), p.name());
    people.add(me.shopId(), p.with(role, encoder));
  }

  /** Another name or role, shut out or let in again; sessions and calendar feeds of before end. */
  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Changed c) {
    PeopleRepository.Row now = people.get(me.shopId(), id);
    minds(me, now.role());
    minds(me, c.role());
    if (!now.name().equals(c.name().strip())) {
      people.rename(me.shopId(), id, c.name().strip());
    }
    boolean disabled = now.disabledAt() != null;
    if (now.role() != c.role() || disabled != c.disabled()) {
      OffsetDateTime at = c.disabled() ? OffsetDateTime.now(clock) : null;
      people.set(me.shopId(), id, c.role(), at);
    }
  }

  /** Where their chair stands in the diary, or that they have none; what is booked stays. */
  @PutMapping("/{id}/chair")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void seat(@AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Seat s) {
    minds(me, people.get(me.shopId(), id).role());
    people.seat(me.shopId(), id, s.chair());
  }

  /**
   * A password for who has lost theirs; their sessions end, and digits beside it are asked no more:
   * they are set up anew.
   */
  @PostMapping("/{id}/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void reset(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @Valid @RequestBody NewPassword p) {
    PeopleRepository.Row now = people.get(me.shopId(), id);
    minds(me, now.role());
    Passwords.check("$.password", p.password(), now.signIn(), now.name());
    persons.password(id, encoder.encode(p.password()));
    second.off(id);
  }

  private static void minds(Person me, Role other) {
    if (!me.is().minds(other)) {
      throw new NotAllowedException(
          Refused.because("owner-alone", "role", other.name().toLowerCase(java.util.Locale.ROOT)));
    }
  }
}
