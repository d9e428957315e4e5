package kitetail.formats.words;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kitetail.client.Landing;
import kitetail.head.FacePlace;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Move;
import kitetail.plan.Plan;

/** Says moves and findings in short trade words, of the catalogue that {@link Messages} reads. */
public record Words(Units units) {

  /** The whole move in one sentence. */
  public String sentence(Move m) {
    return parts(m).stream().map(SaidPart::text).collect(Collectors.joining());
  }

  /** The same sentence in parts: what can be changed carries its place in the cut. */
  public List<SaidPart> parts(Move m) {
    return SaidPart.of(new CutWords(this).sentence(m.cut()));
  }

  /** What the hand does, in a few large words for the chair. */
  public String headline(Move m) {
    return new CutWords(this).headline(m.cut());
  }

  /** What was found in a plan, with place, amount and remedy. */
  public String finding(Finding f, Plan plan) {
    return new FindingWords(this, plan).say(f);
  }

  public String facePlace(FacePlace p) {
    return Names.FACE_PLACES.of(p);
  }

  public String landing(Landing l) {
    return Names.LANDINGS.of(l);
  }

  /** The name a stylist gave something. */
  static String named(String name) {
    return Messages.say("named", "name", name);
  }

  /** One after the other, by the message that joins two. */
  static String joined(String by, Stream<String> all) {
    return all.reduce((a, b) -> Messages.say(by, "first", a, "second", b)).orElse("");
  }

  static String degrees(double deg) {
    return Messages.say("degrees", "deg", Math.round(Math.abs(deg)));
  }

  /** What the catalogue has no number for: one decimal where it is not whole. */
  static String number(double n) {
    return n == Math.rint(n)
        ? String.format(Locale.ROOT, "%.0f", n)
        : String.format(Locale.ROOT, "%.1f", n);
  }

  static String capital(String s) {
    return Character.toUpperCase(s.charAt(0)) + s.substring(1);
  }

  /** A place of the left side, as the pair it makes with that of the right. */
  String pair(Place left) {
    return place(left).replace("left ", "");
  }

  public String place(Place p) {
    return Names.PLACES.of(p);
  }
}
