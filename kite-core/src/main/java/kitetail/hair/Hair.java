package kitetail.hair;

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
    return new Hair(
        exitDeg,
        growthMmPerDay,
        densityPerCm2,
        diameterUm,
        wetDry,
        growth.mirrored(),
        patches.stream().map(HairPatch::mirrored).toList(),
        colour,
        skin,
        beard,
        neck);
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
    return as(growthMmPerDay, other, colour, skin, beard, neck);
  }

  /**
   * @param mmPerDay 0.1 to 0.8
   */
  public Hair growingAt(double mmPerDay) {
    return as(mmPerDay, growth, colour, skin, beard, neck);
  }

  public Hair with(HairColour other) {
    return as(growthMmPerDay, growth, other, skin, beard, neck);
  }

  public Hair on(SkinTone other) {
    return as(growthMmPerDay, growth, colour, other, beard, neck);
  }

  public Hair with(Beard other) {
    return as(growthMmPerDay, growth, colour, skin, other, neck);
  }

  public Hair with(NeckHair other) {
    return as(growthMmPerDay, growth, colour, skin, beard, other);
  }

  private Hair as(
      double mmPerDay, Growth grows, HairColour hue, SkinTone tone, Beard worn, NeckHair kept) {
    return new Hair(
        exitDeg,
        mmPerDay,
        densityPerCm2,
        diameterUm,
        wetDry,
        grows,
        patches,
        hue,
        tone,
        worn,
        kept);
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
