package kitetail.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
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

  private static byte[] sheet(String family, Units units) {
    Plan plan = Families.all().get(family);
    Scalp s = Scalp.of(PlanJson.head(plan), 1500);
    Outcome o = PlanEngine.run(plan, s);
    Fall fall = Fall.of(Ground.of(s), plan.hair(), o.after(), plan.styling());
    byte[] fallen = new HairPicture(s).png(fall, plan.hair().colour(), View.CORNER, 400, 440);
    return CutSheet.pdf(plan, o, new HeadPicture(s), fallen, units, "A. Client & Son");
  }

  @ParameterizedTest
  @ValueSource(strings = {"quiet-side-part", "gents-scissor-cut"})
  void theSheet_isOnePage_withEveryMoveAndTheCautions(String family) throws IOException {
    String text = text(sheet(family, Units.CM)).replaceAll("\\s+", " ");
    Families.all().get(family).moves().forEach(m -> assertThat(text).contains(m.name()));
    assertThat(text)
        .contains("A. Client & Son")
        .contains("Local rules and licensed practice come first");
  }

  @ParameterizedTest
  @EnumSource(Units.class)
  void lengths_areInTheStylistsUnits(Units units) throws IOException {
    assertThat(text(sheet("quiet-side-part", units))).contains(units.length(72));
  }
}
