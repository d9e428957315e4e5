package kitetail.formats.words;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import kitetail.look.OtherWay;
import kitetail.planning.GrowOut;
import kitetail.planning.Weeks;

/** The way to a shape, in words. */
public record GrowOutWords(Words words) {
  /** Less off the ends is not worth telling. */
  private static final double ENDS_MM = 3;

  /** When it is there, and what it waits for. */
  public String whole(GrowOut g) {
    Weeks w = g.reachable();
    return w.mean() == 0
        ? Messages.say("grow-out.today")
        : Messages.say(
            "grow-out.first",
            "mean",
            Math.round(w.mean()),
            "early",
            Math.round(w.early()),
            "late",
            Math.round(w.late()),
            "where",
            words.place(g.last()),
            "visits",
            g.visits().size());
  }

  /** What comes off at a visit; empty when nothing does. */
  public String take(GrowOut.Visit v) {
    return told(
        "grow-out.take",
        v.parts().stream().filter(p -> p.cutMm() > 0),
        p -> Messages.say("grow-out.cut", "length", length(p.cutMm()), "area", area(p)));
  }

  /** What is left as it is; empty when nothing is. */
  public String leave(GrowOut.Visit v) {
    return told("grow-out.leave", left(v), GrowOutWords::area);
  }

  /** What of that may lose its ends all the same; empty when nothing may. */
  public String ends(GrowOut.Visit v) {
    return told(
        "grow-out.ends",
        left(v).filter(p -> p.mayTrimMm() >= ENDS_MM),
        p -> Messages.say("grow-out.end", "length", length(p.mayTrimMm()), "area", area(p)));
  }

  /**
   * How hair is best worn until it is long enough.
   *
   * @param ways all that it may be worn by
   */
  public static String meanwhile(List<OtherWay> ways) {
    OtherWay best = OtherWay.firmest(ways);
    return Messages.say(
        "grow-out.worn",
        "way",
        Messages.of("grow-out.way", best.way()),
        "stays",
        Math.round(100 * best.staysShare()));
  }

  /** When a visit is, counted from today. */
  public static String when(double week) {
    long whole = Math.round(week);
    return whole == 0
        ? Messages.say("grow-out.on-the-day")
        : Messages.say("grow-out.in", "weeks", whole);
  }

  private static Stream<GrowOut.Part> left(GrowOut.Visit v) {
    return v.parts().stream().filter(p -> p.cutMm() == 0);
  }

  private static String told(
      String message, Stream<GrowOut.Part> parts, Function<GrowOut.Part, String> each) {
    String all = Words.joined("also", parts.map(each));
    return all.isEmpty() ? "" : Messages.say(message, "what", all);
  }

  private static String area(GrowOut.Part p) {
    return Messages.of("grow-out.area", p.area());
  }

  private String length(double mm) {
    return words.units().length(mm);
  }
}
