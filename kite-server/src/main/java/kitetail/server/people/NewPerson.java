package kitetail.server.people;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import kitetail.formats.words.Units;
import kitetail.server.security.Role;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Somebody who is to sign in.
 *
 * @param role a stylist where nothing is said
 * @param units in which lengths are told; centimetres where nothing is said
 */
public record NewPerson(
    @NotBlank @Size(max = 120) String name,
    @NotNull @Pattern(regexp = "[a-z0-9][a-z0-9._-]{1,39}", message = "sign-in-name") String signIn,
    @NotNull @Size(min = 10, max = 200) String password,
    @Nullable Units units,
    @Nullable Role role) {
  public PeopleRepository.New with(Role as, PasswordEncoder encoder) {
    return new PeopleRepository.New(
        name.strip(), signIn, encoder.encode(password), as, units == null ? Units.CM : units);
  }
}
