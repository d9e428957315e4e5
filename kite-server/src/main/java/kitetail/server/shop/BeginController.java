package kitetail.server.shop;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.ZoneId;
import kitetail.server.error.FieldException;
import kitetail.server.security.Passwords;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The first steps of a shop: begun on an empty database, then its people. */
@RestController
class BeginController {
  private final ShopRepository shops;

  BeginController(ShopRepository shops) {
    this.shops = shops;
  }

  /** Whether a shop has begun on this database. */
  record Begun(boolean begun) {}

  record NewPerson(
      @NotBlank(message = "must be given") @Size(max = 120, message = "allowed 1 to 120 characters")
          String name,
      @NotNull(message = "must be given")
          @Pattern(
              regexp = "[a-z0-9][a-z0-9._-]{1,39}",
              message = "allowed 2 to 40 small letters, digits, dots, dashes")
          String signIn,
      @NotNull(message = "must be given")
          @Size(min = 10, max = 200, message = "allowed 10 to 200 characters")
          String password,
      @Pattern(regexp = "CM|INCH", message = "allowed CM, INCH") String units) {}

  /**
   * @param zone as Europe/Amsterdam
   */
  record NewShop(
      @NotBlank(message = "must be given") @Size(max = 120, message = "allowed 1 to 120 characters")
          String name,
      @NotNull(message = "must be given") String zone,
      @NotNull(message = "must be given") @Valid NewPerson owner) {}

  @GetMapping("/api/session/shop")
  Begun begun() {
    return new Begun(shops.begun());
  }

  @PostMapping("/api/session/shop")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void begin(@Valid @RequestBody NewShop s) {
    try {
      ZoneId.of(s.zone());
    } catch (DateTimeException e) {
      throw new FieldException("$.zone", s.zone(), "allowed a time zone as Europe/Amsterdam");
    }
    NewPerson o = s.owner();
    Passwords.check("$.owner.password", o.password(), o.signIn(), o.name());
    shops.begin(
        s.name().strip(),
        s.zone(),
        new ShopRepository.New(o.name().strip(), o.signIn(), o.password(), "OWNER", units(o)));
  }

  @PostMapping("/api/people")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@AuthenticationPrincipal Person me, @Valid @RequestBody NewPerson p) {
    if (!me.isOwner()) {
      throw new FieldException(
          "$.name", "added by " + me.name(), "allowed for an owner of the shop");
    }
    Passwords.check("$.password", p.password(), p.signIn(), p.name());
    shops.add(
        me.shopId(),
        new ShopRepository.New(p.name().strip(), p.signIn(), p.password(), "STYLIST", units(p)));
  }

  private static String units(NewPerson p) {
    return p.units() == null ? "CM" : p.units();
  }
}
