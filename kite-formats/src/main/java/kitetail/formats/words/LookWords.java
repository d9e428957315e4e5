package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kitetail.check.CheckRound;
import kitetail.look.Landing;
import kitetail.look.Look;
import kitetail.look.WeightLine;
import kitetail.plan.Plan;
import kitetail.planning.HeavySide;
import kitetail.planning.Outgrown;
import kitetail.planning.Worn;

/** What is seen of fallen hair, in words. */
public record LookWords(Words words) {
  private static final double NEAR_MM = 6;
  private static final double ALIKE_MM = 1;

  /** Short lines, most telling first. */
  public List<String> of(Worn w) {
    Look l = w.look();
    List<String> out = new ArrayList<>();
    l.landings().forEach(x -> out.add(landing(x)));
    double left = l.ears().leftShare();
    double right = l.ears().rightShare();
    out.add(
        left + right > 0.1
            ? Messages.say(
                "look.ears", "left", Math.round(100 * left), "right", Math.round(100 * right))
            : Messages.say("look.ears-show"));
    for (WeightLine x : l.lines()) {
      out.add(
          Messages.say(
              "look.weight",
              "where",
              words.place(x.near()),
              "strongly",
              x.share() > 0.5,
              "length",
              length(Math.max(0, x.aboveEdgeMm()))));
    }
    HeavySide.of(w)
        .ifPresent(
            h ->
                out.add(
                    Messages.say(
                        h.passes() > 0 ? "look.heavy" : "look.too-heavy",
                        "left",
                        h.left(),
                        "grams",
                        Math.max(1, Math.round(h.moreGrams())),
                        "passes",
                        h.passes())));
    if (l.fall().unsettled() > l.fall().strands() / 20) {
      String where =
          l.fall().unsettledNear().entrySet().stream()
              .max(Map.Entry.comparingByValue())
              .map(e -> words.place(e.getKey()))
              .orElseThrow();
      out.add(Messages.say("look.unsettled", "strands", l.fall().unsettled(), "where", where));
    }
    return out;
  }

  private String landing(Landing x) {
    String who = Messages.of("look.who", x.side());
    if (x.place() == null) {
      return Messages.of("look.nowhere", x.side(), "who", who);
    }
    double off = x.belowMm();
    return Messages.say(
        Math.abs(off) < NEAR_MM ? "look.at" : "look.off",
        "who",
        who,
        "where",
        words.facePlace(x.place()),
        "by",
        length(Math.abs(off)),
        "below",
        off > 0);
  }

  public String outgrown(Outgrown o) {
    boolean by = !o.signs().isEmpty();
    return Messages.say(
        by ? "outgrown.back-by" : "outgrown.back",
        "from",
        Math.round(o.returnFrom()),
        "to",
        Math.round(o.returnTo()),
        "sign",
        by ? Messages.of("outgrown.sign", o.signs().get(0).what()) : "");
  }

  /** One thing to check, as it is said at the chair. */
  public String item(CheckRound.Item i, Plan plan) {
    String within = Messages.say("round.within", "tolerance", length(i.toleranceMm()));
    return switch (i.kind()) {
      case SLIP ->
          Messages.say(
              "round.SLIP",
              "where",
              words.place(i.place()),
              "length",
              length(i.expectMm()),
              "paired",
              i.place().mirrored() != i.place(),
              "other",
              length(i.otherMm()));
      case SEAM ->
          Messages.say(
              "round.SEAM",
              "section",
              section(plan, i.sections().get(0)),
              "other",
              section(plan, i.sections().get(1)),
              "length",
              length(i.otherMm()),
              "within",
              within);
      case LAST_BITE ->
          Messages.say(
              "round.LAST_BITE",
              "section",
              section(plan, i.sections().get(0)),
              "length",
              length(i.expectMm()),
              "within",
              within);
      case ACROSS ->
          Messages.say(
              "round.ACROSS",
              "section",
              section(plan, i.sections().get(0)),
              "way",
              Messages.of("round.way", i.way()),
              "within",
              within);
      case BALANCE -> balance(i);
    };
  }

  private String balance(CheckRound.Item i) {
    boolean apart = Math.abs(i.expectMm() - i.otherMm()) >= ALIKE_MM;
    String said =
        Messages.say(
            apart ? "round.BALANCE_APART" : "round.BALANCE",
            "where",
            words.pair(i.place()),
            "length",
            length(i.expectMm()),
            "other",
            length(i.otherMm()));
    return Math.abs(i.levelOffMm()) < ALIKE_MM
        ? said
        : Messages.say("round.ears-apart", "said", said, "apart", length(Math.abs(i.levelOffMm())));
  }

  private String length(double mm) {
    return words.units().length(mm);
  }

  private static String section(Plan plan, String id) {
    return Words.named(plan.section(id).name());
  }
}
