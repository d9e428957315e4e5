package kitetail.formats.words;

import kitetail.cut.Dial;
import kitetail.cut.Outline;

/** Edges in words. */
record OutlineWords(Words words) {
  private static final double ON_THE_HAIRLINE_MM = 0.5;

  String sentence(Outline o) {
    if (o instanceof Outline.HalfMoon m) {
      return Messages.say(
          "cut.half-moon",
          "side",
          Messages.of("cut.side", m.side()),
          "raise",
          CutWords.at("outline.raiseMm", raised(m.raiseMm(), "half-moon")));
    }
    if (o instanceof Outline.Sideburn s) {
      return Messages.say(
          "cut.sideburn",
          "side",
          Messages.of("cut.side", s.side()),
          "level",
          s.slopeDeg() == 0,
          "raise",
          CutWords.at("outline.raiseMm", raised(s.raiseMm(), "sideburn")));
    }
    if (o instanceof Outline.Nape n) {
      return Messages.say(
          "cut.nape",
          "form",
          CutWords.at("outline.form", form(n)),
          "raise",
          CutWords.at("outline.raiseMm", raised(n.raiseMm(), "nape")));
    }
    return o instanceof Outline.HardLine h
        ? Messages.say(
            "cut.hard-line", "where", words.place(h.from()), "farWhere", words.place(h.to()))
        : taper((Outline.Taper) o);
  }

  private static String form(Outline.Nape n) {
    return n.form() == Outline.Nape.Form.SQUARE && n.cornerRadiusMm() > 0
        ? Messages.say("cut.nape-form.SQUARE_ROUNDED")
        : Messages.of("cut.nape-form", n.form());
  }

  private String taper(Outline.Taper t) {
    return Messages.say(
        t.over() == null ? "cut.taper" : "cut.taper-over",
        "tool",
        t.over() == null ? "" : CutWords.at("outline.over", Messages.of("cut.tool", t.over())),
        "length",
        CutWords.at("outline.lengthMm", mm(t.lengthMm())),
        "far",
        CutWords.at("outline.farMm", mm(t.farMm())),
        "sideburn",
        CutWords.at("outline.sideburnMm", mm(t.sideburnMm())),
        "behindEar",
        CutWords.at("outline.behindEarMm", mm(t.behindEarMm())),
        "nape",
        CutWords.at("outline.napeMm", mm(t.napeMm())));
  }

  String headline(Outline o) {
    if (o instanceof Outline.Taper t) {
      return Messages.say("headline.range", "length", mm(t.lengthMm()), "far", mm(t.farMm()));
    }
    return o instanceof Outline.HardLine
        ? Messages.say("headline.hard-line")
        : raised(o.dial(Dial.RAISE).orElseThrow().value(), "short");
  }

  private String raised(double mm, String as) {
    return Math.abs(mm) < ON_THE_HAIRLINE_MM
        ? Messages.say("cut.raise.none")
        : Messages.say("cut.raise." + as, "by", mm(Math.abs(mm)), "up", mm > 0);
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }
}
