package kitetail.server.sitdown;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import kitetail.fall.Fall;
import kitetail.formats.answer.HairInk;
import kitetail.formats.picture.Picks;
import kitetail.formats.picture.Strokes;
import kitetail.formats.words.Refused;
import kitetail.formats.words.Units;
import kitetail.hair.HairMap;
import kitetail.hair.StartingLengths;
import kitetail.hair.WetDry;
import kitetail.plan.SitDown;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.server.fall.FallBytes;
import kitetail.server.fall.Falls;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is shown of a head at the sit-down, from its document alone. */
@Component
class SitDrawings {
  static final int STROKES = 1800;
  private static final int MIN_PX = 40;
  private static final int MAX_PX = 400;

  /** Of what a strand pulled wet was, the least it can be dry and let go: tight coils. */
  private static final double TIGHTEST = 0.195;

  private final SitHeads heads;
  private final Falls falls;
  private final FallBytes bytes;
  private final JsonMapper json;

  SitDrawings(SitHeads heads, Falls falls, FallBytes bytes, JsonMapper json) {
    this.heads = heads;
    this.falls = falls;
    this.bytes = bytes;
    this.json = json;
  }

  record PickOption(String id, String title, JsonNode set) {}

  record PickGroup(String id, String title, String part, List<PickOption> options, String why) {}

  /** A strand measured twice, mm. */
  record Strand(double wetPulledMm, double dryRelaxedMm) {}

  /**
   * The drawn head, with what is read from it, as {@link SitBinary} lays it out.
   *
   * @param meshes false when the page has this head's meshes already
   * @param strokes false when how hair grows is not shown
   */
  byte[] head(SitDown s, boolean meshes, boolean strokes, Units units) {
    SitHeads.Drawn d = heads.of(s.head());
    HairMap hair = HairMap.of(d.scalp(), s.hair());
    double[] lengths = StartingLengths.spread(d.scalp(), s.start(), s.hair());
    SitReading reading = SitReading.of(s, d.scalp(), hair, lengths, units);
    return SitBinary.of(
        json.writeValueAsString(reading),
        d,
        meshes,
        hair,
        lengths,
        strokes ? Strokes.of(d.scalp().head(), s.hair(), STROKES) : List.of());
  }

  /** The hair as it hangs today, as {@link FallBytes} lays it out. */
  byte[] fall(SitDown s) {
    Fall f = falls.uncut(s.head(), s.hair(), s.start());
    return bytes.of(new SitFall(0, f.strands(), HairInk.of(f)), f);
  }

  List<PickGroup> picks() {
    return Picks.all().stream().map(SitDrawings::group).toList();
  }

  private static PickGroup group(Picks.Group g) {
    List<PickOption> options =
        g.options().stream().map(o -> new PickOption(o.id(), o.title(), o.set())).toList();
    return new PickGroup(g.id(), g.title(), g.part(), options, g.why());
  }

  /**
   * All options of a group of picks on this client's own head, side by side, as a PNG.
   *
   * @throws FieldException when a size is out of range
   * @throws NotFoundException when there is no such group
   */
  byte[] pick(String group, int width, int height, SitDown s) {
    if (width < MIN_PX || width > MAX_PX || height < MIN_PX || height > MAX_PX) {
      throw new FieldException(
          "width, height", width + " × " + height, "allowed " + MIN_PX + " to " + MAX_PX + " each");
    }
    Picks.Group g =
        Picks.all().stream()
            .filter(p -> p.id().equals(group))
            .findFirst()
            .orElseThrow(() -> new NotFoundException(Refused.because("no-picks", "group", group)));
    return png(Picks.strip(g, s, falls::pick, width, height));
  }

  private static byte[] png(BufferedImage image) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Stretch and curl from one strand measured wet and pulled, then dry and let go.
   *
   * @throws FieldException when a length is out of range
   */
  WetDry strand(Strand s) {
    FieldException.within("$.wetPulledMm", s.wetPulledMm(), 1, 1500);
    FieldException.within(
        "$.dryRelaxedMm", s.dryRelaxedMm(), Math.ceil(TIGHTEST * s.wetPulledMm()), s.wetPulledMm());
    return WetDry.ofStrand(s.wetPulledMm(), s.dryRelaxedMm());
  }
}
