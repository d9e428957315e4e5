package kitetail.server.fall;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
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
import kitetail.growth.Worn;
import kitetail.head.Walk;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A kept plan as files to take away: the cut sheet, the fallen shape and its drawings. */
@RestController
@RequestMapping("/api")
@Order(7)
@EngineWork
class PlanFileController implements Warms {
  private final Falls falls;
  private final Heads heads;
  private final PlanRepository plans;

  PlanFileController(Falls falls, Heads heads, PlanRepository plans) {
    this.falls = falls;
    this.heads = heads;
    this.plans = plans;
  }

  /** {@code paper}: a4 or letter; {@code form}: page, on one page, or detailed. */
  @GetMapping(value = "/plans/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "a4") String paper,
      @RequestParam(defaultValue = "page") String form) {
    Sheet sheet = sheet(me, id);
    byte[] pdf =
        switch (form) {
          case "page" -> CutSheet.pdf(sheet, paper(paper));
          case "detailed" -> DetailedSheet.pdf(sheet, paper(paper));
          default -> throw new FieldException("form", form, "allowed page, detailed");
        };
    return file(pdf, "cut-sheet-" + id + ".pdf");
  }

  @GetMapping(value = "/plans/{id}/sheet.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> sheetSvg(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "a4") String paper) {
    return file(utf8(SheetSvg.of(sheet(me, id), paper(paper))), "cut-sheet-" + id + ".svg");
  }

  private static Paper paper(String name) {
    return Arrays.stream(Paper.values())
        .filter(p -> p.name().equalsIgnoreCase(name))
        .findFirst()
        .orElseThrow(() -> new FieldException("paper", name, "allowed a4, letter"));
  }

  private Sheet sheet(Person me, long id) {
    PlanRepository.Stored s = plans.get(me.shopId(), id);
    return sheet(s.plan(), me.reads(), s.clientName());
  }

  @Override
  public void warm() {
    Plan first = Families.all().values().iterator().next();
    CutSheet.pdf(sheet(first, Units.CM, ""), Paper.A4);
  }

  private Sheet sheet(Plan plan, Units units, String who) {
    Falls.Drawn on = falls.sheet(plan.head());
    Fall fall = Worn.fall(plan, on.stand(), 0);
    byte[] fallen = on.picture().png(fall, View.CORNER, Sheet.PICTURE_WIDTH, Sheet.PICTURE_HEIGHT);
    return new Sheet(plan, heads.run(plan), heads.seamed(plan), fallen, units, who);
  }

  @GetMapping(value = "/plans/{id}/fall.glb", produces = "model/gltf-binary")
  ResponseEntity<byte[]> glb(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @RequestParam(defaultValue = "0") double week) {
    Worn w = stored(me, id, week);
    return file(FallGlb.of(w.fall()), "plan-" + id + ".glb");
  }

  @GetMapping(value = "/plans/{id}/silhouettes.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> silhouettes(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(utf8(LookSvg.silhouettes(stored(me, id, 0))), "silhouettes-" + id + ".svg");
  }

  @GetMapping(value = "/plans/{id}/scalp-map.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> scalpMap(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(utf8(LookSvg.scalpMap(stored(me, id, 0))), "scalp-map-" + id + ".svg");
  }

  @GetMapping(value = "/plans/{id}/profile.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> profile(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(
        utf8(LookSvg.profile(stored(me, id, 0), Walk.Kind.CENTRE, me.reads())),
        "profile-" + id + ".svg");
  }

  @GetMapping(value = "/plans/{id}/profile.csv", produces = "text/csv")
  ResponseEntity<byte[]> csv(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return file(utf8(ProfileCsv.of(stored(me, id, 0))), "profile-" + id + ".csv");
  }

  private Worn stored(Person me, long id, double week) {
    return falls.of(
        plans.get(me.shopId(), id).plan(),
        FieldException.within("week", week, 0, Worn.MOST_WEEKS),
        false);
  }

  private static byte[] utf8(String s) {
    return s.getBytes(StandardCharsets.UTF_8);
  }

  private static ResponseEntity<byte[]> file(byte[] body, String name) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .cacheControl(CacheControl.noStore())
        .body(body);
  }
}
