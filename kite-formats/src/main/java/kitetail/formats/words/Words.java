package kitetail.formats.words;

import java.util.List;
import java.util.stream.Collectors;
import kitetail.head.FacePlace;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.wish.Landing;

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
    return switch (p) {
      case BROW_LEFT, BROW_RIGHT -> "brow";
      case EYE_LEFT, EYE_RIGHT -> "eye";
      case CHEEK_LEFT, CHEEK_RIGHT -> "cheek hollow";
      case NOSE_TIP -> "tip of the nose";
      case EAR_HIGH_LEFT, EAR_HIGH_RIGHT -> "top of the ear";
      case MID_EAR_LEFT, MID_EAR_RIGHT -> "middle of the ear";
      case LOBE_LEFT, LOBE_RIGHT -> "ear lobe";
      case JAW_LEFT, JAW_RIGHT -> "jaw corner";
      case CHIN -> "chin";
      case COLLAR -> "collar";
    };
  }

  public String landing(Landing l) {
    return switch (l) {
      case BROW -> "brow";
      case EYE -> "eye";
      case CHEEK -> "cheek hollow";
      case NOSE_TIP -> "nose tip";
      case EAR_TOP -> "ear top";
      case MID_EAR -> "mid ear";
      case EAR_LOBE -> "ear lobe";
      case JAW -> "jaw corner";
      case CHIN -> "chin";
      case COLLAR -> "collar";
    };
  }

  public String place(Place p) {
    return switch (p) {
      case FRONT -> "front";
      case RECESSION_LEFT -> "left recession";
      case RECESSION_RIGHT -> "right recession";
      case TEMPLE_LEFT -> "left temple";
      case TEMPLE_RIGHT -> "right temple";
      case SIDEBURN_LEFT -> "left sideburn";
      case SIDEBURN_RIGHT -> "right sideburn";
      case EAR_TOP_LEFT -> "top of the left ear";
      case EAR_TOP_RIGHT -> "top of the right ear";
      case BEHIND_EAR_LEFT -> "left behind-ear corner";
      case BEHIND_EAR_RIGHT -> "right behind-ear corner";
      case MASTOID_LEFT -> "left mastoid";
      case MASTOID_RIGHT -> "right mastoid";
      case NAPE_CORNER_LEFT -> "left nape corner";
      case NAPE_CORNER_RIGHT -> "right nape corner";
      case NAPE -> "nape";
      case APEX -> "apex";
      case RIDGE_LEFT -> "left ridge";
      case RIDGE_RIGHT -> "right ridge";
      case CROWN -> "crown";
      case DROP_CROWN -> "drop crown";
      case OCCIPITAL -> "occipital bone";
    };
  }
}
