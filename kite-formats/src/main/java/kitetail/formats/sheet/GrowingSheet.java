package kitetail.formats.sheet;

import static kitetail.formats.sheet.Pdf.text;

import java.util.List;
import kitetail.formats.words.GrowOutWords;

/** The way to a shape, visit by visit, to take home: a PDF. */
public final class GrowingSheet {
  /**
   * One visit.
   *
   * @param week from today
   * @param words what is done, a line each
   */
  public record Stop(double week, List<String> words) {}

  private GrowingSheet() {}

  public static byte[] pdf(String title, String who, String words, List<Stop> stops, Paper paper) {
    StringBuilder h = new StringBuilder();
    h.append("<html><head><style>@page{size:")
        .append(paper.css())
        .append(
            ";margin:14mm}body{font-family:Sheet;color:#1b2440;font-size:11pt;line-height:1.4;margin:0}")
        .append("h1{font-size:21pt;margin:0}h2{font-size:13pt;margin:5mm 0 0}p{margin:0 0 1mm}")
        .append("</style></head><body><h1>")
        .append(text(title))
        .append("</h1><p>")
        .append(text(who))
        .append("</p><p>")
        .append(text(words))
        .append("</p>");
    for (Stop s : stops) {
      h.append("<h2>").append(text(GrowOutWords.when(s.week()))).append("</h2>");
      s.words().forEach(w -> h.append("<p>").append(text(w)).append("</p>"));
    }
    return Pdf.print(h.append("</body></html>").toString());
  }
}
