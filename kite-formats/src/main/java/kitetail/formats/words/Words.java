package kitetail.formats.words;

import java.util.List;
import java.util.stream.Collectors;
import kitetail.client.Landing;
import kitetail.head.FacePlace;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Move;
import kitetail.plan.Plan;

/** Says moves and findings in short trade words. The only place where they are worded. */
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

  public String place(Place p) {
    return Names.PLACES.of(p);
  }
}
