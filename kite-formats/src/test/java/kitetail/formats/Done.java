package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import kitetail.fall.Fall;
import kitetail.fall.Styling;
import kitetail.formats.json.Families;
import kitetail.geom.Vec3;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.look.Landing;
import kitetail.look.Side;
import kitetail.plan.Ledge;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.planning.Planner;
import kitetail.planning.Worn;

/** A family fitted to its own lengths on one head, run, and fallen; and what is read from it. */
record Done(Plan plan, Worn worn) {
  private static final int SITES = 2000;
  private static final Map<HeadSpec, Worn.Stand> STANDS = new ConcurrentHashMap<>();

  static Done of(String id, HeadSpec.Measured head) {
    Plan family = Families.all().get(id);
    Worn.Stand stand =
        STANDS.computeIfAbsent(head, h -> Worn.Stand.of(Scalp.of(Head.of(h), SITES)));
    Plan plan =
        Planner.fit(
                family.on(head, family.hair(), family.start(), family.wishes(), family.cautions()))
            .plan();
    return new Done(plan, Worn.of(plan, stand, 0));
  }

  Outcome o() {
    return worn.outcome();
  }

  Scalp scalp() {
    return o().scalp();
  }

  double at(Place p) {
    return o().afterMm()[scalp().root(p)];
  }

  double before(Place p) {
    return o().beforeMm()[scalp().root(p)];
  }

  /** How far below the hairline there the hair of a side hangs, mm. */
  double hangsMm(Side side) {
    return worn.look().landing(side).orElseThrow().ofHairlineMm();
  }

  /** Height of the ends of a side in the head's axes, mm. */
  FacePlace lands(Side side) {
    return worn.look().landing(side).orElseThrow().place();
  }

  double belowMm(Side side) {
    return worn.look().landing(side).orElseThrow().belowMm();
  }

  double ears() {
    return Math.max(worn.look().ears().leftShare(), worn.look().ears().rightShare());
  }

  /** Length so far above the hairline, straight up from a place of it. */
  double upFrom(Place place, double upMm) {
    Scalp s = scalp();
    double a = s.azimuthRad(s.root(place));
    int best = 0;
    double closest = Double.MAX_VALUE;
    for (int i = 0; i < s.roots(); i++) {
      double turn = Math.IEEEremainder(s.azimuthRad(i) - a, 2 * Math.PI);
      double off = Math.hypot(80 * turn, s.aboveHairlineMm(i) - upMm);
      if (off < closest) {
        closest = off;
        best = i;
      }
    }
    return o().afterMm()[best];
  }

  /** Lengths up the centre from the nape to a place, never shorter by more than so much. */
  void risesFromTheNape(Place to, double slackMm) {
    Walk w = scalp().walk(Walk.Kind.CENTRE);
    double last = 0;
    double upTo = w.marksMm().get(Place.APEX) + scalp().head().fromApexMm(scalp().head().place(to));
    for (int i = w.size() - 1; i >= 0 && w.distanceMm()[i] > upTo + 4; i--) {
      double mm = o().afterMm()[w.firstRoot() + i];
      assertThat(mm).isGreaterThan(last - slackMm);
      last = Math.max(last, mm);
    }
  }

  /** The recession is no shorter than what grows so far behind it. */
  void noHoleAtTheRecession(double behindMm) {
    for (Place p : List.of(Place.RECESSION_LEFT, Place.RECESSION_RIGHT)) {
      assertThat(at(p)).as("%s", p).isGreaterThan(upFrom(p, behindMm) - 2.5);
    }
  }

  double longest() {
    return Arrays.stream(o().afterMm()).max().orElseThrow();
  }

  int lengths(Place p) {
    return o().after().lengths(scalp().root(p));
  }

  /** Spread of the hairs' lengths at a place, over the longest. */
  double spread(Place p) {
    int root = scalp().root(p);
    int last = o().after().lengths(root) - 1;
    return 1 - o().after().lengthMm(root, last) / o().after().lengthMm(root, 0);
  }

  /**
   * Of the hair of the back that comes down past its hairline, the share that is still there over
   * the last quarter of its hanging length.
   */
  double throughTheLastQuarter() {
    double top = scalp().head().place(Place.NAPE).z();
    double end = endsZ(worn, Side.NAPE);
    return hairPast(end + (top - end) / 4) / hairPast(top);
  }

  private double hairPast(double z) {
    Fall f = worn.fall();
    double hairs = 0;
    for (int i = 0; i < f.strands(); i++) {
      hairs += behind(i) && f.tip(i).z() <= z ? f.hairs(i) : 0;
    }
    return hairs;
  }

  boolean behind(int i) {
    return Math.abs(scalp().azimuthRad(i)) > Math.toRadians(120);
  }

  /** Hair above the tops of the ears to the client's right over that to the left, by weight. */
  static double rightOverLeftAboveTheEars(Worn worn) {
    Fall f = worn.fall();
    double ear = worn.outcome().scalp().head().place(Place.EAR_TOP_LEFT).z();
    double[] sides = new double[2];
    for (int i = 0; i < f.strands(); i++) {
      double mm3 = f.hairs(i) * f.diameterMm(i) * f.diameterMm(i) * f.lengthMm(i);
      for (int k = 1; k < f.points(); k++) {
        Vec3 p = f.point(i, k);
        sides[p.x() < 0 ? 0 : 1] += p.z() > ear ? mm3 / f.curlRatio(i) : 0;
      }
    }
    return sides[1] / sides[0];
  }

  /** Where the ends of the fringe lie, mean. */
  static Vec3 fringeEnds(Worn worn) {
    Scalp s = worn.outcome().scalp();
    Vec3 sum = new Vec3(0, 0, 0);
    int n = 0;
    for (int i = 0; i < worn.fall().strands(); i++) {
      if (Math.abs(s.azimuthRad(i)) < Math.toRadians(36) && s.aboveHairlineMm(i) < 30) {
        sum = sum.plus(worn.fall().tip(i));
        n++;
      }
    }
    return sum.times(1.0 / n);
  }

  /** Steps of 8 mm and more that no plan meant; less is no ledge (common practice). */
  List<Ledge> unmeant() {
    return o().ledges().stream().filter(l -> !l.meant() && l.heightMm() >= 8).toList();
  }

  /** The same hair combed and dried another way. */
  Worn wornAs(Styling styling) {
    return Worn.of(plan.worn(styling), STANDS.get(plan.head()), 0);
  }

  /** Height of the ends of a side in the head's axes, mm. */
  static double endsZ(Worn worn, Side side) {
    Head head = worn.outcome().scalp().head();
    Landing l = worn.look().landing(side).orElseThrow();
    return head.face().get(l.place()).z() - l.belowMm();
  }

  double faceZ(FacePlace p) {
    return scalp().head().face().get(p).z();
  }

  /** How high the highest end stands over the apex. */
  double standsMm() {
    double most = 0;
    for (int i = 0; i < worn.fall().strands(); i++) {
      most = Math.max(most, worn.fall().tip(i).z());
    }
    return most - scalp().head().place(Place.APEX).z();
  }

  /**
   * How far the fallen hair is from smooth over each ridge: its height over the skin there against
   * the mean of that 12 mm above and beneath, mm. The head's own corner is not the hair's.
   */
  double roughOverTheRidgeMm() {
    double ridge = scalp().head().place(Place.RIDGE_LEFT).z();
    double worst = 0;
    for (int side = -1; side <= 1; side += 2) {
      double[] off = new double[24];
      for (int k = 0; k < off.length; k++) {
        off[k] = liesOffMm(side, ridge - 42 + 3 * k);
      }
      for (int k = 4; k < off.length - 4; k++) {
        worst = Math.max(worst, Math.abs(off[k] - (off[k - 4] + off[k + 4]) / 2));
      }
    }
    return worst;
  }

  /** How far off the skin the hair of a side lies at a height, a few stray ends aside, mm. */
  private double liesOffMm(int side, double z) {
    Fall f = worn.fall();
    return percentile(
        IntStream.range(0, f.strands())
            .filter(i -> f.lengthMm(i) > 1)
            .boxed()
            .flatMap(i -> IntStream.range(1, f.points()).mapToObj(k -> f.point(i, k)))
            .filter(p -> p.x() * side > 0 && Math.abs(p.y()) < 35 && Math.abs(p.z() - z) < 3)
            .mapToDouble(this::offSkinMm),
        0.97);
  }

  private static double percentile(DoubleStream of, double share) {
    double[] all = of.sorted().toArray();
    return all[(int) (share * (all.length - 1))];
  }

  /** Mean length at the sites a place of which says so. */
  double meanMm(IntPredicate where) {
    return IntStream.range(0, scalp().sites())
        .filter(where)
        .mapToDouble(i -> o().afterMm()[i])
        .average()
        .orElseThrow();
  }

  /** Mean length over the lowest, middle and highest third of the hair, by the height of roots. */
  double[] thirdsMm() {
    int[] byHeight =
        IntStream.range(0, scalp().sites())
            .filter(i -> o().beforeMm()[i] > 0)
            .boxed()
            .sorted(Comparator.comparingDouble(i -> scalp().pointMm(i).z()))
            .mapToInt(i -> i)
            .toArray();
    int n = byHeight.length / 3;
    return IntStream.range(0, 3)
        .mapToDouble(
            k ->
                Arrays.stream(byHeight, k * n, (k + 1) * n)
                    .mapToDouble(i -> o().afterMm()[i])
                    .average()
                    .orElseThrow())
        .toArray();
  }

  /** Of the hair within 22 mm of the parting on top, the share whose end lies away from it. */
  double openAtThePart() {
    double part = plan.styling().partX(scalp().head());
    double open = 0;
    double all = 0;
    for (int i = 0; i < worn.fall().strands(); i++) {
      Vec3 root = scalp().pointMm(i);
      double off = root.x() - part;
      if (Math.abs(off) > 3 && Math.abs(off) < 22 && scalp().aboveRidgeMm(i) > 5 && root.y() > 0) {
        all++;
        open += (worn.fall().tip(i).x() - root.x()) * off > 0 ? 1 : 0;
      }
    }
    return open / all;
  }

  /** How far the ends of the fringe lie off the skin, mean, mm. */
  double fringeOffSkinMm() {
    Fall f = worn.fall();
    return IntStream.range(0, f.strands())
        .filter(this::inFringe)
        .mapToDouble(i -> offSkinMm(f.tip(i)))
        .average()
        .orElseThrow();
  }

  private boolean inFringe(int i) {
    return Math.abs(scalp().azimuthRad(i)) < Math.toRadians(36) && scalp().aboveHairlineMm(i) < 30;
  }

  private double offSkinMm(Vec3 p) {
    return worn.fall().ground().body().atMm(p.x(), p.y(), p.z(), null);
  }

  /** How far hair within 30 mm of a place comes off the skin on its way, mean, mm. */
  double liftedMm(Place place) {
    Fall f = worn.fall();
    Vec3 there = scalp().head().place(place);
    return IntStream.range(0, f.strands())
        .filter(i -> scalp().pointMm(i).distanceTo(there) < 30)
        .mapToDouble(
            i ->
                IntStream.range(1, f.points())
                    .mapToDouble(k -> offSkinMm(f.point(i, k)))
                    .max()
                    .orElseThrow())
        .average()
        .orElseThrow();
  }

  /** Hairs of the back whose ends lie so far above its bone, for each mm of height. */
  double endsAboutTheBone(double fromMm, double toMm) {
    double bone = scalp().head().place(Place.OCCIPITAL).z();
    Fall f = worn.fall();
    return IntStream.range(0, f.strands())
            .filter(i -> behind(i))
            .filter(i -> f.tip(i).z() >= bone + fromMm && f.tip(i).z() < bone + toMm)
            .mapToDouble(f::hairs)
            .sum()
        / (toMm - fromMm);
  }
}
