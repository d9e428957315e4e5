package kitetail.server.kit;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kitetail.plan.Plan;
import kitetail.server.client.ClientRepository;
import kitetail.server.security.PersonRepository;
import kitetail.shopday.Care;
import kitetail.shopday.Tool;
import kitetail.shopday.ToolsOf;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A shop's tools with what they need before the next client. */
@Component
class KitBook {
  private final KitRepository kit;
  private final ClientRepository clients;
  private final PersonRepository people;
  private final Clock clock;

  KitBook(KitRepository kit, ClientRepository clients, PersonRepository people, Clock clock) {
    this.kit = kit;
    this.clients = clients;
    this.people = people;
    this.clock = clock;
  }

  record NeedRow(Care.Act act, boolean blocks, @Nullable OffsetDateTime readyAt) {}

  /**
   * @param asked whether the plan that was named cuts with its kind; true when none was
   * @param needs what blocks first
   */
  record ToolRow(
      long id,
      Tool kind,
      String name,
      @Nullable Double measuredMm,
      String note,
      boolean retired,
      boolean asked,
      List<NeedRow> needs) {}

  record Kit(List<ToolRow> tools) {}

  record NewTool(
      @NotNull Tool kind,
      @NotBlank @Size(max = 80) String name,
      @DecimalMin("0.1") @DecimalMax("250") @Nullable Double measuredMm,
      @Size(max = 200) @Nullable String note,
      @Nullable Boolean retired) {}

  record DidTo(@NotNull UUID token, @NotNull Care.Act act, @Nullable Long clientId) {}

  /**
   * @param clientId who is next; null for everybody
   * @param plan to be cut; null when every tool is asked for
   */
  Kit of(long shopId, @Nullable Long clientId, @Nullable Plan plan) {
    Set<Tool> asked = plan == null ? EnumSet.allOf(Tool.class) : ToolsOf.plan(plan);
    Instant now = clock.instant();
    ZoneId zone = ZoneId.of(people.zone(shopId));
    Map<Long, List<Care.Done>> log =
        kit.log(shopId, OffsetDateTime.now(clock)).stream()
            .collect(
                Collectors.groupingBy(
                    KitRepository.Event::kitId,
                    Collectors.mapping(
                        e -> new Care.Done(e.kind(), e.at().toInstant(), e.clientId()),
                        Collectors.toList())));
    return new Kit(
        kit.ofShop(shopId).stream()
            .map(
                t ->
                    new ToolRow(
                        t.id(),
                        t.kind(),
                        t.name(),
                        t.measuredMm(),
                        t.note(),
                        t.retired(),
                        asked.contains(t.kind()),
                        Care.due(t.kind(), log.getOrDefault(t.id(), List.of()), now, clientId, zone)
                            .stream()
                            .map(n -> need(n, zone))
                            .toList()))
            .toList());
  }

  private static NeedRow need(Care.Need n, ZoneId zone) {
    return new NeedRow(
        n.act(),
        n.blocks(),
        n.readyAt() == null ? null : n.readyAt().atZone(zone).toOffsetDateTime());
  }

  /**
   * @return its number
   */
  long add(long shopId, NewTool t) {
    return kit.add(
        shopId,
        t.kind(),
        t.name().strip(),
        t.measuredMm(),
        t.note() == null ? "" : t.note(),
        OffsetDateTime.now(clock));
  }

  void set(long shopId, long id, NewTool t) {
    kit.set(
        shopId,
        id,
        t.name().strip(),
        t.measuredMm(),
        t.note() == null ? "" : t.note(),
        Boolean.TRUE.equals(t.retired()));
  }

  /** What somebody did to a tool; a client is written down only where it was used on one. */
  void did(long shopId, long id, DidTo d, long personId) {
    if (d.clientId() != null) {
      clients.get(shopId, d.clientId());
    }
    kit.did(
        shopId,
        id,
        d.act(),
        d.token(),
        personId,
        d.act() == Care.Act.USED ? d.clientId() : null,
        OffsetDateTime.now(clock));
  }
}
