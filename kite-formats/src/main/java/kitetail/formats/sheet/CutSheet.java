package kitetail.formats.sheet;

import static kitetail.formats.sheet.Pdf.text;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import kitetail.formats.picture.View;
import kitetail.formats.words.SheetWords;
import kitetail.formats.words.Words;
import kitetail.plan.Outcome;

/**
 * The cut sheet: one page with the head from four sides, the moves in order with their numbers, and
 * the cautions.
 */
public final class CutSheet {
  /** The largest that leaves the sheet on one page is taken. */
  private static final double[] TYPE_SIZES_PT = {9, 8.4, 7.8, 7.2, 6.6, 6, 5.4, 4.8};

  private static final int MOST_CAUTIONS = 5;

  private static final byte[] BLANK = blank();

  private CutSheet() {}

  public static byte[] pdf(Sheet s, Paper paper) {
    List<View> sides = List.of(View.RIGHT, View.BACK, View.TOP);
    List<byte[]> maps = s.maps(sides);
    StringBuilder heads = new StringBuilder();
    StringBuilder blanks = new StringBuilder();
    cell(heads, s.fallenPng(), text(SheetWords.asItFalls()));
    cell(blanks, BLANK, text(SheetWords.asItFalls()));
    for (int i = 0; i < sides.size(); i++) {
      String side = text(SheetWords.side(sides.get(i)));
      cell(heads, maps.get(i), side);
      cell(blanks, BLANK, side);
    }
    // Pictures take most of the time to print: the type is tried without them.
    int fits = 0;
    for (int least = TYPE_SIZES_PT.length - 1; fits < least; ) {
      int middle = (fits + least) / 2;
      if (Pdf.pages(Pdf.print(html(s, paper, blanks.toString(), TYPE_SIZES_PT[middle]))) == 1) {
        least = middle;
      } else {
        fits = middle + 1;
      }
    }
    return Pdf.print(html(s, paper, heads.toString(), TYPE_SIZES_PT[fits]));
  }

  /** As wide and high as the pictures, with nothing on it. */
  private static byte[] blank() {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(
          new BufferedImage(
              Sheet.PICTURE_WIDTH / 10, Sheet.PICTURE_HEIGHT / 10, BufferedImage.TYPE_INT_RGB),
          "png",
          out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void cell(StringBuilder heads, byte[] png, String caption) {
    heads.append("<td>").append(Pdf.image(png)).append("<br/>").append(caption).append("</td>");
  }

  private static String html(Sheet s, Paper paper, String heads, double type) {
    StringBuilder h = new StringBuilder();
    h.append("<html><head><style>")
        .append("@page{size:")
        .append(paper.css())
        .append(";margin:12mm 13mm 10mm}body{font-family:Sheet;color:#1b2440;font-size:")
        .append(type)
        .append("pt;line-height:1.28;margin:0}")
        .append(
            "h1{font-size:19pt;margin:0}.who{font-size:10pt;margin:0 0 3mm;color:#4a5268}table{width:100%;border-collapse:collapse}")
        .append(
            ".heads td{width:25%;text-align:center;color:#4a5268;font-size:8pt}.heads img{width:43mm}")
        .append(
            ".moves td{vertical-align:top;padding:1.1mm 1.5mm;border-bottom:0.3mm solid #d9d2c2}.n{width:6mm;font-weight:700;font-size:13pt;color:#b5371f}")
        .append(
            ".big{width:27mm;font-weight:700;font-size:11pt}.small{color:#4a5268}.t{width:19mm;text-align:right}")
        .append(
            ".cautions{margin-top:3mm;border-left:1mm solid #e0b020;padding-left:3mm}.cautions p{margin:0 0 0.8mm}")
        .append("</style></head><body>");
    h.append("<h1>")
        .append(text(s.plan().title()))
        .append("</h1><p class='who'>")
        .append(text(s.subtitle()))
        .append("</p><table class='heads'><tr>")
        .append(heads)
        .append("</tr></table><table class='moves'>");
    Words words = s.words();
    int i = 1;
    for (Outcome.Step step : s.outcome().steps()) {
      h.append("<tr><td class='n'>")
          .append(i++)
          .append("</td><td class='big'>")
          .append(text(words.headline(step.move().with(step.cut()))))
          .append("</td><td><b>")
          .append(text(step.move().name()))
          .append(".</b> ")
          .append(text(words.sentence(step.move())))
          .append(
              step.move().watch().isEmpty()
                  ? ""
                  : "<br/><span class='small'>" + text(step.move().watch()) + "</span>")
          .append("</td><td class='t'>")
          .append(SheetWords.amount(step).replace(", ", "<br/>"))
          .append("</td></tr>");
    }
    h.append("</table><div class='cautions'>");
    s.cautions(MOST_CAUTIONS).forEach(c -> h.append("<p>").append(text(c)).append("</p>"));
    return h.append("<p>")
        .append(text(SheetWords.caution()))
        .append("</p></div></body></html>")
        .toString();
  }
}
