package kitetail.formats.sheet;

import static kitetail.formats.sheet.Pdf.text;

import java.util.List;
import kitetail.formats.words.SheetWords;

/** All that is kept on a client, to be read by them: headings with lines under each, as a PDF. */
public final class ClientRecord {
  /** A heading and what stands under it. */
  public record Part(String title, List<String> lines) {}

  private ClientRecord() {}

  public static byte[] pdf(String name, String subtitle, List<Part> parts, Paper paper) {
    StringBuilder h = new StringBuilder();
    h.append("<html><head><style>@page{size:")
        .append(paper.css())
        .append(
            ";margin:14mm;@bottom-right{content:counter(page) ' "
                + SheetWords.ofPages()
                + " ' counter(pages);font-family:Sheet;font-size:8pt;color:#4a5268}}")
        .append("body{font-family:Sheet;color:#1b2440;font-size:10pt;line-height:1.35;margin:0}")
        .append("h1{font-size:21pt;margin:0}h2{font-size:13pt;margin:5mm 0 1mm}p{margin:0 0 1mm}")
        .append("</style></head><body><h1>")
        .append(text(name))
        .append("</h1><p>")
        .append(text(subtitle))
        .append("</p>");
    for (Part p : parts) {
      h.append("<h2>").append(text(p.title())).append("</h2>");
      p.lines().forEach(l -> h.append("<p>").append(text(l)).append("</p>"));
      if (p.lines().isEmpty()) {
        h.append("<p>" + text(SheetWords.nothing()) + "</p>");
      }
    }
    return Pdf.print(h.append("</body></html>").toString());
  }
}
