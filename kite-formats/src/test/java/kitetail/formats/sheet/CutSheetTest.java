package kitetail.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.xml.parsers.DocumentBuilderFactory;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.picture.HairPicture;
import kitetail.formats.picture.HeadPicture;
import kitetail.formats.picture.View;
import kitetail.formats.words.Units;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class CutSheetTest {
  private static String text(byte[] pdf) throws IOException {
    try (PDDocument d = org.apache.pdfbox.Loader.loadPDF(pdf)) {
      assertThat(d.getNumberOfPages()).isEqualTo(1);
      return new PDFTextStripper().getText(d);
    }
  }

  private static Sheet sheet(String family, Units units) {
    Plan plan = Families.all().get(family);
    Scalp s = Scalp.of(PlanJson.head(plan), 1500);
    Outcome o = PlanEngine.run(plan, s);
    Fall fall = Fall.of(Ground.of(s), plan.hair(), o.after(), plan.styling());
    byte[] fallen = new HairPicture(s).png(fall, View.CORNER, 400, 440);
    return new Sheet(plan, o, new HeadPicture(s), fallen, units, "A. Client & Son");
  }

  private static int[] sizePt(byte[] pdf) throws IOException {
    try (PDDocument d = org.apache.pdfbox.Loader.loadPDF(pdf)) {
      var box = d.getPage(0).getMediaBox();
      return new int[] {Math.round(box.getWidth()), Math.round(box.getHeight())};
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"quiet-side-part", "gents-scissor-cut"})
  void theSheet_isOnePage_withEveryMoveAndTheCautions(String family) throws IOException {
    Sheet sheet = sheet(family, Units.CM);
    String text = text(CutSheet.pdf(sheet, Paper.A4)).replaceAll("\\s+", " ");
    Families.all().get(family).moves().forEach(m -> assertThat(text).contains(m.name()));
    assertThat(text)
        .contains("A. Client & Son")
        .contains("Local rules and licensed practice come first");
  }

  @ParameterizedTest
  @EnumSource(Units.class)
  void lengths_areInTheStylistsUnits(Units units) throws IOException {
    Sheet sheet = sheet("quiet-side-part", units);
    assertThat(text(CutSheet.pdf(sheet, Paper.A4))).contains(units.length(71));
    assertThat(SheetSvg.of(sheet, Paper.A4)).contains(units.length(71));
  }

  /** 72 points an inch: A4 is 595 by 842, letter 612 by 792. */
  @Test
  void everyForm_isOnItsPaper_andTheDetailedOneSaysWhereToStandAndEveryPlace() throws IOException {
    Sheet sheet = sheet("tapered-pixie", Units.CM);
    assertThat(sizePt(CutSheet.pdf(sheet, Paper.A4))).containsExactly(595, 842);
    byte[] letter = CutSheet.pdf(sheet, Paper.LETTER);
    assertThat(sizePt(letter)).containsExactly(612, 792);
    text(letter);
    byte[] detailed = DetailedSheet.pdf(sheet, Paper.LETTER);
    assertThat(sizePt(detailed)).containsExactly(612, 792);
    try (PDDocument d = org.apache.pdfbox.Loader.loadPDF(detailed)) {
      assertThat(d.getNumberOfPages()).isBetween(2, 8);
      String text = new PDFTextStripper().getText(d).replaceAll("\\s+", " ");
      sheet.plan().moves().forEach(m -> assertThat(text).contains(m.name()));
      assertThat(text).contains("stand behind").contains("occipital bone").contains("1 of ");
    }
  }

  @Test
  void theDrawing_isWellFormed_onOnePage_andBringsItsLetters() throws Exception {
    Sheet sheet = sheet("gents-scissor-cut", Units.CM);
    String svg = SheetSvg.of(sheet, Paper.LETTER);
    var doc =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
    assertThat(doc.getDocumentElement().getAttribute("width")).isEqualTo("215.9mm");
    var texts = doc.getElementsByTagName("text");
    StringBuilder all = new StringBuilder();
    for (int i = 0; i < texts.getLength(); i++) {
      var at = texts.item(i).getAttributes();
      assertThat(Double.parseDouble(at.getNamedItem("y").getNodeValue())).isBetween(5.0, 275.0);
      all.append(texts.item(i).getTextContent()).append(' ');
    }
    sheet.plan().moves().forEach(m -> assertThat(all).contains(m.name()));
    assertThat(all).contains("A. Client & Son").doesNotContainPattern("\\b1 bites");
    assertThat(svg).contains("font/ttf;base64");
    assertThat(doc.getElementsByTagName("image").getLength()).isEqualTo(4);
  }
}
