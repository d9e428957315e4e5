package kitetail.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import kitetail.client.Landing;
import kitetail.edit.FadeEdit;
import kitetail.edit.MoveEdit;
import kitetail.edit.RefusedException;
import kitetail.edit.SectionEdit;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.head.Head;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.Dials;
import kitetail.planning.Softness;
import kitetail.planning.Thinned;
import kitetail.planning.WeightOff;
import kitetail.section.EdgeDrag;
import kitetail.server.advice.Advice;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Changes to the sections and moves of a plan document. */
@Component
class Edits {
  private final Heads heads;
  private final Advice advice;

  Edits(Heads heads, Advice advice) {
    this.heads = heads;
    this.advice = advice;
  }

  /** A document changed, and what was done. */
  record Edited(Plan document, String words) {}

  /**
   * An edge taken hold of at one place of the scalp map and let go at another; or, with {@code
   * value}, an end of a range set to a number.
   */
  record EdgeAsked(
      @NotNull Plan document,
      @NotNull String section,
      int limit,
      boolean upper,
      double fromX,
      double fromY,
      double x,
      double y,
      @Nullable Double value) {}

  /** {@code what}: splitLevel, splitUpright, join (with {@code other}), mirror. */
  record SectionAsked(
      @NotNull Plan document,
      @NotNull String what,
      @NotNull String section,
      @Nullable String other) {}

  /**
   * {@code what}: remove, reorder (to {@code at}), otherSide of {@code move}; or a kind of tool to
   * add on {@code section} before the move that is {@code at}, or an outline along the hairline.
   */
  record MoveAsked(
      @NotNull Plan document,
      @NotNull String what,
      @Nullable String move,
      @Nullable String section,
      int at) {}

  /**
   * A texturising move to be dosed.
   *
   * @param gramsPerDm2 left out for the weight of what grows beside it
   */
  record WeightAsked(@NotNull Plan document, @NotNull String move, @Nullable Double gramsPerDm2) {}

  /** {@code at}: where in the order it comes when the plan has none. */
  record StartAsked(@NotNull Plan document, @NotNull FadeEdit.Start start, int at) {}

  /** {@code mm}: to be left there in the mean, dry and straight. */
  record DialAsked(@NotNull Plan document, @NotNull Dials.Part part, double mm) {}

  /** {@code percent}: of the weight to be taken out of the lengths. */
  record WeightOffAsked(@NotNull Plan document, double percent) {}

  /** {@code landing}: where the fringe is to end. */
  record LandAsked(@NotNull Plan document, @NotNull Landing landing) {}

  record SoftnessAsked(@NotNull Plan document, @NotNull Softness softness) {}

  /** What {@code other} has otherwise than {@code document}. */
  record DifferencesAsked(@NotNull Plan document, @NotNull Plan other) {}

  private static EditWords words(Units units) {
    return new EditWords(new Words(units));
  }

  Edited edge(EdgeAsked a, Units units) {
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
    return new Edited(next, words(units).dragged(d, next, a.section(), a.limit(), a.upper()));
  }

  Edited section(SectionAsked a) {
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

  Edited move(MoveAsked a, Units units) {
    Plan plan = a.document();
    try {
      Plan next = asked("$.move", String.valueOf(a.move()), () -> moved(plan, a));
      return new Edited(next, "");
    } catch (RefusedException e) {
      throw new FieldException("$.at", String.valueOf(a.at() + 1), words(units).refused(e, plan));
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

  Edited fade(StartAsked a) {
    return new Edited(
        asked(
            "$.at", String.valueOf(a.at()), () -> FadeEdit.start(a.document(), a.start(), a.at())),
        "");
  }

  Edited dial(DialAsked a, Units units) {
    Plan plan = a.document();
    double mm = FieldException.within("$.mm", a.mm(), 0, 1500);
    Dials.Turned t =
        asked(
            "$.part",
            PlanJson.name(a.part()),
            () -> Dials.turn(plan, advice.few(plan.head()), a.part(), mm));
    return new Edited(t.plan(), words(units).dialled(t));
  }

  Edited land(LandAsked a, Units units) {
    Plan plan = a.document();
    Dials.Turned t =
        asked(
            "$.landing",
            PlanJson.name(a.landing()),
            () -> Dials.land(plan, advice.few(plan.head()), a.landing()));
    return new Edited(t.plan(), words(units).landed(t, a.landing()));
  }

  Edited weightOff(WeightOffAsked a, Units units) {
    Plan plan = a.document();
    double percent = FieldException.within("$.percent", a.percent(), 0, 90);
    WeightOff.Turned t =
        asked(
            "$.percent",
            String.valueOf(percent),
            () -> WeightOff.set(plan, advice.few(plan.head()), percent / 100));
    return new Edited(t.plan(), words(units).lighter(t));
  }

  Edited softness(SoftnessAsked a) {
    return new Edited(a.softness().on(a.document()), "");
  }

  /** A move's passes and share set so that a wished weight is left. */
  Edited weight(WeightAsked a, Units units) {
    Plan plan = a.document();
    double wished =
        a.gramsPerDm2() == null
            ? Double.NaN
            : FieldException.within("$.gramsPerDm2", a.gramsPerDm2(), 0.1, 500);
    Thinned t =
        asked(
            "$.move", a.move(), () -> Thinned.of(plan, advice.few(plan.head()), a.move(), wished));
    return new Edited(t.plan(), words(units).thinned(t));
  }

  List<String> differences(DifferencesAsked a, Units units) {
    return words(units).differences(a.document(), a.other());
  }
}
