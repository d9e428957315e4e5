package kitetail.formats.words;

import java.util.Locale;
import kitetail.cut.Aside;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hand;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.section.Facing;
import kitetail.section.Parting;
import kitetail.section.Scalar;
import org.jspecify.annotations.Nullable;

/** Cuts in words. */
record CutWords(Words words) {

  String sentence(Cut cut) {
    if (cut instanceof Fingers f) {
      return fingers(f);
    }
    if (cut instanceof Comb c) {
      return comb(c);
    }
    if (cut instanceof Guard g) {
      return String.format(
          Locale.ROOT,
          "Guard %s (%s)%s, %s the grain%s.",
          at("number", number(g.number())),
          mm(g.heightMm()),
          lever(g.leverMm()),
          at("grain", g.grain() == Guard.Grain.WITH ? "with" : "against"),
          g.rockOut() == null ? "" : ", rocked out at the top");
    }
    if (cut instanceof Edge e) {
      return outline(e.outline());
    }
    return cut instanceof Texture t ? texture(t) : aside((Aside) cut);
  }

  /** A number or a choice that can be changed where it stands, with its place in the cut. */
  private static String at(String path, String text) {
    return SaidPart.marked(path, text);
  }

  String headline(Cut cut) {
    if (cut instanceof Fingers f) {
      return f.line() instanceof CutLine.Slope s
          ? mm(s.lengthMm()) + " to " + mm(s.farMm())
          : mm(f.line().lengthMm()) + (f.line() instanceof CutLine.Off ? " off" : "");
    }
    if (cut instanceof Comb c) {
      return c.offMm() > 0 ? mm(c.offMm()) + " off" : mm(c.gapMm()) + " off the skin";
    }
    if (cut instanceof Guard g) {
      return "Guard " + number(g.number());
    }
    if (cut instanceof Edge e) {
      return shortOutline(e.outline());
    }
    if (cut instanceof Texture t) {
      return times(t.passes()) + ", " + mm(t.depthMm()) + " deep";
    }
    return switch (((Aside) cut).what()) {
      case MIST -> "Mist";
      case DRY -> "Dry";
      case APPROVE -> "Ask";
      case CROSS_CHECK -> "Cross-check";
      case CLEAN_NECK -> "Clean the neck";
      case PRODUCT -> "Product";
    };
  }

  private String fingers(Fingers f) {
    return String.format(
        "Over the fingers, %s, %s bites %s, %sheld %s%s, %s%s%s; %s.",
        at("blade", blade(f.blade())),
        at("biteMm", mm(f.biteMm())),
        parting(f.parting()),
        f.hand() == null || f.hand().first() == null ? "" : first(f.hand().first()),
        at(f.hold() instanceof Hold.Elevation ? "hold.elevationDeg" : "hold.kind", hold(f.hold())),
        f.tension() == Fingers.Tension.NONE ? " without tension" : "",
        line(f.line(), f.guide()),
        f.rollDeg() > 0 ? ", fingers rolled up " + at("rollDeg", degrees(f.rollDeg())) : "",
        f.hand() == null ? "" : hand(f.hand()),
        at("guide.kind", guide(f.guide())));
  }

  private String first(Hand.Lift l) {
    return String.format(
        "first lifted to %s and cut to %s at the lower edge, then lowered: ",
        at("hand.first.elevationDeg", degrees(l.elevationDeg())),
        at("hand.first.lengthMm", mm(l.lengthMm())));
  }

  private String hand(Hand h) {
    Hand.Tuck t = h.tuck();
    String tuck =
        t == null
            ? ""
            : String.format(
                ", fingers %s %s from %s to %s %s",
                t.deg() < 0 ? "tucked in" : "standing out",
                at("hand.tuck.deg", degrees(Math.abs(t.deg()))),
                mm(t.fromMm()),
                mm(t.toMm()),
                stretch(t.by()));
    return tuck + (h.wraps() ? ", past the ridge on round the head" : "");
  }

  private static String stretch(Scalar by) {
    return switch (by) {
      case ABOVE_HAIRLINE_MM -> "above the hairline";
      case ABOVE_RIDGE_MM -> "above the ridge";
      case FROM_APEX_MM -> "from the apex";
      case FROM_CENTRE_MM -> "from the centre";
      case FORWARD_MM -> "forward of the apex";
      case BELOW_APEX_MM -> "below the apex";
      case AROUND_DEG, ACROSS_MM ->
          throw new IllegalArgumentException("not the same on both sides");
    };
  }

  private static String degrees(double deg) {
    return String.format(Locale.ROOT, "%.0f°", deg);
  }

  private static String blade(Blade b) {
    return switch (b) {
      case BLUNT -> "blunt";
      case POINTS_SHALLOW -> "in shallow points";
      case POINTS_DEEP -> "in deep points";
      case RAZOR_SHORT -> "by razor in short strokes";
      case RAZOR_BROAD -> "by razor in broad strokes";
      case RAZOR_BEHIND -> "by razor behind the fingers";
      case WIDE_TOOTHED -> "with wide-toothed shears moving out";
      case THINNING_SHEARS -> "with thinning shears as points";
      case TORN_DRY -> "torn dry by razor";
    };
  }

  private String parting(Parting p) {
    if (p instanceof Parting.Across a) {
      return "working " + toward(a.toward());
    }
    if (p instanceof Parting.Diagonal d) {
      return String.format(
          Locale.ROOT,
          "on partings sloping %.0f°, working %s",
          Math.abs(d.slopeDeg()),
          toward(d.toward()));
    }
    if (p instanceof Parting.Hairline) {
      return "along the hairline, working up";
    }
    if (p instanceof Parting.Centre) {
      return "along the centre, working out to both sides";
    }
    if (p instanceof Parting.Pivot v) {
      return "in wedges about the " + words.place(v.about());
    }
    Parting.Panels n = (Parting.Panels) p;
    return "in " + n.panels() + " panels, working " + toward(n.toward());
  }

  private String hold(Hold h) {
    if (h instanceof Hold.StraightOut) {
      return "straight out";
    }
    if (h instanceof Hold.Elevation e) {
      return e.elevationDeg() == 0
          ? "lying down the head"
          : String.format(Locale.ROOT, "at %.0f°", e.elevationDeg());
    }
    return "straight " + toward(((Hold.Toward) h).facing());
  }

  private String line(CutLine l, Guide g) {
    boolean seen = g instanceof Guide.Seen || g instanceof Guide.Two;
    String length = at("line.lengthMm", mm(l.lengthMm()));
    String beyond = l.lengthMm() == 0 ? "" : ", " + length + " longer";
    if (l instanceof CutLine.Round r) {
      String leaves =
          seen
              ? "cut to the guide" + beyond + " following the head"
              : "cut to " + length + " following the head";
      return leaves + fingers(r.fingerDeg());
    }
    if (l instanceof CutLine.Slope s) {
      return "cut on a slope from "
          + length
          + " at the "
          + words.place(s.place())
          + " to "
          + at("line.farMm", mm(s.farMm()))
          + " at the "
          + words.place(s.far())
          + (s.eachSide() ? ", the same on the other side" : "");
    }
    if (l instanceof CutLine.Off) {
      return length + " off the ends, following the line that is there";
    }
    if (l instanceof CutLine.Level v) {
      String falls =
          v.fallsDeg() == 0
              ? "level all round"
              : "falling "
                  + at("line.fallsDeg", degrees(Math.abs(v.fallsDeg())))
                  + (v.fallsDeg() > 0 ? " toward the back" : " toward the front");
      return "cut " + falls + ", " + length + " at the " + words.place(v.place());
    }
    CutLine.Flat f = (CutLine.Flat) l;
    return "cut to "
        + (f.facing() == Facing.UP || f.facing() == Facing.DOWN ? "a level" : "an upright")
        + " line "
        + (seen ? "from the guide" + beyond : "leaving " + length)
        + " at the "
        + words.place(f.place())
        + fingers(f.fingerDeg());
  }

  private static String fingers(double deg) {
    return deg == 0
        ? ""
        : ", fingers "
            + (deg > 0 ? "out " : "in ")
            + at("line.fingerDeg", String.format(Locale.ROOT, "%.0f°", Math.abs(deg)));
  }

  private String guide(Guide g) {
    if (g instanceof Guide.Travelling) {
      return "travelling guide";
    }
    if (g instanceof Guide.Middle) {
      return "travelling guide, the pair held in the middle";
    }
    if (g instanceof Guide.LastBite) {
      return "each bite brought back to the last";
    }
    if (g instanceof Guide.NewBite) {
      return "the last bite brought on to each new one";
    }
    if (g instanceof Guide.ByEye) {
      return "by eye";
    }
    if (g instanceof Guide.Seen s) {
      return "guide from the hair already cut at the " + words.place(s.place());
    }
    if (g instanceof Guide.Two t) {
      return "two guides, at the " + words.place(t.place()) + " and the " + words.place(t.far());
    }
    if (g instanceof Guide.Pinched) {
      return "each bite pinched to its middle";
    }
    Guide.Fixed f = (Guide.Fixed) g;
    return "all brought to a fixed guide at the "
        + words.place(f.place())
        + switch (f.gather()) {
          case ROW -> "";
          case SPOT -> ", gathered to one spot";
          case PLANE -> ", each straight across to its plane";
        };
  }

  private String comb(Comb c) {
    if (c.offMm() > 0) {
      return String.format(
          "%s over the comb%s, %s off the ends, the comb along the line that is there.",
          at("tool", c.tool() == Comb.Tool.CLIPPER ? "Clipper" : "Scissors"),
          c.tool() == Comb.Tool.CLIPPER ? "" : ", " + at("blade", blade(c.blade())),
          at("offMm", mm(c.offMm())));
    }
    return String.format(
        Locale.ROOT,
        "%s over the comb%s, starting %s off the skin, %s%s%s, %s.",
        at("tool", c.tool() == Comb.Tool.CLIPPER ? "Clipper" : "Scissors"),
        c.tool() == Comb.Tool.CLIPPER ? "" : ", " + at("blade", blade(c.blade())),
        at("gapMm", mm(c.gapMm())),
        at("outDeg", lean(c.outDeg())),
        c.square() == null ? "" : ", not following the round",
        (c.lift() == Comb.Lift.ALONG_GROWTH ? ", along the growth" : "") + lever(c.leverMm()),
        c.turn() == null
            ? "up in a straight line until no hair is caught"
            : "turned outward in a C after " + mm(c.turn().atMm()));
  }

  private String lever(double addsMm) {
    return addsMm == 0 ? "" : ", lever open by " + at("leverMm", mm(addsMm));
  }

  private static String lean(double outDeg) {
    if (Math.abs(outDeg) < 1) {
      return "parallel to the head";
    }
    return String.format(
        Locale.ROOT, "leaning %.0f° %s the head", Math.abs(outDeg), outDeg > 0 ? "off" : "into");
  }

  private String outline(Outline o) {
    if (o instanceof Outline.HalfMoon m) {
      return "A half moon over the "
          + side(m.side())
          + " ear, the ear folded away, "
          + at("outline.raiseMm", raised(m.raiseMm(), "off the ear", "on the ear"))
          + ".";
    }
    if (o instanceof Outline.Sideburn s) {
      return "The "
          + side(s.side())
          + " sideburn "
          + (s.slopeDeg() == 0 ? "level" : "to a point")
          + ", "
          + at(
              "outline.raiseMm",
              raised(s.raiseMm(), "above its natural end", "below its natural end"))
          + ".";
    }
    if (o instanceof Outline.Nape n) {
      String form =
          switch (n.form()) {
            case NATURAL -> "as it grows";
            case SQUARE -> n.cornerRadiusMm() > 0 ? "square, corners rounded" : "square";
            case ROUNDED -> "rounded";
            case POINTED -> "to a point";
          };
      return "The nape "
          + at("outline.form", form)
          + ", "
          + at("outline.raiseMm", raised(n.raiseMm(), "above the hairline", "below the hairline"))
          + ". Neck hair below it is only cleaned.";
    }
    if (o instanceof Outline.HardLine h) {
      return "One hard line from the "
          + words.place(h.from())
          + " to the "
          + words.place(h.to())
          + ". See it before the motor is on, then press once.";
    }
    Outline.Taper t = (Outline.Taper) o;
    return String.format(
        "%s from %s at the hairline to %s, %s high at the sideburn, %s behind the ear, %s at the nape.",
        taper(t.over()),
        at("outline.lengthMm", mm(t.lengthMm())),
        at("outline.farMm", mm(t.farMm())),
        at("outline.sideburnMm", mm(t.sideburnMm())),
        at("outline.behindEarMm", mm(t.behindEarMm())),
        at("outline.napeMm", mm(t.napeMm())));
  }

  private static String taper(Comb.@Nullable Tool over) {
    if (over == null) {
      return "A taper";
    }
    return at("outline.over", over == Comb.Tool.CLIPPER ? "Clipper" : "Scissors")
        + " over the comb, the comb turned off the head in a C: a taper";
  }

  private String shortOutline(Outline o) {
    if (o instanceof Outline.Taper t) {
      return mm(t.lengthMm()) + " to " + mm(t.farMm());
    }
    if (o instanceof Outline.HardLine) {
      return "One press";
    }
    double raise = o.dial(kitetail.cut.Dial.RAISE);
    return raised(raise, "up", "down");
  }

  private String raised(double mm, String above, String below) {
    return Math.abs(mm) < 0.5
        ? "on the hairline"
        : mm(Math.abs(mm)) + " " + (mm > 0 ? above : below);
  }

  private static String side(Outline.Side s) {
    return s == Outline.Side.LEFT ? "left" : "right";
  }

  private String texture(Texture t) {
    String tool =
        switch (t.tool()) {
          case POINT_SHALLOW -> "Shallow points into the ends";
          case POINT_DEEP -> "Deep points";
          case NOTCH -> "Notches";
          case CHANNEL -> "Channels";
          case SLIDE -> "Slide cutting";
          case RAZOR -> "Razor strokes";
          case THINNING_SHEARS -> "Thinning shears, points down";
          case WIDE_TOOTHED -> "Wide-toothed shears, moved outward each close";
          case CARVING_HALF -> "Carving comb, half";
          case CARVING_FULL -> "Carving comb, full";
          case TWIST -> "Twist cutting, twisted away from the face";
        };
    return String.format(
        Locale.ROOT,
        "%s%s, %s deep, taking %s of the hairs %s, column by column.",
        tool,
        switch (t.layer()) {
          case ALL -> "";
          case OUTER -> " in " + at("layer", "the outer layer only");
          case UNDERLAY -> " in " + at("layer", "the underlay only");
        },
        at("depthMm", mm(t.depthMm())),
        at("share", String.format(Locale.ROOT, "%.0f %%", 100 * t.share())),
        at("passes", times(t.passes())));
  }

  private static String times(int n) {
    return n == 1 ? "once" : n == 2 ? "twice" : n + " times";
  }

  private static String aside(Aside a) {
    return switch (a.what()) {
      case MIST -> "Mist again, so that all is evenly damp.";
      case DRY -> "Dry the hair the way it is worn.";
      case APPROVE -> "Ask: like it there?";
      case CROSS_CHECK -> "Cross-check across the way it was cut; take only what stands out.";
      case CLEAN_NECK -> "Hold the long hair aside and clean the neck below the line only.";
      case PRODUCT -> "Product, hands first, then hair; a little, in layers.";
    };
  }

  private static String toward(Facing f) {
    return switch (f) {
      case UP -> "up";
      case DOWN -> "down";
      case FRONT -> "forward";
      case BACK -> "back";
      case LEFT -> "to the left";
      case RIGHT -> "to the right";
    };
  }

  private static String number(double n) {
    return n == Math.rint(n)
        ? String.format(Locale.ROOT, "%.0f", n)
        : String.format(Locale.ROOT, "%.1f", n);
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }
}
