package kitetail.head;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/**
 * The places of hair the engine computes on: evenly spread sites, each with its share of the skin,
 * and after them the points of the walks and the named places, which carry no area but are cut like
 * any other hair. Structure of arrays; read only.
 *
 * <p>Sites are a golden-angle spiral warped so that every turn holds the same area; each site's
 * area is that of the skin nearest to it, gathered from a fine grid fitted to the hairline.
 */
public final class Scalp {
  public static final int DEFAULT_SITES = 4000;
  private static final int HAIRLINE_POINTS = 1080;
  private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

  /** Bits of skin a site, on average, when areas are shared out. */
  private static final double CELLS_A_SITE = 9.7;

  private static final double CELL_SHAPE = 7.5;

  private final Head head;
  private final int sites;
  private final Vec3[] points;
  private final UnitVec[] normals;
  private final double[] azimuthRad;
  private final double[] fromApexMm;
  private final double[] aboveHairlineMm;
  private final double[] aboveRidgeMm;
  private final double[] areaMm2;
  private final double totalAreaMm2;
  private final List<Walk> walks;
  private final int firstPlace;
  private volatile double[] fromSideHairlineMm;
  private volatile int[] mirrored;

  private Scalp(Head head, List<Vec3> roots, int sites, List<Walk> walks) {
    this.head = head;
    this.sites = sites;
    this.walks = List.copyOf(walks);
    firstPlace = roots.size();
    for (Place p : Place.values()) {
      roots.add(head.place(p));
    }
    int n = roots.size();
    points = roots.toArray(new Vec3[0]);
    normals = new UnitVec[n];
    azimuthRad = new double[n];
    fromApexMm = new double[n];
    aboveHairlineMm = new double[n];
    aboveRidgeMm = new double[n];
    IntStream.range(0, n)
        .parallel()
        .forEach(
            i -> {
              Vec3 p = points[i];
              normals[i] = head.surface().normalAt(p);
              azimuthRad[i] = head.azimuthRad(p);
              fromApexMm[i] = head.fromApexMm(p);
              aboveHairlineMm[i] =
                  Math.max(0, head.hairlineFromApexMm(azimuthRad[i]) - fromApexMm[i]);
              aboveRidgeMm[i] = head.ridgeFromApexMm(azimuthRad[i]) - fromApexMm[i];
            });
    areaMm2 = new double[n];
    totalAreaMm2 = sites == 0 ? 0 : shareOut();
  }

  /** No sites and no walks: the named places alone, for work that only asks what is left there. */
  public static Scalp ofPlaces(Head head) {
    return ofPoints(head, List.of());
  }

  /** No sites and no walks: some points of the skin, roots from 0, and the named places. */
  public static Scalp ofPoints(Head head, List<Vec3> points) {
    return new Scalp(head, new ArrayList<>(points), 0, List.of());
  }

  /**
   * @param wanted about how many sites, 500 to 20 000
   */
  public static Scalp of(Head head, int wanted) {
    if (wanted < 500 || wanted > 20_000) {
      throw new IllegalArgumentException("wanted must be 500 to 20000, was " + wanted);
    }
    List<Vec3> roots = EvenSpread.over(head, wanted, GOLDEN);
    int sites = roots.size();
    List<Walk> walks = new ArrayList<>();
    for (Walk.Kind kind : Walk.Kind.values()) {
      Walk w = Walk.along(head, kind, roots.size());
      walks.add(w);
      roots.addAll(w.pointsMm());
    }
    return new Scalp(head, roots, sites, walks);
  }

  /** Gives every bit of skin to the nearest site; returns the whole area in mm². */
  private double shareOut() {
    NearestSite nearest = new NearestSite(points, sites);
    int steps = (int) Math.ceil(Math.sqrt(sites * CELLS_A_SITE / CELL_SHAPE));
    int azimuths = (int) Math.ceil(steps * CELL_SHAPE);
    int[] site = new int[azimuths * steps];
    double[] area = new double[site.length];
    IntStream.range(0, azimuths)
        .parallel()
        .forEach(
            i -> {
              double a0 = 2 * Math.PI * i / azimuths - Math.PI;
              double a1 = a0 + 2 * Math.PI / azimuths;
              double mid = (a0 + a1) / 2;
              double end = head.hairlinePolarRad(mid);
              Vec3 left = head.meridians().point(a0, 0);
              Vec3 right = left;
              for (int k = 1; k <= steps; k++) {
                double polar = end * k / steps;
                Vec3 nextLeft = head.meridians().point(a0, polar);
                Vec3 nextRight = head.meridians().point(a1, polar);
                int cell = i * steps + k - 1;
                area[cell] = nextRight.minus(left).cross(nextLeft.minus(right)).norm() / 2;
                Vec3 at = head.meridians().point(mid, end * (k - 0.5) / steps);
                site[cell] = nearest.to(at);
                left = nextLeft;
                right = nextRight;
              }
            });
    // Added up in one order, so that the same head gives the same areas to the last bit.
    double total = 0;
    for (int cell = 0; cell < site.length; cell++) {
      areaMm2[site[cell]] += area[cell];
      total += area[cell];
    }
    return total;
  }

  public Head head() {
    return head;
  }

  /** Number of sites; indices below it carry area. */
  public int sites() {
    return sites;
  }

  /** The root at a named place. */
  public int root(Place p) {
    return firstPlace + p.ordinal();
  }

  /** Number of roots: sites, walk points and named places. */
  public int roots() {
    return points.length;
  }

  public Vec3 pointMm(int i) {
    return points[i];
  }

  public UnitVec normal(int i) {
    return normals[i];
  }

  public double azimuthRad(int i) {
    return azimuthRad[i];
  }

  public double fromApexMm(int i) {
    return fromApexMm[i];
  }

  public double aboveHairlineMm(int i) {
    return aboveHairlineMm[i];
  }

  /**
   * How far the nearest place of the hairline behind the temples is, along the skin, mm. Beside the
   * ear and at the temple that is to the side and not below.
   */
  public double fromSideHairlineMm(int i) {
    double[] known = fromSideHairlineMm;
    if (known == null) {
      known = nearestHairline();
      fromSideHairlineMm = known;
    }
    return known[i];
  }

  /** The site nearest to where a site would lie on the other side. */
  public int mirrored(int site) {
    int[] known = mirrored;
    if (known == null) {
      NearestSite nearest = new NearestSite(points, sites);
      known = new int[sites];
      for (int i = 0; i < sites; i++) {
        Vec3 p = points[i];
        known[i] = nearest.to(new Vec3(-p.x(), p.y(), p.z()));
      }
      mirrored = known;
    }
    return known[site];
  }

  private double[] nearestHairline() {
    double left = head.azimuthRad(head.place(Place.TEMPLE_LEFT));
    double right = head.azimuthRad(head.place(Place.TEMPLE_RIGHT));
    Vec3[] line = new Vec3[HAIRLINE_POINTS];
    for (int k = 0; k < line.length; k++) {
      double share = (double) k / (line.length - 1);
      line[k] = head.edge(right + share * (2 * Math.PI + left - right));
    }
    NearestSite nearest = new NearestSite(line, line.length);
    double[] out = new double[points.length];
    for (int i = 0; i < out.length; i++) {
      double chord = points[i].distanceTo(line[nearest.to(points[i])]);
      double r = points[i].distanceTo(head.surface().centreMm());
      double arc = 2 * r * Math.asin(Math.min(1, chord / (2 * r)));
      boolean front = azimuthRad[i] > left && azimuthRad[i] < right;
      out[i] = front ? arc : Math.min(arc, aboveHairlineMm[i]);
    }
    return out;
  }

  public double aboveRidgeMm(int i) {
    return aboveRidgeMm[i];
  }

  /** Share of the way from the apex to the hairline, 0 to 1. */
  public double shareOfWay(int i) {
    return fromApexMm[i] / (fromApexMm[i] + aboveHairlineMm[i]);
  }

  public double areaMm2(int i) {
    return areaMm2[i];
  }

  /** Area of some of the roots together. */
  public double areaMm2(int[] roots) {
    double area = 0;
    for (int i : roots) {
      area += areaMm2[i];
    }
    return area;
  }

  public double totalAreaMm2() {
    return totalAreaMm2;
  }

  public List<Walk> walks() {
    return walks;
  }

  public Walk walk(Walk.Kind kind) {
    return walks.get(kind.ordinal());
  }
}
