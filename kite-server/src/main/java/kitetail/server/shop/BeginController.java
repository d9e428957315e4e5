package kitetail.server.shop;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import kitetail.server.people.NewPerson;
import kitetail.server.security.Passwords;
import kitetail.server.security.Role;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The first step of a shop: begun on an empty database. */
@RestController
class BeginController {
  private final ShopRepository shops;
  private final PasswordEncoder encoder;

  BeginController(ShopRepository shops, PasswordEncoder encoder) {
    this.shops = shops;
    this.encoder = encoder;
  }

  /** Whether a shop has begun on this database. */
  record Begun(boolean begun) {}

  /**
   * @param zone as Europe/Amsterdam
   */
  record NewShop(
      @NotBlank @Size(max = 120) String name,
      @NotNull String zone,
      @NotNull @Valid NewPerson owner) {}

  @GetMapping("/api/session/shop")
  Begun begun() {
    return new Begun(shops.begun());
  }

  @PostMapping("/api/session/shop")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void begin(@Valid @RequestBody NewShop s) {
    ShopController.zone(s.zone());
    NewPerson o = s.owner();
    Passwords.check("$.owner.password", o.password(), o.signIn(), o.name());
    shops.begin(s.name().strip(), s.zone(), o.with(Role.OWNER, encoder));
  }
}
