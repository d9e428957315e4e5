package kitetail.hair;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import kitetail.geom.Allowed;

/**
 * The hair of one client, and the skin it is seen against.
 *
 * @param exitDeg angle at which hair leaves the skin, 10 to 90
 * @param growthMmPerDay 0.1 to 0.8
 * @param densityPerCm2 hairs per cm², the mean of the scalp, 40 to 400
 * @param diameterUm mean diameter in µm, 30 to 130
 */
@RecordBuilder
public record Hair(
    double exitDeg,
    double growthMmPerDay,
    double densityPerCm2,
    double diameterUm,
    WetDry wetDry,
    Growth growth,
    List<HairPatch> patches,
    HairColour colour,
    SkinTone skin,
    Beard beard,
    NeckHair neck) {
  /** Assumptions; the stylist may put in the client's own. */
  public static final Hair DEFAULT = new Hair(60, 0.36);

  public static final double USUAL_DENSITY = 200;
  public static final double USUAL_DIAMETER_UM = 70;

  public Hair {
    Allowed.within("exitDeg", exitDeg, 10, 90);
    Allowed.within("growthMmPerDay", growthMmPerDay, 0.1, 0.8);
    // Left out of a document, a number reads as 0.
    densityPerCm2 = densityPerCm2 == 0 ? USUAL_DENSITY : densityPerCm2;
    diameterUm = diameterUm == 0 ? USUAL_DIAMETER_UM : diameterUm;
    Allowed.within("densityPerCm2", densityPerCm2, 40, 400);
    Allowed.within("diameterUm", diameterUm, 30, 130);
    wetDry = wetDry == null ? WetDry.STRAIGHT : wetDry;
    growth = growth == null ? Growth.USUAL : growth;
    patches = patches == null ? List.of() : List.copyOf(patches);
    colour = colour == null ? HairColour.USUAL : colour;
    skin = skin == null ? SkinTone.USUAL : skin;
    beard = beard == null ? Beard.NONE : beard;
    neck = neck == null ? NeckHair.CLEANED : neck;
  }

  /** The same with left and right changed over. */
  public Hair mirrored() {
    return HairBuilder.builder(this)
        .growth(growth.mirrored())
        .patches(patches.stream().map(HairPatch::mirrored).toList())
        .build();
  }

  /** Hair of the usual colour. */
  public Hair(
      double exitDeg,
      double growthMmPerDay,
      double densityPerCm2,
      double diameterUm,
      WetDry wetDry,
      Growth growth,
      List<HairPatch> patches) {
    this(
        exitDeg,
        growthMmPerDay,
        densityPerCm2,
        diameterUm,
        wetDry,
        growth,
        patches,
        null,
        null,
        null,
        null);
  }

  public Hair growing(Growth other) {
    return HairBuilder.builder(this).growth(other).build();
  }

  /**
   * @param mmPerDay 0.1 to 0.8
   */
  public Hair growingAt(double mmPerDay) {
    return HairBuilder.builder(this).growthMmPerDay(mmPerDay).build();
  }

  public Hair with(HairColour other) {
    return HairBuilder.builder(this).colour(other).build();
  }

  public Hair on(SkinTone other) {
    return HairBuilder.builder(this).skin(other).build();
  }

  public Hair with(Beard other) {
    return HairBuilder.builder(this).beard(other).build();
  }

  public Hair with(NeckHair other) {
    return HairBuilder.builder(this).neck(other).build();
  }

  /** Hair of the usual kind. */
  public Hair(double exitDeg, double growthMmPerDay) {
    this(
        exitDeg,
        growthMmPerDay,
        USUAL_DENSITY,
        USUAL_DIAMETER_UM,
        WetDry.STRAIGHT,
        Growth.USUAL,
        List.of());
  }
}
