package kitetail.cut;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import kitetail.hair.Ends;
import kitetail.hair.Hair;
import kitetail.section.Zone;

/** A way of cutting a section. The records do the work. */
public sealed interface Cut
    permits Fingers, Comb, Strokes, Guard, Fade, Edge, Spot, Texture, Aside {
  /** The least that is a cut; the page is held to the same by contract/vectors/cut.json. */
  double LEAST_MM = 0.05;

  /** True when hair of such lengths before and after was cut between. */
  static boolean shortens(double beforeMm, double afterMm) {
    return beforeMm - afterMm > LEAST_MM;
  }

  /**
   * The length the move would leave, mm as the hair is held, for each root of the zone; infinite
   * where it does not touch the hair.
   */
  double[] leaves(Zone zone, Hair hair);

  /** How many bites, columns or passes it takes. */
  int bites(Zone zone);

  /** True when it goes by the line of the hair that is there instead of one of its own. */
  default boolean follows() {
    return false;
  }

  /**
   * The length left at each root of the zone where it {@link #follows}, mm as the hair is held.
   *
   * @param hadMm what was there, mm as it is held, for each root of the zone
   */
  default double[] following(Zone zone, double[] hadMm) {
    return hadMm;
  }

  /** The hair of a zone's roots as it lies in the hand. */
  static double[] held(Zone zone, double handRatio, double[] hadMm) {
    double[] out = new double[zone.roots().length];
    for (int k = 0; k < out.length; k++) {
      out[k] = handRatio * hadMm[zone.roots()[k]];
    }
    return out;
  }

  /** So much off the ends everywhere. */
  static double[] off(double[] hadMm, double byMm) {
    double[] out = new double[hadMm.length];
    for (int k = 0; k < out.length; k++) {
      out[k] = Math.max(0, hadMm[k] - byMm);
    }
    return out;
  }

  /** One answer for each kind of cut: a new kind does not build until all who ask have one. */
  interface Cases<R> {
    R fingers(Fingers f);

    R comb(Comb c);

    R guard(Guard g);

    R fade(Fade f);

    R edge(Edge e);

    R texture(Texture t);

    R strokes(Strokes s);

    R spot(Spot s);

    R aside(Aside a);
  }

  <R> R as(Cases<R> cases);

  /** How the hair it cuts ends. */
  default Ends ends() {
    return Ends.BLUNT;
  }

  /** The same with what it takes over from earlier moves or from the kit put in as numbers. */
  default Cut resolved(Before before) {
    return this;
  }

  /** The same with left and right changed over. */
  Cut mirrored();

  /** True when the hair is held firmly, so that wet hair stretches in the hand. */
  default boolean tensed() {
    return false;
  }

  /** True when a razor cuts it: a new blade for every client. */
  default boolean razor() {
    return false;
  }

  /** True when shears of any kind cut it. */
  default boolean shears() {
    return false;
  }

  /** The guards the clipper takes on for it, in the order of the work; none for other tools. */
  default List<Double> attachments() {
    return List.of();
  }

  /** True when a clipper with a guard runs over the skin. */
  default boolean guarded() {
    return !attachments().isEmpty();
  }

  /** True when lengths are measured in the hand, and so differ wet and dry. */
  default boolean inHand() {
    return false;
  }

  /** A number of this cut with its range; none when it has none of that kind. */
  default Optional<Dialled> dial(Dial dial) {
    return Optional.empty();
  }

  /**
   * The same with one number changed.
   *
   * @throws IllegalArgumentException when it has no such number, or the value is out of range
   */
  default Cut turned(Dial dial, double value) {
    throw new IllegalArgumentException("this cut has no " + dial);
  }

  /** The same with one number changed as near to what is asked as it can be; itself without it. */
  default Cut turned(Dial dial, DoubleUnaryOperator change) {
    return dial(dial)
        .map(d -> turned(dial, d.within(change.applyAsDouble(d.value()))))
        .orElse(this);
  }
}
