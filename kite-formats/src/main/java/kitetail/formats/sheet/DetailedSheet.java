package kitetail.formats.sheet;

import static kitetail.formats.sheet.Pdf.text;

import java.util.List;
import kitetail.formats.picture.View;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.SheetWords;
import kitetail.formats.words.Words;
import kitetail.head.Place;
import kitetail.plan.Move;
import kitetail.plan.Outcome;

/**
 * The detailed form: each move with the head as it stands after it, seen from where it is cut,
 * where to stand, what to watch and why; then the length left at every named place, and every
 * caution.
 */
public final class DetailedSheet {
  private static final int STEP_WIDTH = 260;
  private static final int STEP_HEIGHT = 286;

  private DetailedSheet() {}

  public static byte[] pdf(Sheet s, Paper paper) {
    StringBuilder h = new StringBuilder();
    h.append("<html><head><style>@page{size:")
        .append(paper.css())
        .append(
            ";margin:12mm 13mm 14mm;@bottom-right{content:counter(page) ' "
                + SheetWords.ofPages()
                + " ' counter(pages);font-family:Sheet;font-size:8pt;color:#4a5268}}")
        .append("body{font-family:Sheet;color:#1b2440;font-size:9.5pt;line-height:1.32;margin:0}")
        .append("h1{font-size:21pt;margin:0}h2{font-size:14pt;margin:6mm 0 2mm}p{margin:0 0 1mm}")
        .append(".who{font-size:10pt;margin:0 0 3mm;color:#4a5268}.small{color:#4a5268}")
        .append("table{width:100%;border-collapse:collapse}td,th{text-align:left}")
        .append(
            ".heads td{width:33%;text-align:center;color:#4a5268;font-size:8pt}.heads img{width:52mm}")
        .append(
            ".move{page-break-inside:avoid;border-top:0.3mm solid #d9d2c2}.move td{vertical-align:top;padding:2mm 0}")
        .append(
            ".n{width:9mm;font-weight:700;font-size:19pt;color:#b5371f}.big{font-weight:700;font-size:15pt}")
        .append(".pic{width:36mm;text-align:right}.pic img{width:34mm}")
        .append(
            ".places td,.places th{padding:0.8mm 2mm 0.8mm 0;border-bottom:0.2mm solid #d9d2c2}")
        .append(".cautions{border-left:1mm solid #e0b020;padding-left:3mm}")
        .append("</style></head><body><h1>")
        .append(text(s.plan().title()))
        .append("</h1><p class='who'>")
        .append(text(s.subtitle()))
        .append("</p>");
    heads(h, s);
    h.append("<h2>" + text(SheetWords.theMoves()) + "</h2>");
    List<byte[]> stages = stages(s);
    for (int i = 0; i < stages.size(); i++) {
      move(h, s, i, stages.get(i));
    }
    places(h, s);
    h.append("<h2>" + text(SheetWords.beforeYouCut()) + "</h2><div class='cautions'>");
    s.cautions(Integer.MAX_VALUE).forEach(c -> h.append("<p>").append(text(c)).append("</p>"));
    h.append("<p>").append(text(SheetWords.caution())).append("</p></div></body></html>");
    return Pdf.print(h.toString());
  }

  private static void heads(StringBuilder h, Sheet s) {
    h.append("<table class='heads'><tr><td>")
        .append(Pdf.image(s.fallenPng()))
        .append("<br/>")
        .append(text(SheetWords.asItFalls()))
        .append("</td>");
    List<View> views = List.of(View.FRONT, View.LEFT, View.RIGHT, View.BACK, View.TOP);
    List<byte[]> maps = s.maps(views);
    for (int k = 0; k < views.size(); k++) {
      if (k == 2) {
        h.append("</tr><tr>");
      }
      h.append("<td>")
          .append(Pdf.image(maps.get(k)))
          .append("<br/>")
          .append(text(SheetWords.side(views.get(k))))
          .append("</td>");
    }
    h.append("</tr></table>");
  }

  /** The head after each move, seen from where it is cut. */
  private static List<byte[]> stages(Sheet s) {
    return s.outcome().steps().parallelStream()
        .map(
            step ->
                s.picture()
                    .png(
                        step.leftMm(),
                        view(step.move().stand()),
                        STEP_WIDTH,
                        STEP_HEIGHT,
                        s.units()))
        .toList();
  }

  private static void move(StringBuilder h, Sheet s, int i, byte[] stage) {
    Words words = s.words();
    Outcome.Step step = s.outcome().steps().get(i);
    Move m = step.move();
    String why = new EditWords(words).why(m, s.plan(), s.outcome(), step);
    h.append("<table class='move'><tr><td class='n'>")
        .append(i + 1)
        .append("</td><td><span class='big'>")
        .append(text(words.headline(m.with(step.cut()))))
        .append("</span> &#160;<b>")
        .append(text(m.name()))
        .append("</b><p>")
        .append(text(words.sentence(m)))
        .append("</p>");
    paragraph(h, "", m.watch());
    paragraph(h, "small", (m.purpose() + " " + why).strip());
    paragraph(
        h,
        "small",
        SheetWords.beside(m, s.plan().section(m.section()).name(), SheetWords.amount(step)));
    h.append("</td><td class='pic'>").append(Pdf.image(stage)).append("</td></tr></table>");
  }

  private static void paragraph(StringBuilder h, String kind, String said) {
    if (!said.isBlank()) {
      h.append("<p class='").append(kind).append("'>").append(text(said)).append("</p>");
    }
  }

  private static View view(Move.Stand stand) {
    return switch (stand) {
      case FRONT -> View.FRONT;
      case LEFT -> View.LEFT;
      case RIGHT -> View.RIGHT;
      case BACK -> View.BACK;
    };
  }

  private static void places(StringBuilder h, Sheet s) {
    h.append("<h2>").append(text(SheetWords.lengths())).append("</h2><table class='places'><tr>");
    for (String head : List.of(SheetWords.place(), SheetWords.before(), SheetWords.left())) {
      h.append("<th>").append(text(head)).append("</th>");
    }
    h.append("</tr>");
    for (Place p : Place.values()) {
      int root = s.outcome().scalp().root(p);
      h.append("<tr><td>")
          .append(s.words().place(p))
          .append("</td><td>")
          .append(s.units().length(s.outcome().beforeMm()[root]))
          .append("</td><td><b>")
          .append(s.units().length(s.outcome().afterMm()[root]))
          .append("</b></td></tr>");
    }
    h.append("</table>");
  }
}
