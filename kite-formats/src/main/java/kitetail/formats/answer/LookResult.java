package kitetail.formats.answer;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.head.Place;
import kitetail.head.Walk;
import kitetail.look.Layering;
import kitetail.look.Look;
import kitetail.look.Side;
import kitetail.planning.Worn;

/**
 * What is read of fallen hair; docs/formats.md has more about each.
 *
 * @param week how many weeks after the cut
 * @param points of a strand as it was worked out
 * @param unsettled strands that had not come to rest
 * @param unsettledNear how many of them near which place
 * @param grownMm how much has grown by then
 */
public record LookResult(
    double week,
    int strands,
    int points,
    int unsettled,
    Map<Place, Integer> unsettledNear,
    double grownMm,
    List<LandingView> landings,
    EarsView ears,
    List<StandingView> standing,
    List<WeightLineView> weightLines,
    List<HoleView> holes,
    List<LayeringView> layering,
    List<SkinView> skin,
    GramsView grams) {

  /** How much of each ear is covered. */
  public record EarsView(double leftShare, double rightShare) {}

  /** Hair that stands off the head, and how much of it does. */
  public record StandingView(Place place, double lengthMm, double offMm, double share) {}

  /** A band where hair lies thickest. */
  public record WeightLineView(
      Place near,
      double heightMm,
      double fromDeg,
      double toDeg,
      double share,
      double aboveEdgeMm) {}

  /** A place with too little hair over it. */
  public record HoleView(Place place, double share) {}

  /** How lengths go along a stretch of a walk. */
  public record LayeringView(
      Walk.Kind walk, double fromMm, double toMm, Layering.Kind kind, double slope) {}

  /** How much skin shows through, up one side. */
  public record SkinView(Side side, double heightMm, double cover, double contrast) {}

  /** The hair's weight on each side. */
  public record GramsView(double left, double right) {}

  public static LookResult of(Worn w) {
    Look l = w.look();
    Map<Place, Integer> near = new EnumMap<>(Place.class);
    near.putAll(l.fall().unsettledNear());
    return new LookResult(
        w.week(),
        l.fall().strands(),
        l.fall().points(),
        l.fall().unsettled(),
        near,
        Rounded.tenth(w.grownMm()),
        LandingView.of(l),
        new EarsView(
            Rounded.hundredth(l.ears().leftShare()), Rounded.hundredth(l.ears().rightShare())),
        standing(l),
        lines(l),
        l.holes().stream().map(h -> new HoleView(h.place(), Rounded.hundredth(h.share()))).toList(),
        layering(l),
        l.skin().stream()
            .map(
                s ->
                    new SkinView(
                        s.side(),
                        Rounded.tenth(s.heightMm()),
                        Rounded.hundredth(s.cover()),
                        Rounded.hundredth(s.contrast())))
            .toList(),
        new GramsView(
            Rounded.tenth(l.weight().leftGrams()), Rounded.tenth(l.weight().rightGrams())));
  }

  private static List<StandingView> standing(Look l) {
    return l.standing().stream()
        .map(
            s ->
                new StandingView(
                    s.place(),
                    Rounded.tenth(s.lengthMm()),
                    Rounded.tenth(s.offMm()),
                    Rounded.hundredth(s.share())))
        .toList();
  }

  private static List<WeightLineView> lines(Look l) {
    return l.lines().stream()
        .map(
            x ->
                new WeightLineView(
                    x.near(),
                    Rounded.tenth(x.heightMm()),
                    Rounded.tenth(x.fromDeg()),
                    Rounded.tenth(x.toDeg()),
                    Rounded.hundredth(x.share()),
                    Rounded.tenth(x.aboveEdgeMm())))
        .toList();
  }

  private static List<LayeringView> layering(Look l) {
    return l.layering().stream()
        .map(
            x ->
                new LayeringView(
                    x.walk(),
                    Rounded.tenth(x.fromMm()),
                    Rounded.tenth(x.toMm()),
                    x.kind(),
                    Rounded.hundredth(x.slope())))
        .toList();
  }
}
