package kitetail.server.diary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import kitetail.server.error.FieldException;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the shop offers. */
@RestController
@RequestMapping("/api/shop/services")
class ServiceController {
  private final ServiceRepository services;

  ServiceController(ServiceRepository services) {
    this.services = services;
  }

  /**
   * @param id left out for one that is new
   * @param priceCents in the smallest coin; left out where none is kept
   */
  record ServiceRow(
      @Nullable Long id,
      @NotBlank @Size(max = 60) String name,
      @NotNull @Min(5) @Max(480) Integer minutes,
      @Min(0) @Max(100_000_000) @Nullable Long priceCents) {}

  record Services(@NotNull @Size(max = 40) List<@Valid ServiceRow> services) {}

  /** The shortest first. */
  @GetMapping
  Services all(@AuthenticationPrincipal Person me) {
    return new Services(
        services.of(me.shopId()).stream()
            .map(s -> new ServiceRow(s.id(), s.name(), s.minutes(), s.priceCents()))
            .toList());
  }

  @Needs(Right.SHOP)
  @PutMapping
  Services set(@AuthenticationPrincipal Person me, @Valid @RequestBody Services all) {
    Set<String> names = new HashSet<>();
    for (ServiceRow r : all.services()) {
      if (!names.add(r.name().strip().toLowerCase(Locale.ROOT))) {
        throw new FieldException(
            "$.services", r.name().strip(), "allowed each name once in what is offered");
      }
    }
    services.set(
        me.shopId(),
        all.services().stream()
            .map(
                r ->
                    new ServiceRepository.Service(
                        r.id(), r.name().strip(), r.minutes(), r.priceCents()))
            .toList());
    return all(me);
  }
}
