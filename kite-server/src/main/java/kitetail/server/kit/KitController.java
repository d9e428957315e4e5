package kitetail.server.kit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kitetail.kit.Care;
import kitetail.kit.Tool;
import kitetail.kit.ToolsOf;
import kitetail.server.answer.Added;
import kitetail.server.client.ClientRepository;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tools, what they need before the next client, and what was done to them. */
@RestController
@RequestMapping("/api/kit")
class KitController {
  private final KitRepository kit;
  private final ClientRepository clients;
  private final PlanRepository plans;
  private final Clock clock;

  KitController(KitRepository kit, ClientRepository clients, PlanRepository plans, Clock clock) {
    this.kit = kit;
    this.clients = clients;
    this.plans = plans;
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
      @NotNull(message = "must be given") Tool kind,
      @NotBlank(message = "must be given") @Size(max = 80, message = "allowed 1 to 80 characters")
          String name,
      @DecimalMin(value = "0.1", message = "allowed 0.1 to 250 mm")
          @DecimalMax(value = "250", message = "allowed 0.1 to 250 mm")
          @Nullable Double measuredMm,
      @Size(max = 200, message = "allowed 0 to 200 characters") @Nullable String note,
      @Nullable Boolean retired) {}

  record DidTo(
      @NotNull(message = "must be given") UUID token,
      @NotNull(message = "must be given") Care.Act act,
      @Nullable Long clientId) {}

  /**
   * @param clientId who is next; left out, everybody is
   * @param planId of the plan to be cut; left out, every tool is asked for
   */
  @GetMapping
  Kit all(
      @AuthenticationPrincipal Person me,
      @RequestParam(required = false) Long clientId,
      @RequestParam(required = false) Long planId) {
    Set<Tool> asked =
        planId == null
            ? EnumSet.allOf(Tool.class)
            : ToolsOf.plan(plans.get(me.shopId(), planId).plan());
    OffsetDateTime now = OffsetDateTime.now(clock);
    ZoneId zone = ZoneId.of(clients.zone(me.shopId()));
    Map<Long, List<Care.Done>> log =
        kit.log(me.shopId(), now).stream()
            .collect(
                Collectors.groupingBy(
                    KitRepository.Event::kitId,
                    Collectors.mapping(
                        e -> new Care.Done(e.kind(), e.at().toInstant(), e.clientId()),
                        Collectors.toList())));
    return new Kit(
        kit.ofShop(me.shopId()).stream()
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
                        Care.due(
                                t.kind(),
                                log.getOrDefault(t.id(), List.of()),
                                now.toInstant(),
                                clientId,
                                zone)
                            .stream()
                            .map(
                                n ->
                                    new NeedRow(
                                        n.act(),
                                        n.blocks(),
                                        n.readyAt() == null
                                            ? null
                                            : n.readyAt().atZone(zone).toOffsetDateTime()))
                            .toList()))
            .toList());
  }

  @Needs(Right.CARE)
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @Valid @RequestBody NewTool t) {
    return new Added(
        kit.add(
            me.shopId(),
            t.kind(),
            t.name().strip(),
            t.measuredMm(),
            t.note() == null ? "" : t.note(),
            OffsetDateTime.now(clock)));
  }

  @Needs(Right.CARE)
  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void set(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody NewTool t) {
    kit.set(
        me.shopId(),
        id,
        t.name().strip(),
        t.measuredMm(),
        t.note() == null ? "" : t.note(),
        Boolean.TRUE.equals(t.retired()));
  }

  @Needs(Right.CARE)
  @PostMapping("/{id}/events")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void did(@AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody DidTo d) {
    if (d.clientId() != null) {
      clients.get(me.shopId(), d.clientId());
    }
    kit.did(
        me.shopId(),
        id,
        d.act(),
        d.token(),
        me.id(),
        d.act() == Care.Act.USED ? d.clientId() : null,
        OffsetDateTime.now(clock));
  }
}
