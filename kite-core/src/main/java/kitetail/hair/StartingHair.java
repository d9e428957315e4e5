package kitetail.hair;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kitetail.geom.Allowed;
import kitetail.head.Place;
import kitetail.head.Spot;

/** The lengths on a head before a cut, and how they are known. */
public sealed interface StartingHair {
  /** Odd places, painted over the rest in order. */
  List<LengthPatch> patches();

  /** The same with left and right changed over. */
  StartingHair mirrored();

  /** The same some weeks later, nothing cut. */
  StartingHair later(double days, double growthMmPerDay);

  /**
   * Lengths taped at named places; the rest lies smoothly between.
   *
   * @param state in what state they were taped; the same for all
   * @param jumps lines the spread does not cross
   */
  record Taped(
      Map<Place, Double> tapedMm, WetDry.State state, List<Jump> jumps, List<LengthPatch> patches)
      implements StartingHair {
    public Taped {
      if (tapedMm == null || tapedMm.isEmpty()) {
        throw new IllegalArgumentException("tapedMm must name at least one place");
      }
      tapedMm.forEach((p, l) -> Allowed.within("tapedMm at " + p, l, 0, 1500));
      tapedMm = Collections.unmodifiableMap(new TreeMap<>(tapedMm));
      state = state == null ? WetDry.State.DRY_STRAIGHT : state;
      jumps = jumps == null ? List.of() : List.copyOf(jumps);
      patches = patches == null ? List.of() : List.copyOf(patches);
    }

    @Override
    public Taped mirrored() {
      Map<Place, Double> other = new TreeMap<>();
      tapedMm.forEach((p, l) -> other.put(p.mirrored(), l));
      return new Taped(other, state, jumps, patches.stream().map(LengthPatch::mirrored).toList());
    }

    @Override
    public Taped later(double days, double growthMmPerDay) {
      double grown = days * growthMmPerDay;
      Map<Place, Double> longer = new TreeMap<>();
      tapedMm.forEach((p, l) -> longer.put(p, Math.min(1500, l + grown)));
      List<LengthPatch> odd = patches.stream().map(p -> p.longer(grown)).toList();
      return new Taped(longer, state, jumps, odd);
    }

    /** Six lengths, the side standing for both. */
    public static Taped six(
        double frontMm,
        double topMm,
        double crownMm,
        double sideMm,
        double occipitalMm,
        double napeMm) {
      return new Taped(
          Map.of(
              Place.FRONT, frontMm,
              Place.APEX, topMm,
              Place.CROWN, crownMm,
              Place.EAR_TOP_LEFT, sideMm,
              Place.EAR_TOP_RIGHT, sideMm,
              Place.OCCIPITAL, occipitalMm,
              Place.NAPE, napeMm),
          null,
          null,
          null);
    }
  }

  /**
   * The result of an earlier cut, kept at many spots, and what has grown since.
   *
   * @param days since that cut, 0 to 3650
   */
  record Grown(List<Kept> kept, double days, List<LengthPatch> patches) implements StartingHair {
    public Grown {
      Allowed.within("days", days, 0, 3650);
      if (kept == null || kept.size() < 20) {
        throw new IllegalArgumentException("kept must hold at least 20 spots");
      }
      kept = List.copyOf(kept);
      patches = patches == null ? List.of() : List.copyOf(patches);
    }

    @Override
    public Grown later(double more, double growthMmPerDay) {
      List<LengthPatch> odd = patches.stream().map(p -> p.longer(more * growthMmPerDay)).toList();
      return new Grown(kept, Math.min(3650, days + more), odd);
    }

    @Override
    public Grown mirrored() {
      return new Grown(
          kept.stream().map(k -> new Kept(0 - k.azimuthDeg(), k.share(), k.lengthMm())).toList(),
          days,
          patches.stream().map(LengthPatch::mirrored).toList());
    }
  }

  /** A length kept at a spot. */
  record Kept(double azimuthDeg, double share, double lengthMm) {
    public Kept {
      Allowed.within("lengthMm", lengthMm, 0, 1500);
    }

    Spot spot() {
      return new Spot(azimuthDeg, share);
    }
  }
}
