package kitetail.server.fall;

import java.nio.charset.StandardCharsets;
import kitetail.fall.Fall;
import kitetail.formats.json.Families;
import kitetail.formats.look.FallGlb;
import kitetail.formats.look.LookSvg;
import kitetail.formats.look.ProfileCsv;
import kitetail.formats.picture.View;
import kitetail.formats.sheet.CutSheet;
import kitetail.formats.sheet.DetailedSheet;
import kitetail.formats.sheet.Paper;
import kitetail.formats.sheet.Sheet;
import kitetail.formats.sheet.SheetSvg;
import kitetail.formats.words.Units;
import kitetail.head.Walk;
import kitetail.plan.Plan;
import kitetail.planning.Worn;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** A plan as files to take away: the cut sheet, the fallen shape and its drawings. */
@Component
@Order(7)
class PlanFiles implements Warms {
  private final Falls falls;
  private final Heads heads;

  PlanFiles(Falls falls, Heads heads) {
    this.falls = falls;
    this.heads = heads;
  }

  /** How a printed sheet is laid out. */
  enum Form {
    /** On one page. */
    PAGE,
    DETAILED
  }

  @Override
  public void warm() {
    pdf(Families.all().values().iterator().next(), Units.CM, "", Paper.A4, Form.PAGE);
  }

  /**
   * @param who the client's name, as it stands on the sheet
   */
  byte[] pdf(Plan plan, Units units, String who, Paper paper, Form form) {
    Sheet sheet = sheet(plan, units, who);
    return form == Form.PAGE ? CutSheet.pdf(sheet, paper) : DetailedSheet.pdf(sheet, paper);
  }

  byte[] svg(Plan plan, Units units, String who, Paper paper) {
    return utf8(SheetSvg.of(sheet(plan, units, who), paper));
  }

  private Sheet sheet(Plan plan, Units units, String who) {
    Falls.Drawn on = falls.sheet(plan.head());
    Fall fall = Worn.fall(plan, on.stand(), 0);
    byte[] fallen = on.picture().png(fall, View.CORNER, Sheet.PICTURE_WIDTH, Sheet.PICTURE_HEIGHT);
    return new Sheet(plan, heads.run(plan), heads.seamed(plan), fallen, units, who);
  }

  /**
   * @throws FieldException when the week is out of range
   */
  byte[] glb(Plan plan, double week) {
    double weeks = FieldException.within("week", week, 0, Worn.MOST_WEEKS);
    return FallGlb.of(falls.of(plan, weeks, false).fall());
  }

  byte[] silhouettes(Plan plan) {
    return utf8(LookSvg.silhouettes(now(plan)));
  }

  byte[] scalpMap(Plan plan) {
    return utf8(LookSvg.scalpMap(now(plan)));
  }

  byte[] profileSvg(Plan plan, Units units) {
    return utf8(LookSvg.profile(now(plan), Walk.Kind.CENTRE, units));
  }

  byte[] profileCsv(Plan plan) {
    return utf8(ProfileCsv.of(now(plan)));
  }

  private Worn now(Plan plan) {
    return falls.of(plan, 0, false);
  }

  private static byte[] utf8(String s) {
    return s.getBytes(StandardCharsets.UTF_8);
  }
}
