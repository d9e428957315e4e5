package kitetail.formats.sheet;

import static kitetail.formats.sheet.Pdf.text;

import java.util.List;
import java.util.Locale;
import kitetail.formats.picture.View;
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

  private CutSheet() {}

  public static byte[] pdf(Sheet s, Paper paper) {
    StringBuilder heads = new StringBuilder();
    cell(heads, s.fallenPng(), "as it falls");
    for (View v : List.of(View.RIGHT, View.BACK, View.TOP)) {
      cell(heads, s.map(v), v.name().toLowerCase(Locale.ROOT));
    }
    byte[] sheet = {};
    for (double type : TYPE_SIZES_PT) {
      sheet = Pdf.print(html(s, paper, heads.toString(), type));
      if (Pdf.pages(sheet) == 1) {
        break;
      }
    }
    return sheet;
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
          .append(Sheet.amount(step).replace(", ", "<br/>"))
          .append("</td></tr>");
    }
    h.append("</table><div class='cautions'>");
    s.cautions(MOST_CAUTIONS).forEach(c -> h.append("<p>").append(text(c)).append("</p>"));
    return h.append("<p>").append(Sheet.CAUTION).append("</p></div></body></html>").toString();
  }
}
