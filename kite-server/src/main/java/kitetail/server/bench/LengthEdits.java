package kitetail.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.geom.Vec3;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.Shaping;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A plan changed so that a place of a walk ends at a length. */
@Component
class LengthEdits {
  private final Heads heads;

  LengthEdits(Heads heads) {
    this.heads = heads;
  }

  /**
   * {@code keptMm}: where on the walk the length is to stay; left out for a plain length. {@code
   * both}: the same on the other side.
   */
  record LengthAsked(
      @NotNull Plan document,
      @NotNull Walk.Kind walk,
      double atMm,
      double lengthMm,
      @Nullable Double keptMm,
      @Nullable Boolean both) {}

  /**
   * @throws FieldException when the length or the place on the walk is out of range
   */
  Edits.Edited of(LengthAsked a, Units units) {
    EditWords words = new EditWords(new Words(units));
    Plan plan = a.document();
    FieldException.within("$.lengthMm", a.lengthMm(), 0, 1500);
    Walk walk = heads.of(plan).bench().scalp().walk(a.walk());
    Shaping s = shaped(plan, walk, a.atMm(), a.keptMm(), a.lengthMm());
    String said = words.shaped(s, plan);
    if (Boolean.TRUE.equals(a.both()) && walk.kind() != Walk.Kind.CENTRE) {
      double other = walk.lengthMm() - a.atMm();
      Double kept = a.keptMm() == null ? null : walk.lengthMm() - a.keptMm();
      Shaping there = shaped(s.plan(), walk, other, kept, a.lengthMm());
      if (!there.changes().isEmpty()) {
        said += " " + words.shaped(there, s.plan());
      }
      s = there;
    }
    return new Edits.Edited(s.plan(), said);
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
}
