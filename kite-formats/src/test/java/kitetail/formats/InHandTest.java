package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.IntStream;
import kitetail.cut.Edge;
import kitetail.fall.Fall;
import kitetail.formats.json.Families;
import kitetail.geom.StarSurface;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.planning.InHand;
import kitetail.planning.Worn;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The bite as hair, on shapes cut over the fingers, over the comb and with guards: what is common
 * practice of a bite at the chair.
 */
class InHandTest {
  private static final int STRANDS = 500;

  /** A plan with all its moves on hair. */
  private record Shown(Plan plan, Outcome outcome, InHand[] moves) {}

  private static Shown shown(String family) {
    Plan plan = Families.all().get(family);
    Worn.Stand stand = Worn.Stand.of(Scalp.of(Head.of(plan.head()), STRANDS));
    Outcome o = PlanEngine.run(plan, stand.bench());
    InHand[] moves = new InHand[o.steps().size()];
    for (int m = 0; m < moves.length; m++) {
      moves[m] =
          InHand.of(plan, stand, o, m, fall(plan, stand, o, m, m), fall(plan, stand, o, m, m + 1));
    }
    return new Shown(plan, o, moves);
  }

  private static Fall fall(Plan plan, Worn.Stand stand, Outcome o, int move, int state) {
    return Fall.of(
        stand.ground(),
        plan.hair(),
        InHand.stock(o, state),
        InHand.whileCut(plan, plan.moves().get(move)));
  }

  private static Vec3 at(float[] xyz, int k) {
    return new Vec3(xyz[3 * k], xyz[3 * k + 1], xyz[3 * k + 2]);
  }

  private static double length(float[] xyz) {
    return IntStream.range(1, xyz.length / 3)
        .mapToDouble(k -> at(xyz, k).distanceTo(at(xyz, k - 1)))
        .sum();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "even-all-over",
        "swept-back-classic",
        "hard-line-sweep",
        "tapered-pixie",
        "soft-tail"
      })
  void everyBiteHoldsItsHair_allOfIt_offTheSkin(String family) {
    Shown s = shown(family);
    Scalp scalp = s.outcome().scalp();
    StarSurface skin = scalp.head().surface();
    int held = 0;
    for (int m = 0; m < s.moves().length; m++) {
      InHand h = s.moves()[m];
      double[] had = InHand.stock(s.outcome(), m).longest();
      double[] has = InHand.stock(s.outcome(), m + 1).longest();
      double ratio = s.plan().moves().get(m).handRatio(s.plan().hair());
      Set<Integer> met = new HashSet<>();
      for (int i = 0; i < h.bite().length; i++) {
        if (h.bite()[i] == 0) {
          assertThat(h.heldMm()[i]).isNull();
          if (h.bites() > 0) {
            assertThat(has[i]).as("cut in no hand").isCloseTo(had[i], within(0.051));
          }
          continue;
        }
        met.add(h.bite()[i]);
        float[] xyz = h.heldMm()[i];
        held++;
        assertThat(at(xyz, 0).distanceTo(scalp.pointMm(i))).isLessThan(0.5);
        if (s.outcome().steps().get(m).cut() instanceof Edge) {
          continue; // cut as it hangs, curls and all
        }
        assertThat(length(xyz))
            .as("%s, move %d: all of it is in the hand", family, m + 1)
            .isCloseTo(ratio * had[i], within(0.5 + 0.01 * had[i]));
        for (int k = 1; k < xyz.length / 3; k++) {
          Vec3 p = at(xyz, k);
          assertThat(skin.heightMm(p.x(), p.y(), p.z()))
              .as("%s, move %d, strand %d", family, m + 1, i)
              .isGreaterThan(-1);
        }
      }
      int bites = h.bites();
      assertThat(met.size()).as("%s, move %d: no bite is empty", family, m + 1).isEqualTo(bites);
      assertThat(h.grips()).hasSize(bites);
    }
    assertThat(held).isPositive();
  }

  /** Cut where it is held, hair is as long as the move leaves it. */
  @ParameterizedTest
  @ValueSource(strings = {"even-all-over", "throw-back-layers", "square-curl-crop"})
  void whatIsLeftOfIt_isWhatTheMoveLeaves(String family) {
    Shown s = shown(family);
    for (int m = 0; m < s.moves().length; m++) {
      InHand h = s.moves()[m];
      double[] has = InHand.stock(s.outcome(), m + 1).longest();
      double ratio = s.plan().moves().get(m).handRatio(s.plan().hair());
      for (int i = 0; i < h.bite().length; i++) {
        boolean hangs = s.outcome().steps().get(m).cut() instanceof Edge;
        if (h.bite()[i] > 0 && h.cutShare()[i] < 1 && !hangs) {
          assertThat(h.cutShare()[i] * length(h.heldMm()[i]))
              .as("%s, move %d", family, m + 1)
              .isCloseTo(ratio * has[i], within(0.5 + 0.01 * has[i]));
        }
      }
    }
  }

  /** Long hair above is clipped up, short hair never, and a clip is on its own head. */
  @ParameterizedTest
  @ValueSource(strings = {"long-wave-layers", "soft-tail", "crop-and-tail"})
  void longHairOverTheWork_isClippedAway_shortHairIsNot(String family) {
    Shown s = shown(family);
    int clipped = 0;
    for (InHand h : s.moves()) {
      for (int i = 0; i < h.bite().length; i++) {
        float[] up = h.clippedMm()[i];
        if (up == null) {
          continue;
        }
        clipped++;
        assertThat(h.before().lengthMm(i)).isGreaterThan(h.bite()[i] > 0 ? 70 : 40);
        assertThat(at(up, 0).distanceTo(s.outcome().scalp().pointMm(i))).isLessThan(0.5);
        Head head = s.outcome().scalp().head();
        for (int k = 0; k < up.length / 3; k++) {
          Vec3 p = at(up, k);
          assertThat(head.surface().heightMm(p.x(), p.y(), p.z())).isBetween(-1.0, 30.0);
        }
      }
    }
    assertThat(clipped).isGreaterThan(50);
  }
}
