package kitetail.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kitetail.fall.Fall;
import kitetail.fall.Styling;
import kitetail.hair.Stock;
import kitetail.head.Walk;

/** All that is read from hair that has fallen. */
public record Look(
    Fall fall,
    List<Landing> landings,
    Ears ears,
    List<Standing> standing,
    List<Silhouette> silhouettes,
    Weight weight,
    List<WeightLine> lines,
    List<Weight.Hole> holes,
    List<Layering> layering,
    List<Skin> skin) {
  /**
   * @param stock what fell, at the roots of the fall's scalp
   * @param bustMm points of the body as it is drawn, x, y and z in turn
   */
  public static Look of(Fall fall, Stock stock, float[] bustMm) {
    List<Layering> layering = new ArrayList<>();
    layering.addAll(Layering.along(fall.ground().scalp(), stock, Walk.Kind.CENTRE));
    layering.addAll(Layering.along(fall.ground().scalp(), stock, Walk.Kind.EAR_TO_EAR));
    Weight weight = new Weight(fall, partX(fall));
    return new Look(
        fall,
        Landing.all(fall),
        Ears.of(fall),
        fall.styling().way() == Styling.Way.UP ? List.of() : Standing.all(fall),
        Silhouette.all(fall, bustMm),
        weight,
        WeightLine.all(fall),
        weight.holes(),
        List.copyOf(layering),
        Skin.all(fall));
  }

  private static double partX(Fall f) {
    return f.styling().partX(f.ground().scalp().head());
  }

  public Optional<Landing> landing(Side side) {
    return landings.stream().filter(l -> l.side() == side).findFirst();
  }

  public Silhouette silhouette(Silhouette.From from) {
    return silhouettes.get(from.ordinal());
  }
}
