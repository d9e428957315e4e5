package kitetail.formats.words;

import kitetail.cut.Aside;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fade;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hand;
import kitetail.cut.Hold;
import kitetail.cut.Spot;
import kitetail.cut.Strokes;
import kitetail.cut.Texture;
import kitetail.section.Facing;
import kitetail.section.Parting;
import kitetail.section.Scalar;

/** Cuts in words. */
record CutWords(Words words) {

  String sentence(Cut cut) {
    return cut.as(new Sentence());
  }

  private final class Sentence implements Cut.Cases<String> {
    @Override
    public String fingers(Fingers f) {
      return CutWords.this.fingers(f);
    }

    @Override
    public String comb(Comb c) {
      return CutWords.this.comb(c);
    }

    @Override
    public String guard(Guard g) {
      return Messages.say(
          "cut.guard",
          "number",
          at("number", Words.number(g.number())),
          "height",
          mm(g.heightMm()),
          "lever",
          lever(g.leverMm()),
          "grain",
          at("grain", Messages.of("cut.grain", g.grain())),
          "rocked",
          g.rockOut() != null);
    }

    @Override
    public String fade(Fade f) {
      return new FadeWords(words).sentence(f);
    }

    @Override
    public String edge(Edge e) {
      return new OutlineWords(words).sentence(e.outline());
    }

    @Override
    public String texture(Texture t) {
      return CutWords.this.texture(t);
    }

    @Override
    public String strokes(Strokes s) {
      return Messages.say(
          "cut.strokes", "tool", Messages.of("cut.tool", s.tool()), "count", s.strokes().size());
    }

    @Override
    public String spot(Spot s) {
      return Messages.say(
          s.coreMm() > 0 ? "cut.spot-round" : "cut.spot",
          "off",
          at("offMm", mm(s.offMm())),
          "where",
          words.place(s.place()),
          "span",
          at("spanMm", mm(s.spanMm())));
    }

    @Override
    public String aside(Aside a) {
      return Messages.of("cut.aside", a.what());
    }
  }

  /** A number or a choice that can be changed where it stands, with its place in the cut. */
  static String at(String path, String text) {
    return SaidPart.marked(path, text);
  }

  String headline(Cut cut) {
    return cut.as(new Headline());
  }

  private final class Headline implements Cut.Cases<String> {
    @Override
    public String fingers(Fingers f) {
      String length = mm(f.line().lengthMm());
      return f.line() instanceof CutLine.Slope s
          ? Messages.say("headline.range", "length", length, "far", mm(s.farMm()))
          : f.line() instanceof CutLine.Off
              ? Messages.say("headline.off", "length", length)
              : length;
    }

    @Override
    public String comb(Comb c) {
      return c.offMm() > 0
          ? Messages.say("headline.off", "length", mm(c.offMm()))
          : Messages.say("headline.comb", "length", mm(c.gapMm()));
    }

    @Override
    public String guard(Guard g) {
      return Messages.say("headline.guard", "number", Words.number(g.number()));
    }

    @Override
    public String fade(Fade f) {
      return new FadeWords(words).headline(f);
    }

    @Override
    public String edge(Edge e) {
      return new OutlineWords(words).headline(e.outline());
    }

    @Override
    public String texture(Texture t) {
      return Messages.say("headline.texture", "times", times(t.passes()), "depth", mm(t.depthMm()));
    }

    @Override
    public String strokes(Strokes s) {
      return Messages.say("headline.strokes", "count", s.strokes().size());
    }

    @Override
    public String spot(Spot s) {
      return Messages.say("headline.off", "length", mm(s.offMm()));
    }

    @Override
    public String aside(Aside a) {
      return Messages.of("headline.aside", a.what());
    }
  }

  private String fingers(Fingers f) {
    Hand h = f.hand();
    return Messages.say(
        "cut.fingers",
        "blade",
        at("blade", blade(f.blade())),
        "bite",
        at("biteMm", mm(f.biteMm())),
        "parting",
        parting(f.parting()),
        "first",
        h == null || h.first() == null ? "" : first(h.first()),
        "hold",
        at(f.hold() instanceof Hold.Elevation ? "hold.elevationDeg" : "hold.kind", hold(f.hold())),
        "tension",
        at("tension", Messages.of("cut.tension", f.tension())),
        "line",
        line(f.line(), f.guide()),
        "roll",
        f.rollDeg() > 0
            ? Messages.say("cut.roll", "angle", at("rollDeg", Words.degrees(f.rollDeg())))
            : "",
        "hand",
        h == null ? "" : tuck(h.tuck()) + (h.wraps() ? Messages.say("cut.wraps") : ""),
        "guide",
        at("guide.kind", guide(f.guide())));
  }

  private String first(Hand.Lift l) {
    return Messages.say(
        "cut.first",
        "lift",
        at("hand.first.elevationDeg", Words.degrees(l.elevationDeg())),
        "length",
        at("hand.first.lengthMm", mm(l.lengthMm())));
  }

  private String tuck(Hand.Tuck t) {
    if (t == null) {
      return "";
    }
    boolean below =
        t.toMm() <= 0 && (t.by() == Scalar.ABOVE_RIDGE_MM || t.by() == Scalar.ABOVE_HAIRLINE_MM);
    int sign = below ? -1 : 1;
    return Messages.say(
        "cut.tuck",
        "in",
        t.deg() < 0,
        "angle",
        at("hand.tuck.deg", Words.degrees(t.deg())),
        "from",
        mm(sign * t.fromMm()),
        "to",
        mm(sign * t.toMm()),
        "by",
        Messages.of(below ? "cut.below" : "cut.by", t.by()));
  }

  private static String blade(Blade b) {
    return Messages.of("cut.blade", b);
  }

  private static String toward(Facing f) {
    return Messages.of("facing", f);
  }

  private static String way(Facing f) {
    return at("parting.toward", toward(f));
  }

  private String parting(Parting p) {
    if (p instanceof Parting.Across a) {
      return Messages.say("cut.parting.across", "toward", way(a.toward()));
    }
    if (p instanceof Parting.Diagonal d) {
      return Messages.say(
          "cut.parting.diagonal",
          "slope",
          at("parting.slopeDeg", Words.degrees(d.slopeDeg())),
          "toward",
          way(d.toward()));
    }
    if (p instanceof Parting.Panels n) {
      return Messages.say(
          "cut.parting.panels",
          "panels",
          at("parting.panels", Words.number(n.panels())),
          "toward",
          way(n.toward()));
    }
    return p instanceof Parting.Pivot v
        ? Messages.say("cut.parting.pivot", "where", words.place(v.about()))
        : Messages.say("cut.parting." + (p instanceof Parting.Hairline ? "hairline" : "centre"));
  }

  private static String hold(Hold h) {
    if (h instanceof Hold.Toward t) {
      return Messages.say("cut.hold.toward", "toward", toward(t.facing()));
    }
    return h instanceof Hold.Elevation e
        ? e.elevationDeg() == 0
            ? Messages.say("cut.hold.down")
            : Messages.say("cut.hold.at", "angle", Words.degrees(e.elevationDeg()))
        : Messages.say("cut.hold.out");
  }

  private String line(CutLine l, Guide g) {
    boolean seen = g instanceof Guide.Seen || g instanceof Guide.Two;
    String length = at("line.lengthMm", mm(l.lengthMm()));
    String beyond =
        seen && l.lengthMm() != 0 ? Messages.say("cut.line.beyond", "length", length) : "";
    if (l instanceof CutLine.Round r) {
      return Messages.say(
          seen ? "cut.line.round-seen" : "cut.line.round",
          "length",
          length,
          "beyond",
          beyond,
          "leaning",
          leaning(r.fingerDeg()));
    }
    if (l instanceof CutLine.Slope s) {
      return Messages.say(
          "cut.line.slope",
          "length",
          length,
          "where",
          words.place(s.place()),
          "far",
          at("line.farMm", mm(s.farMm())),
          "farWhere",
          words.place(s.far()),
          "both",
          s.eachSide());
    }
    if (l instanceof CutLine.Level v) {
      return Messages.say(
          v.fallsDeg() == 0 ? "cut.line.level" : "cut.line.falling",
          "length",
          length,
          "where",
          words.place(v.place()),
          "angle",
          at("line.fallsDeg", Words.degrees(v.fallsDeg())),
          "back",
          v.fallsDeg() > 0);
    }
    return l instanceof CutLine.Flat f
        ? Messages.say(
            seen ? "cut.line.flat-seen" : "cut.line.flat",
            "level",
            f.facing() == Facing.UP || f.facing() == Facing.DOWN,
            "length",
            length,
            "beyond",
            beyond,
            "where",
            words.place(f.place()),
            "leaning",
            leaning(f.fingerDeg()))
        : Messages.say("cut.line.off", "length", length);
  }

  private static String leaning(double deg) {
    return deg == 0
        ? ""
        : Messages.say(
            "cut.line.leaning", "out", deg > 0, "angle", at("line.fingerDeg", Words.degrees(deg)));
  }

  private String guide(Guide g) {
    if (g instanceof Guide.Seen s) {
      return Messages.say("cut.guide.seen", "where", words.place(s.place()));
    }
    if (g instanceof Guide.Two t) {
      return Messages.say(
          "cut.guide.two", "where", words.place(t.place()), "farWhere", words.place(t.far()));
    }
    if (g instanceof Guide.Fixed f) {
      return Messages.say("cut.guide.fixed", "where", words.place(f.place()), "gather", f.gather());
    }
    return Messages.say(
        "cut.guide."
            + (g instanceof Guide.Travelling
                ? "travelling"
                : g instanceof Guide.Middle
                    ? "middle"
                    : g instanceof Guide.LastBite
                        ? "last-bite"
                        : g instanceof Guide.NewBite
                            ? "new-bite"
                            : g instanceof Guide.Pinched ? "pinched" : "by-eye"));
  }

  private String comb(Comb c) {
    String tool = at("tool", Messages.of("cut.tool", c.tool()));
    String blade =
        c.tool() == Comb.Tool.CLIPPER
            ? ""
            : Messages.say("cut.comb-blade", "blade", at("blade", blade(c.blade())));
    return c.offMm() > 0
        ? Messages.say(
            "cut.comb-off", "tool", tool, "blade", blade, "off", at("offMm", mm(c.offMm())))
        : Messages.say(
            "cut.comb",
            "tool",
            tool,
            "blade",
            blade,
            "gap",
            at("gapMm", mm(c.gapMm())),
            "lean",
            at("outDeg", lean(c.outDeg())),
            "square",
            c.square() != null,
            "along",
            c.lift() == Comb.Lift.ALONG_GROWTH,
            "lever",
            lever(c.leverMm()),
            "turned",
            c.turn() == null
                ? Messages.say("cut.comb-straight")
                : Messages.say("cut.comb-turned", "at", at("turn.atMm", mm(c.turn().atMm()))));
  }

  private String lever(double addsMm) {
    return addsMm == 0 ? "" : Messages.say("cut.lever", "by", at("leverMm", mm(addsMm)));
  }

  private static String lean(double outDeg) {
    return Math.abs(outDeg) < 1
        ? Messages.say("cut.lean.none")
        : Messages.say(
            outDeg > 0 ? "cut.lean.off" : "cut.lean.into", "angle", Words.degrees(outDeg));
  }

  private String texture(Texture t) {
    return Messages.say(
        "cut.texture",
        "tool",
        Messages.of("cut.texture-tool", t.tool()),
        "layer",
        t.layer(),
        "layerName",
        at("layer", Messages.of("cut.layer", t.layer())),
        "depth",
        at("depthMm", mm(t.depthMm())),
        "share",
        at("share", Messages.say("percent", "percent", Math.round(100 * t.share()))),
        "times",
        at("passes", times(t.passes())));
  }

  private static String times(int n) {
    return Messages.say("cut.times", "times", n);
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }
}
