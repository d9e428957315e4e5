package kitetail.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.cut.Bites;
import kitetail.cut.Fingers;
import kitetail.cut.Grip;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.section.Anchor;
import kitetail.section.Limit;
import kitetail.section.MapGrid;
import kitetail.section.PartingLines;
import kitetail.section.Region;
import kitetail.section.Section;
import kitetail.section.Zone;
import kitetail.server.answer.EngineWork;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The scalp laid flat with its sections, and one bite as it lies in the hand. */
@RestController
@RequestMapping("/api")
@EngineWork
class MapController {
  private static final int ROUND = 180;

  private record Key(HeadSpec head, Region region) {}

  private final Heads heads;
  private final Kept<HeadSpec, MapGrid> grids = new Kept<>(Share.GRIDS);
  private final Kept<Key, List<List<MapGrid.Stretch>>> rings = new Kept<>(Share.RINGS);

  MapController(Heads heads) {
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

  @PostMapping("/map")
  ScalpMap map(@RequestBody Plan plan) {
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

  private static double[] flat(double a, double d) {
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
    var scalp = zone.scalp();
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

  /** {@code bite} from 1. */
  record GripAsked(
      @NotNull(message = "must be given") Plan document,
      @NotNull(message = "must be given") String move,
      int bite) {}

  /** One stretch of a parting. */
  record PartingRow(int bite, List<double[]> points) {}

  /** Points are x, y, z in mm on the head; {@code flat} the same partings on the scalp map. */
  record GripRow(
      int bite,
      int bites,
      String tool,
      List<double[]> roots,
      List<double[]> tips,
      List<double[]> edge,
      double[] out,
      List<PartingRow> partings,
      List<PartingRow> flat) {}

  @PostMapping("/grip")
  GripRow grip(@Valid @RequestBody GripAsked g) {
    Plan plan = g.document();
    Outcome o = heads.run(plan);
    int m = -1;
    for (int k = 0; k < plan.moves().size(); k++) {
      m = plan.moves().get(k).id().equals(g.move()) ? k : m;
    }
    if (m < 0) {
      throw new FieldException("$.move", g.move(), "it must be a move of the plan");
    }
    Outcome.Step step = o.steps().get(m);
    Zone zone = heads.of(plan).bench().zone(plan.region(step.move().section()));
    double[] had = m == 0 ? o.beforeMm() : o.steps().get(m - 1).leftMm();
    Grip grip =
        Grip.of(step.cut(), zone, plan.hair(), had, step.move().handRatio(plan.hair()), g.bite());
    List<PartingRow> partings = new ArrayList<>();
    List<PartingRow> flat = new ArrayList<>();
    int bites = step.bites();
    if (step.cut() instanceof Fingers f) {
      bites = Bites.of(f, zone).partings();
      for (PartingLines.Line l : PartingLines.of(zone, f.parting(), f.biteMm())) {
        partings.add(
            new PartingRow(l.bite(), l.pointsMm().stream().map(MapController::xyz).toList()));
        flat.add(
            new PartingRow(
                l.bite(), l.pointsMm().stream().map(p -> onMap(zone.head(), p)).toList()));
      }
    }
    return new GripRow(
        grip.bite(),
        bites,
        step.cut().getClass().getSimpleName().toLowerCase(java.util.Locale.ROOT),
        grip.strands().stream().map(s -> xyz(s[0])).toList(),
        grip.strands().stream().map(s -> xyz(s[1])).toList(),
        grip.edgeMm().stream().map(MapController::xyz).toList(),
        new double[] {grip.out().x(), grip.out().y(), grip.out().z()},
        partings,
        flat);
  }

  private static double[] onMap(Head h, Vec3 p) {
    return flat(h.azimuthRad(p), h.fromApexMm(p));
  }

  private static double[] xyz(Vec3 v) {
    return new double[] {round(v.x()), round(v.y()), round(v.z())};
  }

  private static double round(double v) {
    return Math.round(v * 10) / 10.0;
  }
}
