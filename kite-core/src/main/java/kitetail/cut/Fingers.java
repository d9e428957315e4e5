package kitetail.cut;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import kitetail.geom.Allowed;
import kitetail.hair.Ends;
import kitetail.hair.Hair;
import kitetail.section.Facing;
import kitetail.section.Parting;
import kitetail.section.Zone;
import org.jspecify.annotations.Nullable;

/**
 * Cut over the fingers.
 *
 * @param parting how the section is parted, and so where the next bite lies from the last
 * @param biteMm width of a bite along the skin, 3 to 60
 * @param tension firm, or none where hair springs up
 * @param rollDeg fingers rolled up, 0 to 45: within a bite what grows higher is left shorter by
 *     {@code tan} of it a mm
 * @param blade what it is cut with
 * @param hand what the hand does within a bite; null when it lies straight on its line
 */
@RecordBuilder
public record Fingers(
    Hold hold,
    CutLine line,
    Guide guide,
    Parting parting,
    double biteMm,
    Tension tension,
    double rollDeg,
    Blade blade,
    @Nullable Hand hand)
    implements Cut {
  /** How hard the hair is pulled. */
  public enum Tension {
    FIRM,
    NONE
  }

  /**
   * Usable length of a hand's line, to about the second knuckle. Common practice has no figure; an
   * assumption.
   */
  public static final double HAND_MM = 60;

  public Fingers {
    Allowed.within("biteMm", biteMm, 3, 60);
    Allowed.within("rollDeg", rollDeg, 0, 45);
    tension = tension == null ? Tension.FIRM : tension;
    blade = blade == null ? Blade.BLUNT : blade;
    hand = Hand.STRAIGHT.equals(hand) ? null : hand;
    if (hand != null && hand.wraps() && !(line instanceof CutLine.Flat && guide.travels())) {
      throw new IllegalArgumentException(
          "wraps needs a flat line and a guide that travels, was " + line + " and " + guide);
    }
    if (line instanceof CutLine.Level && !(hold.falls() && guide.travels())) {
      throw new IllegalArgumentException(
          "a level line is cut at natural fall with a guide that travels, was " + hold);
    }
    if (hand != null && line instanceof CutLine.Off) {
      throw new IllegalArgumentException("hand must be left out where the line is followed");
    }
  }

  public Fingers(
      Hold hold,
      CutLine line,
      Guide guide,
      Parting parting,
      double biteMm,
      Tension tension,
      double rollDeg,
      Blade blade) {
    this(hold, line, guide, parting, biteMm, tension, rollDeg, blade, null);
  }

  public Fingers(Hold hold, CutLine line, Guide guide, Facing progress, double biteMm) {
    this(hold, line, guide, new Parting.Across(progress), biteMm, Tension.FIRM, 0, null);
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.fingers(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    return new HeldHair(this, zone).lengths();
  }

  @Override
  public int bites(Zone zone) {
    return Bites.of(this, zone).count();
  }

  @Override
  public boolean tensed() {
    return tension == Tension.FIRM;
  }

  @Override
  public boolean inHand() {
    return true;
  }

  /** With the lengths of hair cut before put in where they are the guide. */
  @Override
  public Fingers resolved(Before before) {
    if (guide instanceof Guide.Seen s) {
      return with(
          line.withLength(capped(line.lengthMm() + before.handMm(s.place()))),
          new Guide.Travelling());
    }
    if (guide instanceof Guide.Two t) {
      CutLine between =
          new CutLine.Slope(
              t.place(),
              capped(line.lengthMm() + before.handMm(t.place())),
              t.far(),
              capped(line.lengthMm() + before.handMm(t.far())));
      return with(between, new Guide.Travelling());
    }
    return this;
  }

  /** True when its guide is hair of another section as it was cut before. */
  public boolean takesOver() {
    return !guide.seen().isEmpty();
  }

  private static double capped(double mm) {
    return Math.min(1500, mm);
  }

  private Fingers with(CutLine l, Guide g) {
    return FingersBuilder.builder(this).line(l).guide(g).build();
  }

  public Fingers with(Guide g) {
    return with(line, g);
  }

  /** Rested on the comb, without tension. */
  public Fingers untensed() {
    return FingersBuilder.builder(this).tension(Tension.NONE).build();
  }

  public Fingers withBite(double mm) {
    return FingersBuilder.builder(this).biteMm(mm).build();
  }

  public Fingers with(Blade b) {
    return FingersBuilder.builder(this).blade(b).build();
  }

  @Override
  public boolean follows() {
    return line instanceof CutLine.Off;
  }

  @Override
  public double[] following(Zone zone, double[] hadMm) {
    return Cut.off(hadMm, line.lengthMm());
  }

  @Override
  public boolean razor() {
    return blade.razor();
  }

  @Override
  public boolean shears() {
    return !razor();
  }

  @Override
  public Ends ends() {
    return blade.ends();
  }

  public Fingers with(Hold h) {
    return FingersBuilder.builder(this).hold(h).build();
  }

  @Override
  public Fingers mirrored() {
    return FingersBuilder.builder(this)
        .hold(hold.mirrored())
        .line(line.mirrored())
        .guide(guide.mirrored())
        .parting(parting.mirrored())
        .build();
  }

  /** The same with the hand lying otherwise within a bite. */
  public Fingers with(Hand h) {
    return FingersBuilder.builder(this).hand(h).build();
  }

  @Override
  public Optional<Dialled> dial(Dial dial) {
    return line.dial(dial).or(() -> hold.dial(dial));
  }

  @Override
  public Fingers turned(Dial dial, double value) {
    if (line.dial(dial).isPresent()) {
      return with(line.turned(dial, value), guide);
    }
    return with(hold.turned(dial, value));
  }
}
