package kitetail.formats.answer;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Fade;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.planning.FadeLadder;

/**
 * A fade on one head.
 *
 * @param fromMm what the even rise it is held against begins with
 * @param toMm what it ends with
 * @param worstMm how far its guards are off that rise at the most
 * @param bands from the hairline up
 * @param strips where it is looked at, from the front to the back; the left where it is apart
 * @param offers the guards that come nearest, fewest first
 */
public record FadeView(
    double fromMm,
    double toMm,
    double worstMm,
    double minutes,
    List<Band> bands,
    List<Strip> strips,
    List<Offer> offers) {

  /**
   * One guard.
   *
   * @param heightMm what it leaves on this shop's clipper
   */
  public record Band(
      double number, double leverMm, double fromShare, double toShare, double heightMm) {}

  /**
   * The fade at one place round the head.
   *
   * @param highMm its height there
   * @param boneMm how far above the hairline the head turns in: the ridge, at the back the bone
   */
  public record Strip(Place place, double highMm, double boneMm) {}

  /** Guards that come nearer, or need fewer changes. */
  public record Offer(double worstMm, double minutes, List<Band> bands) {}

  private static final List<Place> RIGHT =
      List.of(Place.SIDEBURN_RIGHT, Place.BEHIND_EAR_RIGHT, Place.NAPE);
  private static final List<Place> BOTH =
      List.of(
          Place.SIDEBURN_LEFT,
          Place.BEHIND_EAR_LEFT,
          Place.SIDEBURN_RIGHT,
          Place.BEHIND_EAR_RIGHT,
          Place.NAPE);

  /** What it takes, minutes for the fade as it is and then for each offer. */
  public static FadeView of(
      Fade measured,
      Head head,
      FadeLadder.Wish wish,
      double worstMm,
      List<FadeLadder.Offer> offers,
      double[] minutes) {
    List<Offer> offered = new ArrayList<>();
    for (int k = 0; k < offers.size(); k++) {
      offered.add(
          new Offer(
              Rounded.thousandth(offers.get(k).worstMm()),
              Rounded.thousandth(minutes[k + 1]),
              bands(offers.get(k).fade())));
    }
    return new FadeView(
        Rounded.thousandth(wish.fromMm()),
        Rounded.thousandth(wish.toMm()),
        Rounded.thousandth(worstMm),
        Rounded.thousandth(minutes[0]),
        bands(measured),
        (measured.left() == null ? RIGHT : BOTH)
            .stream().map(p -> strip(measured, head, p)).toList(),
        List.copyOf(offered));
  }

  private static List<Band> bands(Fade f) {
    return f.bands().stream()
        .map(
            b ->
                new Band(
                    b.number(),
                    Rounded.thousandth(b.leverMm()),
                    Rounded.thousandth(b.fromShare()),
                    Rounded.thousandth(b.toShare()),
                    Rounded.thousandth(b.heightMm())))
        .toList();
  }

  private static Strip strip(Fade f, Head h, Place p) {
    double around = h.azimuthRad(h.place(p));
    Scalp bone =
        Scalp.ofPoints(h, List.of(p == Place.NAPE ? h.place(Place.OCCIPITAL) : h.onRidge(around)));
    return new Strip(
        p,
        Rounded.thousandth(f.heightMm(h, around)),
        Rounded.thousandth(bone.fromSideHairlineMm(0)));
  }
}
