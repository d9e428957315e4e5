package kitetail.server.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.section.Anchor;
import kitetail.section.Limit;
import kitetail.section.MapGrid;
import kitetail.section.Region;
import kitetail.section.Section;
import kitetail.section.Zone;
import kitetail.server.head.Heads;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import org.springframework.stereotype.Component;

/** The scalp laid flat with the sections of a plan. */
@Component
class ScalpMaps {
  private static final int ROUND = 180;

  private record Key(HeadSpec head, Region region) {}

  private final Heads heads;
  private final Kept<HeadSpec, MapGrid> grids = new Kept<>(Share.GRIDS);
  private final Kept<Key, List<List<MapGrid.Stretch>>> rings = new Kept<>(Share.RINGS);

  ScalpMaps(Heads heads) {
    this.heads = heads;
  }

  /** {@code middle} is a place well inside; {@code corners}: limit, x, y of each that can move. */
  record SectionRow(
      String id,
      String name,
      boolean over,
      double areaMm2,
      double[] middle,
      List<List<MapGrid.Stretch>> rings,
      List<double[]> corners) {}

  /** x to the client's right, y forward, mm about the apex. */
  record ScalpMap(
      List<double[]> hairline,
      List<double[]> ridge,
      Map<Place, double[]> places,
      List<SectionRow> sections) {}

  ScalpMap of(Plan plan) {
    Head head = heads.fitted(plan.head());
    MapGrid grid = grids.get(plan.head(), h -> MapGrid.of(head));
    Map<Place, double[]> places = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      places.put(p, new Anchor(p).on(head));
    }
    List<double[]> hairline = new ArrayList<>();
    List<double[]> ridge = new ArrayList<>();
    for (int i = 0; i < ROUND; i++) {
      double a = 2 * Math.PI * i / ROUND;
      hairline.add(flat(a, head.hairlineFromApexMm(a)));
      ridge.add(flat(a, Math.min(head.ridgeFromApexMm(a), head.hairlineFromApexMm(a))));
    }
    Workbench bench = heads.of(plan).bench();
    List<SectionRow> rows =
        plan.sections().stream().map(s -> row(plan, s, head, grid, bench)).toList();
    return new ScalpMap(hairline, ridge, places, rows);
  }

  /** Where a line down from the apex comes to on the map. */
  static double[] flat(double a, double d) {
    return new double[] {d * Math.sin(a), d * Math.cos(a)};
  }

  private SectionRow row(Plan plan, Section s, Head head, MapGrid grid, Workbench bench) {
    Region region = plan.region(s.id());
    Zone zone = bench.zone(region);
    List<List<MapGrid.Stretch>> around =
        rings.get(new Key(plan.head(), region), k -> grid.rings(region));
    List<double[]> corners = new ArrayList<>();
    for (int l = 0; l < s.limits().size(); l++) {
      List<Anchor> anchors =
          s.limits().get(l) instanceof Limit.Inside in
              ? in.corners()
              : s.limits().get(l) instanceof Limit.Beside b ? b.line() : List.of();
      for (Anchor a : anchors) {
        double[] xy = a.on(head);
        corners.add(new double[] {l, xy[0], xy[1]});
      }
    }
    return new SectionRow(
        s.id(), s.name(), s.over(), zone.areaMm2(), middle(zone), around, corners);
  }

  /**
   * The root farthest from any outside the zone would be best; the one nearest the mean will do.
   */
  private static double[] middle(Zone zone) {
    Scalp scalp = zone.scalp();
    double x = 0;
    double y = 0;
    double n = 0;
    for (int i : zone.roots()) {
      double w = scalp.areaMm2(i);
      x += w * scalp.fromApexMm(i) * Math.sin(scalp.azimuthRad(i));
      y += w * scalp.fromApexMm(i) * Math.cos(scalp.azimuthRad(i));
      n += w;
    }
    if (n == 0) {
      return new double[] {0, 0};
    }
    double[] best = {0, 0};
    double near = Double.MAX_VALUE;
    for (int i : zone.roots()) {
      double[] at = flat(scalp.azimuthRad(i), scalp.fromApexMm(i));
      double far = Math.hypot(at[0] - x / n, at[1] - y / n);
      if (far < near) {
        near = far;
        best = at;
      }
    }
    return best;
  }
}
