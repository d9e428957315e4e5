package kitetail.formats.words;

import kitetail.cut.Fade;

/** Fades in words. */
record FadeWords(Words words) {
  String sentence(Fade f) {
    return Messages.say(
        "cut.fade",
        "guards",
        Words.joined("also", f.bands().stream().map(this::guard)),
        "sideburn",
        CutWords.at("sideburnMm", mm(f.sideburnMm())),
        "behindEar",
        CutWords.at("behindEarMm", mm(f.behindEarMm())),
        "nape",
        CutWords.at("napeMm", mm(f.napeMm())),
        "left",
        f.left() == null
            ? ""
            : Messages.say(
                "cut.fade-left",
                "sideburn",
                CutWords.at("left.sideburnMm", mm(f.left().sideburnMm())),
                "behindEar",
                CutWords.at("left.behindEarMm", mm(f.left().behindEarMm()))));
  }

  private String guard(Fade.Band b) {
    return Messages.say(
        "cut.fade-guard",
        "bare",
        b.number() == 0,
        "number",
        Words.number(b.number()),
        "lever",
        b.leverMm() == 0 ? "" : Messages.say("cut.fade-lever", "by", mm(b.leverMm())));
  }

  String headline(Fade f) {
    double low = f.bands().get(0).number();
    return Messages.say(
        "headline.fade",
        "bare",
        low == 0,
        "low",
        Words.number(low),
        "high",
        Words.number(f.bands().get(f.bands().size() - 1).number()));
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }
}
