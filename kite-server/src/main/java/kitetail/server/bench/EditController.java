package kitetail.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.stream.Stream;
import kitetail.check.Check;
import kitetail.edit.MoveEdit;
import kitetail.edit.RefusedException;
import kitetail.edit.SectionEdit;
import kitetail.fit.Shaping;
import kitetail.fit.Thinned;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.geom.Vec3;
import kitetail.growth.Worn;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Finding;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.remedy.Remedies;
import kitetail.section.EdgeDrag;
import kitetail.server.advice.Advice;
import kitetail.server.answer.EngineWork;
import kitetail.server.error.FieldException;
import kitetail.server.fall.Falls;
import kitetail.server.head.Heads;
import kitetail.server.security.Person;
import kitetail.server.warm.Warms;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Changes to a whole plan document: what comes back is the document changed, and what was done. */
@RestController
@RequestMapping("/api/edit")
@Order(5)
@EngineWork
class EditController implements Warms {
  private static final int WARM = 3;

  private final Heads heads;
  private final Falls falls;
  private final Advice advice;

  EditController(Heads heads, Falls falls, Advice advice) {
    this.heads = heads;
    this.falls = falls;
    this.advice = advice;
  }

  @Override
  public void warm() {
    EditWords said = new EditWords(new Words(Units.CM));
    Families.all().values().stream().limit(WARM).forEach(p -> remedies(p, said));
  }

  record Edited(Plan document, String words) {}

  /**
   * {@code keptMm}: where on the walk the length is to stay; left out for a plain length. {@code
   * both}: the same on the other side.
   */
  record LengthAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") Walk.Kind walk,
      double atMm,
      double lengthMm,
      @Nullable Double keptMm,
      @Nullable Boolean both) {}

  /**
   * An edge taken hold of at one place of the scalp map and let go at another; or, with {@code
   * value}, an end of a range set to a number.
   */
  record EdgeAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") String section,
      int limit,
      boolean upper,
      double fromX,
      double fromY,
      double x,
      double y,
      @Nullable Double value) {}

  /** {@code what}: splitLevel, splitUpright, join (with {@code other}), mirror. */
  record SectionAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") String what,
      @NotNull(message = "must be given") String section,
      @Nullable String other) {}

  /**
   * {@code what}: remove, reorder (to {@code at}), otherSide of {@code move}; or a kind of tool to
   * add on {@code section} before the move that is {@code at}, or an outline along the hairline.
   */
  record MoveAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") String what,
      @Nullable String move,
      @Nullable String section,
      int at) {}

  /**
   * A texturising move to be dosed.
   *
   * @param gramsPerDm2 left out for the weight of what grows beside it
   */
  record WeightAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") String move,
      @Nullable Double gramsPerDm2) {}

  /** What would answer a finding. */
  record RemedyRow(String rule, @Nullable String move, Place place, Plan document, String words) {}

  /** What {@code other} has otherwise than {@code document}. */
  record DifferencesAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") Plan other) {}

  private static EditWords words(Person me) {
    return new EditWords(new Words(me.reads()));
  }

  @PostMapping("/length")
  Edited length(@AuthenticationPrincipal Person me, @Valid @RequestBody LengthAsked a) {
    Plan plan = a.document();
    FieldException.within("$.lengthMm", a.lengthMm(), 0, 1500);
    Walk walk = heads.of(plan).bench().scalp().walk(a.walk());
    Shaping s = shaped(plan, walk, a.atMm(), a.keptMm(), a.lengthMm());
    String said = words(me).shaped(s, plan);
    if (Boolean.TRUE.equals(a.both()) && walk.kind() != Walk.Kind.CENTRE) {
      double other = walk.lengthMm() - a.atMm();
      Double kept = a.keptMm() == null ? null : walk.lengthMm() - a.keptMm();
      Shaping there = shaped(s.plan(), walk, other, kept, a.lengthMm());
      if (!there.changes().isEmpty()) {
        said += " " + words(me).shaped(there, s.plan());
      }
      s = there;
    }
    return new Edited(s.plan(), said);
  }

  private Shaping shaped(Plan plan, Walk walk, double atMm, Double keptMm, double lengthMm) {
    List<Vec3> points = new ArrayList<>(List.of(on(walk, atMm)));
    if (keptMm != null) {
      points.add(on(walk, keptMm));
    }
    Workbench bench = new Workbench(Scalp.ofPoints(heads.fitted(plan.head()), points));
    return keptMm == null
        ? Shaping.length(plan, bench, 0, lengthMm)
        : Shaping.slope(plan, bench, 1, 0, lengthMm);
  }

  private static Vec3 on(Walk walk, double atMm) {
    if (!(atMm >= 0 && atMm <= walk.lengthMm() + 1)) {
      throw new FieldException(
          "$.atMm",
          String.valueOf(atMm),
          String.format(Locale.ROOT, "allowed 0 to %.0f", walk.lengthMm()));
    }
    int best = 0;
    for (int i = 1; i < walk.size(); i++) {
      best =
          Math.abs(walk.distanceMm()[i] - atMm) < Math.abs(walk.distanceMm()[best] - atMm)
              ? i
              : best;
    }
    return walk.pointsMm().get(best);
  }

  @PostMapping("/edge")
  Edited edge(@AuthenticationPrincipal Person me, @Valid @RequestBody EdgeAsked a) {
    Plan plan = a.document();
    Head head = heads.fitted(plan.head());
    EdgeDrag d =
        asked(
            "$.section",
            a.section(),
            () ->
                a.value() != null
                    ? EdgeDrag.set(
                        head, plan.sections(), a.section(), a.limit(), a.upper(), a.value())
                    : EdgeDrag.to(
                        head,
                        plan.sections(),
                        a.section(),
                        a.limit(),
                        a.upper(),
                        a.fromX(),
                        a.fromY(),
                        a.x(),
                        a.y()));
    Plan next = plan.with(d.sections(), plan.moves());
    return new Edited(next, words(me).dragged(d, next, a.section(), a.limit(), a.upper()));
  }

  @PostMapping("/section")
  Edited section(@Valid @RequestBody SectionAsked a) {
    Plan plan = a.document();
    Head head = heads.fitted(plan.head());
    Workbench few = advice.few(plan.head());
    Plan next =
        asked(
            "$.section",
            a.section(),
            () ->
                switch (a.what()) {
                  case "splitLevel" ->
                      SectionEdit.split(plan, few, a.section(), SectionEdit.Way.LEVEL);
                  case "splitUpright" ->
                      SectionEdit.split(plan, few, a.section(), SectionEdit.Way.UPRIGHT);
                  case "join" -> SectionEdit.join(plan, head, a.section(), a.other());
                  case "mirror" -> SectionEdit.mirror(plan, a.section());
                  default ->
                      throw new FieldException(
                          "$.what", a.what(), "allowed splitLevel, splitUpright, join, mirror");
                });
    return new Edited(next, "");
  }

  @PostMapping("/move")
  Edited move(@AuthenticationPrincipal Person me, @Valid @RequestBody MoveAsked a) {
    Plan plan = a.document();
    try {
      Plan next = asked("$.move", String.valueOf(a.move()), () -> moved(plan, a));
      return new Edited(next, "");
    } catch (RefusedException e) {
      throw new FieldException("$.at", String.valueOf(a.at() + 1), words(me).refused(e, plan));
    }
  }

  private Plan moved(Plan plan, MoveAsked a) {
    return switch (a.what()) {
      case "remove" -> MoveEdit.remove(plan, a.move());
      case "reorder" -> MoveEdit.reorder(plan, a.move(), a.at());
      case "otherSide" -> MoveEdit.otherSide(plan, a.move());
      default -> added(plan, a);
    };
  }

  private Plan added(Plan plan, MoveAsked a) {
    MoveEdit.Line line = named(MoveEdit.Line.values(), a.what());
    if (line != null) {
      return MoveEdit.outline(plan, line, a.at());
    }
    MoveEdit.Kind kind = named(MoveEdit.Kind.values(), a.what());
    if (kind == null) {
      throw new FieldException(
          "$.what",
          a.what(),
          "allowed remove, reorder, otherSide, "
              + Stream.of(MoveEdit.Kind.values(), MoveEdit.Line.values())
                  .flatMap(Arrays::stream)
                  .map(PlanJson::name)
                  .toList());
    }
    return MoveEdit.add(plan, advice.few(plan.head()), kind, a.section(), a.at());
  }

  private static <E extends Enum<E>> E named(E[] all, String name) {
    return Arrays.stream(all).filter(k -> PlanJson.name(k).equals(name)).findFirst().orElse(null);
  }

  private static <T> T asked(String path, String value, Supplier<T> work) {
    try {
      return work.get();
    } catch (IllegalArgumentException e) {
      throw new FieldException(path, value, e.getMessage());
    }
  }

  /** A move's passes and share set so that a wished weight is left. */
  @PostMapping("/weight")
  Edited weight(@AuthenticationPrincipal Person me, @Valid @RequestBody WeightAsked a) {
    Plan plan = a.document();
    double wished =
        a.gramsPerDm2() == null
            ? Double.NaN
            : FieldException.within("$.gramsPerDm2", a.gramsPerDm2(), 0.1, 500);
    Thinned t =
        asked(
            "$.move", a.move(), () -> Thinned.of(plan, advice.few(plan.head()), a.move(), wished));
    return new Edited(t.plan(), words(me).thinned(t));
  }

  /** For every finding that one change answers, the plan with it. */
  @PostMapping("/remedies")
  List<RemedyRow> remedies(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return remedies(plan, words(me));
  }

  private List<RemedyRow> remedies(Plan plan, EditWords said) {
    Worn w = falls.of(plan, 0, true);
    Remedies remedies = new Remedies(plan, advice.few(plan.head()));
    List<RemedyRow> out = new ArrayList<>();
    for (Finding f : Check.of(plan, w.outcome(), w.look())) {
      Plan next = f.meant() == null ? remedies.of(f) : null;
      if (next != null) {
        List<String> words = said.differences(plan, next);
        out.add(new RemedyRow(f.rule(), f.move(), f.place(), next, EditWords.line(words)));
      }
    }
    return out;
  }

  @PostMapping("/differences")
  List<String> differences(
      @AuthenticationPrincipal Person me, @Valid @RequestBody DifferencesAsked a) {
    return words(me).differences(a.document(), a.other());
  }
}
