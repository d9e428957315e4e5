package kitetail.fall;

import java.util.stream.IntStream;
import kitetail.geom.DirectionGrid;
import kitetail.geom.Smooth;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.GrowthField;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * Which way hair lies over the head: as it grows, and as it is combed. Baked over all directions
 * from the head's middle; beyond the hairline nothing is combed, hair hangs there. Where the part
 * lies and how ways blend over the ridge are assumptions.
 */
final class Lie {
  private static final DirectionGrid GRID = DirectionGrid.SHARED;

  /** Past the hairline the comb has let go after this much. */
  private static final double LETS_GO_MM = 14;

  /** Wet hair is combed on over the forehead and down the neck by so much; assumptions. */
  private static final double OVER_FOREHEAD_MM = 90;

  private static final double OVER_NAPE_MM = 40;

  /** Firmly set hair keeps its way so much farther out. */
  private static final double HELD_OUT_MM = 60;

  /** A comb lays hair away from a part it draws over so much to either side; an assumption. */
  private static final double BESIDE_MM = 16;

  private static final double FRONT_RAD = Math.toRadians(44);

  final float[] grown = new float[3 * GRID.nodes()];
  final float[] combed = new float[3 * GRID.nodes()];

  /** Where dry hair still holds its way. */
  final float[] held = new float[GRID.nodes()];

  /** Where the comb goes through wet hair: over forehead, temples and nape as well. */
  final float[] combedOver = new float[GRID.nodes()];

  Lie(Head head, Hair hair, Styling styling) {
    GrowthField field = new GrowthField(head, hair);
    // Combed hair follows the whorl, not a cowlick or a nape it only passes over.
    GrowthField fallen = new GrowthField(head, hair.growing(hair.growth().combed()));
    Vec3 c = head.surface().centreMm();
    double partX = styling.partX(head);
    Vec3 crown = head.place(Place.CROWN);
    double letsGo = LETS_GO_MM + HELD_OUT_MM * styling.hold();
    IntStream.range(0, GRID.nodes())
        .parallel()
        .forEach(
            i -> {
              Vec3 p = head.surface().onto(c.plus(GRID.direction(i)));
              UnitVec n = head.surface().normalAt(p);
              double az = head.azimuthRad(p);
              double down = head.fromApexMm(p);
              double beyond = down - head.hairlineFromApexMm(az);
              held[i] = (float) (1 - Smooth.step(beyond / letsGo));
              combedOver[i] = (float) (1 - Smooth.step(beyond / (letsGo + goesOnMm(az))));
              put(grown, i, field.at(p));
              UnitVec g = fallen.at(p);
              // In front the ridge runs out into the hairline: all of it counts as top.
              double front = Smooth.step((FRONT_RAD - Math.abs(az)) / 0.3 + 0.5);
              double over = Smooth.step((head.ridgeFromApexMm(az) - down + 18) / 40);
              double top = Math.max(over, front);
              put(combed, i, way(styling, p, n, g, top, partX, crown));
            });
  }

  /** How far past the hairline the comb goes on, mm. */
  private static double goesOnMm(double azimuthRad) {
    double a = Math.abs(Math.toDegrees(azimuthRad));
    double front = 1 - Smooth.step((a - 52) / 22);
    double nape = Smooth.step((a - 128) / 24);
    return OVER_FOREHEAD_MM * front + OVER_NAPE_MM * nape;
  }

  private static UnitVec way(
      Styling s, Vec3 p, UnitVec n, UnitVec grown, double top, double partX, Vec3 crown) {
    Vec3 g = grown.times(1);
    boolean across = s.way() == Styling.Way.LEFT || s.way() == Styling.Way.RIGHT;
    double back = s.way() == Styling.Way.BACK ? 1 : Math.min(2.4, 3.4 * s.hold());
    Vec3 over =
        switch (s.way()) {
          case NATURAL -> g;
          case BACK -> new Vec3(0, -1, 0);
          // Forward over the top, down where it is steep: never in toward the middle.
          case FORWARD -> new Vec3(0, n.z(), -0.8 * (1 - n.z()));
          case LEFT -> new Vec3(-1, 0.35 - back, 0);
          case RIGHT -> new Vec3(1, 0.35 - back, 0);
          case UP -> n.times(0.7).plus(new Vec3(0, 0.25, 1.5));
        };
    if (s.part() != Styling.Part.NONE) {
      double hand = 2 * Smooth.step((p.x() - partX) / 5 + 0.5) - 1;
      over = new Vec3(hand, across ? over.y() : 0.4 - 1.2 * back, -0.1);
    }
    Vec3 side =
        switch (s.way()) {
          // Combed back and down below the ridge.
          case BACK, LEFT, RIGHT -> new Vec3(0, -0.75, -1);
          case FORWARD -> new Vec3(0, p.y() > -30 ? 0.55 : 0.1, -1);
          default -> s.sidePart() ? new Vec3(0, -0.75, -1) : g;
        };
    if (s.way() != Styling.Way.BACK) {
      // Behind the crown it lies as it grows, away from the whorl.
      double behind = p.y() - crown.y();
      // Dried over to a side it was combed on up to the whorl; else it goes its own way before
      // that.
      double front = Smooth.step(across ? (behind + 8) / 22 : (behind - 4) / 46);
      if (s.part() != Styling.Part.NONE) {
        // Beside a part the comb laid it to its own side as far as the part goes.
        double beside = 1 - Smooth.step((Math.abs(p.x() - partX) - BESIDE_MM) / BESIDE_MM);
        front = Math.max(front, beside * Smooth.step((behind + 10) / 20));
      }
      over = over.times(front).plus(g.times(1 - front));
    }
    Vec3 d = over.times(top).plus(side.times(1 - top));
    if (s.way() == Styling.Way.UP && top > 0.02) {
      return UnitVec.of(d.plus(n.times(0.001)));
    }
    Vec3 flat = d.minus(n.times(n.dot(d)));
    return flat.norm() < 0.25 ? grown : UnitVec.of(flat);
  }

  private static void put(float[] all, int i, UnitVec d) {
    all[3 * i] = (float) d.x();
    all[3 * i + 1] = (float) d.y();
    all[3 * i + 2] = (float) d.z();
  }
}
