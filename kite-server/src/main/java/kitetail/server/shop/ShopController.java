package kitetail.server.shop;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.ZoneId;
import kitetail.server.error.FieldException;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the shop is called, and its clock. */
@RestController
@RequestMapping("/api/shop")
class ShopController {
  private final ShopRepository shops;

  ShopController(ShopRepository shops) {
    this.shops = shops;
  }

  /**
   * @param zone as Europe/Amsterdam
   */
  record Shop(@NotBlank @Size(max = 120) String name, @NotNull String zone) {}

  @GetMapping
  Shop shop(@AuthenticationPrincipal Person me) {
    ShopRepository.Named n = shops.named(me.shopId());
    return new Shop(n.name(), n.zone());
  }

  /** Appointments stay at their moment; by another clock they stand at another time of day. */
  @Needs(Right.SHOP)
  @PutMapping
  Shop call(@AuthenticationPrincipal Person me, @Valid @RequestBody Shop s) {
    zone(s.zone());
    shops.call(me.shopId(), s.name().strip(), s.zone());
    return shop(me);
  }

  /**
   * @throws FieldException when there is no such zone
   */
  static void zone(String zone) {
    try {
      ZoneId.of(zone);
    } catch (DateTimeException e) {
      throw new FieldException("$.zone", zone, "allowed a time zone as Europe/Amsterdam");
    }
  }
}
