package kitetail.formats.look;

import java.util.List;
import kitetail.check.CheckRound;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.ResultJson;
import kitetail.growth.GrowOut;
import kitetail.growth.Outgrown;
import kitetail.growth.Weeks;
import kitetail.growth.Worn;
import kitetail.look.Landing;
import kitetail.look.Look;
import kitetail.look.OtherWay;
import kitetail.look.Silhouette;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is read of fallen hair, as JSON; docs/formats.md has the fields. */
public final class LookJson {
  private LookJson() {}

  public static ObjectNode of(Worn w) {
    Look l = w.look();
    ObjectNode n = node();
    n.put("week", w.week());
    n.put("strands", l.fall().strands());
    n.put("points", l.fall().points());
    n.put("unsettled", l.fall().unsettled());
    ObjectNode near = n.putObject("unsettledNear");
    l.fall().unsettledNear().forEach((place, count) -> near.put(ResultJson.name(place), count));
    n.put("grownMm", one(w.grownMm()));
    ArrayNode landings = n.putArray("landings");
    l.landings().forEach(x -> landing(landings.addObject(), x));
    n.putObject("ears")
        .put("leftShare", two(l.ears().leftShare()))
        .put("rightShare", two(l.ears().rightShare()));
    ArrayNode standing = n.putArray("standing");
    l.standing()
        .forEach(
            s ->
                standing
                    .addObject()
                    .put("place", ResultJson.name(s.place()))
                    .put("lengthMm", one(s.lengthMm()))
                    .put("offMm", one(s.offMm()))
                    .put("share", two(s.share())));
    ArrayNode lines = n.putArray("weightLines");
    l.lines()
        .forEach(
            x ->
                lines
                    .addObject()
                    .put("near", ResultJson.name(x.near()))
                    .put("heightMm", one(x.heightMm()))
                    .put("fromDeg", one(x.fromDeg()))
                    .put("toDeg", one(x.toDeg()))
                    .put("share", two(x.share()))
                    .put("aboveEdgeMm", one(x.aboveEdgeMm())));
    ArrayNode holes = n.putArray("holes");
    l.holes()
        .forEach(
            h ->
                holes
                    .addObject()
                    .put("place", ResultJson.name(h.place()))
                    .put("share", two(h.share())));
    ArrayNode layering = n.putArray("layering");
    l.layering()
        .forEach(
            x ->
                layering
                    .addObject()
                    .put("walk", ResultJson.name(x.walk()))
                    .put("fromMm", one(x.fromMm()))
                    .put("toMm", one(x.toMm()))
                    .put("kind", ResultJson.name(x.kind()))
                    .put("slope", two(x.slope())));
    ArrayNode skin = n.putArray("skin");
    l.skin()
        .forEach(
            s ->
                skin.addObject()
                    .put("side", ResultJson.name(s.side()))
                    .put("heightMm", one(s.heightMm()))
                    .put("cover", two(s.cover()))
                    .put("contrast", two(s.contrast())));
    n.putObject("grams")
        .put("left", one(l.weight().leftGrams()))
        .put("right", one(l.weight().rightGrams()));
    return n;
  }

  /** The five outlines as lists of points. */
  public static ArrayNode silhouettes(Look l) {
    ArrayNode all = PlanJson.json().createArrayNode();
    for (Silhouette s : l.silhouettes()) {
      ObjectNode n = all.addObject().put("from", ResultJson.name(s.from()));
      ArrayNode points = n.putArray("points");
      for (int i = 0; i < s.xMm().length; i++) {
        points.addArray().add(one(s.xMm()[i])).add(one(s.yMm()[i]));
      }
    }
    return all;
  }

  private static void landing(ObjectNode n, Landing x) {
    n.put("side", ResultJson.name(x.side()));
    if (x.place() != null) {
      n.put("place", ResultJson.name(x.place()));
      n.put("belowMm", one(x.belowMm()));
    }
    n.put("ofHairlineMm", one(x.ofHairlineMm()));
  }

  public static ArrayNode ways(List<OtherWay> ways) {
    ArrayNode all = PlanJson.json().createArrayNode();
    for (OtherWay w : ways) {
      ObjectNode n = all.addObject().put("way", ResultJson.name(w.way()));
      landing(n.putObject("fringe"), w.fringe());
      n.put("staysShare", two(w.staysShare())).put("earsShare", two(w.earsShare()));
    }
    return all;
  }

  public static ObjectNode outgrown(Outgrown o) {
    ObjectNode n = node();
    n.put("returnFromWeek", one(o.returnFrom())).put("returnToWeek", one(o.returnTo()));
    ArrayNode signs = n.putArray("signs");
    o.signs()
        .forEach(
            s -> {
              ObjectNode x =
                  signs
                      .addObject()
                      .put("what", ResultJson.name(s.what()))
                      .put("place", ResultJson.name(s.place()))
                      .put("growMm", one(s.growMm()));
              weeks(x.putObject("weeks"), s.weeks());
            });
    return n;
  }

  public static ObjectNode growOut(GrowOut g) {
    ObjectNode n = node();
    weeks(n.putObject("reachableWeeks"), g.reachable());
    n.put("last", ResultJson.name(g.last()));
    ArrayNode visits = n.putArray("visits");
    for (GrowOut.Visit v : g.visits()) {
      ArrayNode steps = visits.addObject().put("week", one(v.week())).putArray("steps");
      for (GrowOut.Step s : v.steps()) {
        steps
            .addObject()
            .put("place", ResultJson.name(s.place()))
            .put("haveMm", one(s.haveMm()))
            .put("targetMm", one(s.targetMm()))
            .put("cutMm", one(s.cutMm()))
            .put("mayTrimMm", one(s.mayTrimMm()));
      }
    }
    return n;
  }

  public static ArrayNode round(CheckRound r) {
    ArrayNode all = PlanJson.json().createArrayNode();
    for (CheckRound.Item i : r.items()) {
      ObjectNode n =
          all.addObject()
              .put("kind", ResultJson.name(i.kind()))
              .put("place", ResultJson.name(i.place()))
              .put("way", ResultJson.name(i.way()))
              .put("expectMm", one(i.expectMm()))
              .put("otherMm", one(i.otherMm()))
              .put("toleranceMm", one(i.toleranceMm()))
              .put("levelOffMm", one(i.levelOffMm()));
      ArrayNode sections = n.putArray("sections");
      i.sections().forEach(sections::add);
    }
    return all;
  }

  private static void weeks(ObjectNode n, Weeks w) {
    n.put("early", one(w.early())).put("mean", one(w.mean())).put("late", one(w.late()));
  }

  private static ObjectNode node() {
    return PlanJson.json().createObjectNode();
  }

  private static double one(double v) {
    return Math.round(v * 10) / 10.0;
  }

  private static double two(double v) {
    return Math.round(v * 100) / 100.0;
  }
}
