package kitetail.formats.sheet;

import static kitetail.formats.sheet.Pdf.text;

import java.util.List;
import kitetail.formats.words.CardWords;

/**
 * A card for the client to take home, ISO 216 A6: the hair as it falls, what to do with it, when to
 * come, and that again as a calendar entry in a QR code.
 *
 * @param title of the shape
 * @param shop its name
 * @param fallenPng the hair as it falls, as wide to high as {@link Sheet#PICTURE_WIDTH} to {@link
 *     Sheet#PICTURE_HEIGHT}
 * @param care at home, a line each
 * @param when to come back, in words
 * @param calendar the same as an iCalendar file
 */
public record TakeHomeCard(
    String title, String shop, byte[] fallenPng, List<String> care, String when, String calendar) {

  /** The largest that leaves the card on one page is taken. */
  private static final double[] TYPE_SIZES_PT = {11, 9.5, 8.5, 7.5, 6.5};

  public byte[] pdf() {
    byte[] card = Pdf.print(html(TYPE_SIZES_PT[0]));
    for (int i = 1; i < TYPE_SIZES_PT.length && Pdf.pages(card) > 1; i++) {
      card = Pdf.print(html(TYPE_SIZES_PT[i]));
    }
    return card;
  }

  private String html(double type) {
    StringBuilder h =
        new StringBuilder("<html><head><style>@page{size:105mm 148mm;margin:8mm}")
            .append("body{font-family:Sheet;color:#1b2440;line-height:1.35;margin:0;font-size:")
            .append(type)
            .append("pt}h1{font-size:16pt;margin:0}.shop{color:#4a5268;margin:0 0 2mm}")
            .append("table{width:100%;border-collapse:collapse}td{vertical-align:top;padding:0}")
            .append(".head{width:50mm}.head img{width:48mm}ul{margin:0;padding-left:4mm}")
            .append("li{margin:0 0 1mm}h2{font-size:11pt;margin:0 0 1mm}")
            .append(".code{width:36mm;padding-top:3mm}.code img{width:36mm}")
            .append(".when{padding:5mm 0 0 3mm}.when b{font-size:11pt}")
            .append("</style></head><body><h1>");
    h.append(text(title))
        .append("</h1><p class='shop'>")
        .append(text(shop))
        .append("</p><table><tr><td class='head'>")
        .append(Pdf.image(fallenPng))
        .append("</td><td><h2>")
        .append(text(CardWords.atHome()))
        .append("</h2><ul>");
    care.forEach(c -> h.append("<li>").append(text(c)).append("</li>"));
    return h.append("</ul></td></tr></table><table><tr><td class='code'>")
        .append(Pdf.image(QrCode.png(calendar)))
        .append("</td><td class='when'><h2>")
        .append(text(CardWords.whenToCome()))
        .append("</h2><b>")
        .append(text(when))
        .append("</b><br/>")
        .append(text(CardWords.code()))
        .append("</td></tr></table></body></html>")
        .toString();
  }
}
