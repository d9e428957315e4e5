package kitetail.formats.answer;

import java.util.List;
import kitetail.client.Landing;
import kitetail.planning.Dials;
import kitetail.planning.Outgrown;
import kitetail.planning.Softness;
import org.jspecify.annotations.Nullable;

/**
 * The few numbers a whole plan is set by, and what it costs as it stands.
 *
 * @param fringeEnds none where it is worn off the forehead
 * @param softness how soft its lines are cut; missing where shears cut none
 * @param weightOffPercent how much of the weight texturising takes out; missing where none does
 * @param returnFromWeeks when coming back makes sense
 * @param returnToWeeks by when most would
 */
public record DialsView(
    List<Part> parts,
    List<Lands> fringeEnds,
    @Nullable Softness softness,
    @Nullable Double weightOffPercent,
    double minutes,
    double returnFromWeeks,
    double returnToWeeks) {
  /** So near a place a fringe is said to end at it. */
  private static final double SAME_END_MM = 3;

  /**
   * One part of the head.
   *
   * @param mm left there in the mean, dry and straight
   * @param mostMm the hair that is there
   * @param own whether it can be set by itself; else it comes along with the others
   */
  public record Part(Dials.Part part, double mm, double mostMm, boolean own) {}

  /**
   * Where the fringe can be asked to end.
   *
   * @param now whether it ends there as it stands
   * @param there whether the hair is long enough
   */
  public record Lands(Landing landing, boolean now, boolean there) {}

  /**
   * @param frontMm what is left at the middle of the front
   * @param weightOff share, 0 to 1; null where nothing texturises
   */
  public static DialsView of(
      List<Dials.Reading> parts,
      List<Dials.Lands> ends,
      double frontMm,
      @Nullable Softness softness,
      @Nullable Double weightOff,
      double minutes,
      Outgrown back) {
    return new DialsView(
        parts.stream()
            .map(
                r ->
                    new Part(
                        r.part(),
                        Rounded.thousandth(r.mm()),
                        Rounded.thousandth(r.mostMm()),
                        r.own()))
            .toList(),
        ends.stream()
            .map(
                l ->
                    new Lands(
                        l.landing(), Math.abs(l.needMm() - frontMm) <= SAME_END_MM, l.there()))
            .toList(),
        softness,
        weightOff == null ? null : Rounded.tenth(100 * weightOff),
        Rounded.thousandth(minutes),
        Rounded.thousandth(back.returnFrom()),
        Rounded.thousandth(back.returnTo()));
  }
}
