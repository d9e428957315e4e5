package kitetail.server.family;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.json.Families;
import kitetail.formats.words.Refused;
import kitetail.plan.Plan;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.server.head.Heads;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Shape families: listed, read as documents, saved and taken back by the shop. */
@RestController
@RequestMapping("/api/families")
class FamilyController {
  private final FamilyBook book;
  private final FamilyRepository own;
  private final Heads heads;
  private final Clock clock;

  FamilyController(FamilyBook book, FamilyRepository own, Heads heads, Clock clock) {
    this.book = book;
    this.own = own;
    this.heads = heads;
    this.clock = clock;
  }

  record FamilyRow(String id, String title, String about, String mark, int moves, boolean own) {}

  @GetMapping
  List<FamilyRow> all(@AuthenticationPrincipal Person me) {
    return book.all(me.shopId()).stream()
        .map(
            p ->
                new FamilyRow(
                    p.family().id(),
                    p.title(),
                    p.family().about(),
                    p.family().mark(),
                    p.moves().size(),
                    !Families.all().containsKey(p.family().id())))
        .toList();
  }

  @GetMapping("/{id}")
  Plan one(@AuthenticationPrincipal Person me, @PathVariable String id) {
    return book.get(me.shopId(), id);
  }

  /** Saves the shop's own. What ships cannot be written over: it is saved under another id. */
  @Needs(Right.SHOP)
  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void save(@AuthenticationPrincipal Person me, @PathVariable String id, @RequestBody Plan plan) {
    if (plan.family() == null || !plan.family().id().equals(id)) {
      throw new FieldException(
          "$.family.id",
          plan.family() == null ? "nothing" : plan.family().id(),
          "it must be " + id);
    }
    if (Families.all().containsKey(id)) {
      throw new FieldException("$.family.id", id, "this one ships; save it under another id");
    }
    heads.check(plan);
    own.save(me.shopId(), plan, OffsetDateTime.now(clock));
  }

  @Needs(Right.SHOP)
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@AuthenticationPrincipal Person me, @PathVariable String id) {
    if (!own.delete(me.shopId(), id)) {
      throw new NotFoundException(Refused.because("no-own-family", "id", id));
    }
  }
}
