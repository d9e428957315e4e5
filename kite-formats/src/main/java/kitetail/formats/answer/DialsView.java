package kitetail.formats.answer;

import java.util.List;
import kitetail.planning.Dials;
import kitetail.planning.Outgrown;
import kitetail.planning.Softness;
import org.jspecify.annotations.Nullable;

/**
 * The few numbers a whole plan is set by, and what it costs as it stands.
 *
 * @param softness how soft its lines are cut; missing where shears cut none
 * @param returnFromWeeks when coming back makes sense
 * @param returnToWeeks by when most would
 */
public record DialsView(
    List<Part> parts,
    @Nullable Softness softness,
    double minutes,
    double returnFromWeeks,
    double returnToWeeks) {

  /**
   * One part of the head.
   *
   * @param mm left there in the mean, dry and straight
   * @param mostMm the hair that is there
   * @param own whether it can be set by itself; else it comes along with the others
   */
  public record Part(Dials.Part part, double mm, double mostMm, boolean own) {}

  public static DialsView of(
      List<Dials.Reading> parts, @Nullable Softness softness, double minutes, Outgrown back) {
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
        softness,
        Rounded.thousandth(minutes),
        Rounded.thousandth(back.returnFrom()),
        Rounded.thousandth(back.returnTo()));
  }
}
