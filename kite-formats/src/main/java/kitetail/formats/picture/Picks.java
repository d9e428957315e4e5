package kitetail.formats.picture;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import kitetail.formats.json.MergePatch;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.SitDownJson;
import kitetail.head.HeadMeasureException;
import kitetail.head.HeadSpec;
import kitetail.plan.SitDown;
import tools.jackson.databind.JsonNode;

/** The picks of the sit-down: each option is a change to the document, and drawn as such. */
public final class Picks {
  private static final List<Group> ALL = List.of(PlanJson.shipped("picks.json", Group[].class));

  private Picks() {}

  /**
   * @param part of the sit-down it belongs to
   * @param eye from where it is drawn
   * @param hair it is drawn with, where an option says nothing else
   * @param why a short reason in trade words
   */
  public record Group(
      String id,
      String title,
      String part,
      String eye,
      PickHair hair,
      List<Option> options,
      String why) {}

  /**
   * @param set a JSON merge patch (RFC 7396) on the sit-down document
   * @param hair it is drawn with; null for its group's
   */
  public record Option(String id, String title, JsonNode set, PickHair hair) {}

  public static List<Group> all() {
    return ALL;
  }

  /**
   * Every option of a group on this client's own head, side by side in one image.
   *
   * @param heads gives a head to draw on; asked by many threads
   */
  public static BufferedImage strip(
      Group group, SitDown now, Function<HeadSpec, PickHead> heads, int width, int height) {
    JsonNode document = SitDownJson.tree(now);
    BufferedImage strip =
        new BufferedImage(width * group.options().size(), height, BufferedImage.TYPE_INT_ARGB);
    List<BufferedImage> drawn =
        group.options().parallelStream()
            .map(o -> one(group, o, document, heads, width, height))
            .toList();
    Graphics2D g = strip.createGraphics();
    for (int i = 0; i < drawn.size(); i++) {
      g.drawImage(drawn.get(i), i * width, 0, null);
    }
    g.dispose();
    return strip;
  }

  private static BufferedImage one(
      Group group,
      Option option,
      JsonNode document,
      Function<HeadSpec, PickHead> heads,
      int width,
      int height) {
    SitDown picked = SitDownJson.read(MergePatch.apply(document, option.set()));
    PickHead head;
    try {
      head = heads.apply(picked.head());
    } catch (HeadMeasureException e) {
      // The measures taken do not go with this shape: drawn as it would look by the girth alone.
      HeadSpec.Measured m = picked.head();
      head =
          heads.apply(
              new HeadSpec.Measured(
                  m.girthMm(),
                  null,
                  null,
                  null,
                  null,
                  m.shape(),
                  m.hairline(),
                  m.nudges(),
                  m.relief()));
    }
    return PickPicture.draw(
        head,
        picked.hair(),
        PickPicture.Eye.valueOf(group.eye().toUpperCase(Locale.ROOT)),
        option.hair() == null ? group.hair() : option.hair(),
        width,
        height);
  }
}
