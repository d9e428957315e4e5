package kitetail.formats.answer;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import kitetail.fall.PartLine;
import kitetail.fall.SkinLine;
import kitetail.formats.picture.FaceInk;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.head.FaceLine;
import org.jspecify.annotations.Nullable;

/**
 * The colours of hair, skin and face, and how soon roots hide the skin.
 *
 * @param colour hairs as seen from afar, #rrggbb
 * @param pigmented hairs that have pigment
 * @param white hairs that have none
 * @param greyShare share of the white ones
 * @param lengths the lengths beyond the grown roots, where they were coloured
 * @param rootsMm how long those roots are; missing where nothing was coloured
 * @param part the line where the hair is parted, if it is
 * @param pressed lines pressed to the skin
 * @param hidesPerMm how soon roots hide the skin, a millimetre of length
 * @param face #rrggbbaa of each kind of line of the face
 */
public record HairInk(
    String colour,
    String pigmented,
    String white,
    double greyShare,
    String lengths,
    @Nullable Double rootsMm,
    @Nullable Part part,
    List<Line> pressed,
    String skinColour,
    double hidesPerMm,
    List<String> face) {

  /**
   * A parting worn.
   *
   * @param x how far to the right it lies, mm
   * @param fromY where it ends toward the back, mm
   */
  public record Part(double x, double fromY) {
    private static @Nullable Part of(@Nullable PartLine p) {
      return p == null ? null : new Part(p.x(), p.fromY());
    }
  }

  /**
   * A line pressed to the skin.
   *
   * @param xyzMm points of its middle in turn
   * @param showsShare how much of the skin is seen in it
   */
  public record Line(List<Double> xyzMm, double widthMm, double showsShare) {
    private static Line of(SkinLine l, double shows) {
      List<Double> xyz =
          l.points().stream()
              .flatMap(p -> Stream.of(p.x(), p.y(), p.z()))
              .map(Line::tenths)
              .toList();
      return new Line(xyz, l.widthMm(), shows);
    }

    private static double tenths(double mm) {
      return Math.round(10 * mm) / 10.0;
    }
  }

  public static HairInk of(Fall f) {
    Hair hair = f.hair();
    HairColour worn = f.colour();
    return new HairInk(
        hex(worn.mean()),
        hex(worn.pigmented()),
        hex(worn.white()),
        worn.greyShare(),
        hex(worn.lengths()),
        worn.dyed() == null ? null : worn.dyed().rootsMm(),
        Part.of(PartLine.of(f.styling(), f.ground().scalp().head())),
        f.lines().stream().map(l -> Line.of(l, f.linesShow())).toList(),
        hex(hair.skin().rgb()),
        Fall.hidesPerMm(hair.densityPerCm2() / 100, hair.diameterUm() / 1000),
        Arrays.stream(FaceLine.Kind.values())
            .map(k -> String.format("#%08x", Integer.rotateLeft(FaceInk.argb(k, hair), 8)))
            .toList());
  }

  private static String hex(int rgb) {
    return String.format("#%06x", rgb);
  }
}
