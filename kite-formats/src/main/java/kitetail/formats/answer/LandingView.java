package kitetail.formats.answer;

import java.util.List;
import kitetail.fall.Styling;
import kitetail.head.FacePlace;
import kitetail.look.Landing;
import kitetail.look.Look;
import kitetail.look.OtherWay;
import kitetail.look.Side;
import org.jspecify.annotations.Nullable;

/**
 * Where hair lands on one side.
 *
 * @param place of the face it is told by; missing where it lands by none
 * @param belowMm how far below that place, where there is one
 * @param ofHairlineMm how far below the hairline
 */
public record LandingView(
    Side side, @Nullable FacePlace place, @Nullable Double belowMm, double ofHairlineMm) {

  static LandingView of(Landing x) {
    return new LandingView(
        x.side(),
        x.place(),
        x.place() == null ? null : Rounded.tenth(x.belowMm()),
        Rounded.tenth(x.ofHairlineMm()));
  }

  static List<LandingView> of(Look l) {
    return l.landings().stream().map(LandingView::of).toList();
  }

  /**
   * What shows when the hair is worn another way.
   *
   * @param staysShare of the hair that stays where it is combed
   * @param earsShare of the ears that is covered
   */
  public record Worn(Styling.Way way, LandingView fringe, double staysShare, double earsShare) {
    public static List<Worn> of(List<OtherWay> ways) {
      return ways.stream()
          .map(
              w ->
                  new Worn(
                      w.way(),
                      LandingView.of(w.fringe()),
                      Rounded.hundredth(w.staysShare()),
                      Rounded.hundredth(w.earsShare())))
          .toList();
    }
  }
}
