package kitetail.formats.sheet;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import kitetail.check.Check;
import kitetail.formats.picture.HeadPicture;
import kitetail.formats.picture.View;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.plan.Finding;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * The cut sheet: one page with the head from four sides, the moves in order with their numbers, and
 * the cautions.
 */
public final class CutSheet {
  public static final int PICTURE_WIDTH = 400;
  public static final int PICTURE_HEIGHT = 440;

  /** The largest that leaves the sheet on one page is taken. */
  private static final double[] TYPE_SIZES_PT = {9, 8.4, 7.8, 7.2, 6.6, 6, 5.4, 4.8};

  static {
    com.openhtmltopdf.util.XRLog.setLoggingEnabled(false);
  }

  private CutSheet() {}

  /**
   * @param who whom it is for, as the shop writes it; may be empty
   */
  public static byte[] pdf(
      Plan plan, Outcome o, HeadPicture picture, byte[] fallenPng, Units units, String who) {
    StringBuilder heads = new StringBuilder();
    cell(heads, fallenPng, "as it falls");
    for (View v : List.of(View.RIGHT, View.BACK, View.TOP)) {
      byte[] png = picture.png(o.afterMm(), v, PICTURE_WIDTH, PICTURE_HEIGHT, units);
      cell(heads, png, v.name().toLowerCase(Locale.ROOT));
    }
    byte[] sheet = {};
    for (double type : TYPE_SIZES_PT) {
      sheet = print(html(plan, o, heads.toString(), new Words(units), who, type));
      if (pages(sheet) == 1) {
        break;
      }
    }
    return sheet;
  }

  private static void cell(StringBuilder heads, byte[] png, String caption) {
    heads
        .append("<td><img src='data:image/png;base64,")
        .append(Base64.getEncoder().encodeToString(png))
        .append("'/><br/>")
        .append(caption)
        .append("</td>");
  }

  private static int pages(byte[] pdf) {
    try (PDDocument d = Loader.loadPDF(pdf)) {
      return d.getNumberOfPages();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] print(String html) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      PdfRendererBuilder b = new PdfRendererBuilder();
      font(b, "400Regular", 400);
      font(b, "700Bold", 700);
      b.withHtmlContent(html, null);
      b.toStream(out);
      b.run();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void font(PdfRendererBuilder b, String cut, int weight) {
    b.useFont(
        () ->
            CutSheet.class.getResourceAsStream(
                "/kitetail/fonts/AtkinsonHyperlegibleNext_" + cut + ".ttf"),
        "Sheet",
        weight,
        PdfRendererBuilder.FontStyle.NORMAL,
        true);
  }

  private static String html(
      Plan plan, Outcome o, String heads, Words words, String who, double type) {
    int n = plan.moves().size();
    StringBuilder h = new StringBuilder();
    h.append("<html><head><style>")
        .append(
            "@page{size:A4;margin:12mm 13mm 10mm}body{font-family:Sheet;color:#1b2440;font-size:")
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
        .append(text(plan.title()))
        .append("</h1><p class='who'>")
        .append(text(who))
        .append(who.isBlank() ? "" : " · ")
        .append(String.format(Locale.ROOT, "%d moves · about %.0f minutes</p>", n, o.minutes()));
    h.append("<table class='heads'><tr>");
    h.append(heads);
    h.append("</tr></table><table class='moves'>");
    int i = 1;
    for (Outcome.Step s : o.steps()) {
      h.append("<tr><td class='n'>")
          .append(i++)
          .append("</td><td class='big'>")
          .append(text(words.headline(s.move().with(s.cut()))))
          .append("</td><td><b>")
          .append(text(s.move().name()))
          .append(".</b> ")
          .append(text(words.sentence(s.move())))
          .append(
              s.move().watch().isEmpty()
                  ? ""
                  : "<br/><span class='small'>" + text(s.move().watch()) + "</span>")
          .append(
              String.format(
                  Locale.ROOT,
                  "</td><td class='t'>%d bites<br/>%.0f min</td></tr>",
                  s.bites(),
                  Math.max(1, s.minutes())));
    }
    h.append("</table><div class='cautions'>");
    for (Finding f : Check.of(plan, o).stream().filter(x -> x.meant() == null).limit(5).toList()) {
      h.append("<p>").append(text(words.finding(f, plan))).append("</p>");
    }
    h.append(
        "<p>Look for moles, scars and broken skin before you begin; do not cut there. Fold the ear away. Tools disinfected for the full contact time, a new blade for each client. Local rules and licensed practice come first.</p>");
    return h.append("</div></body></html>").toString();
  }

  private static String text(String s) {
    return s.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }
}
