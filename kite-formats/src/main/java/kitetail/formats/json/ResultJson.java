package kitetail.formats.json;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import kitetail.check.Check;
import kitetail.check.Handled;
import kitetail.check.Heed;
import kitetail.formats.words.CareWords;
import kitetail.formats.words.HandlingWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Dose;
import kitetail.plan.Extent;
import kitetail.plan.Finding;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Cover;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What comes of a plan, as JSON: lengths in mm to a thousandth, so that the same plan gives the
 * same bytes.
 */
public final class ResultJson {
  private static final Map<Enum<?>, String> NAMES = new ConcurrentHashMap<>();

  /** Places are called the same in every unit. */
  private static final Words WORDS = new Words(Units.CM);

  private ResultJson() {}

  /**
   * @param sites adds every site: [x, y, z, area mm², length before, length after]
   */
  public static ObjectNode of(Plan plan, Outcome o, boolean sites) {
    return of(plan, o, Check.of(plan, o), sites);
  }

  /**
   * @param found what a stylist should know, worst first
   */
  public static ObjectNode of(Plan plan, Outcome o, List<Finding> found, boolean sites) {
    ObjectNode r = withoutWalks(plan, o, found);
    r.set("walks", walks(o.scalp()));
    for (int i = 0; i < o.scalp().walks().size(); i++) {
      lengths((ObjectNode) r.path("walks").get(i), o.scalp().walks().get(i), o);
    }
    if (sites) {
      sites(r.putArray("sites"), o);
    }
    return r;
  }

  /** Where the walks lie on a scalp, without what is left along them. */
  public static ArrayNode walks(Scalp scalp) {
    ArrayNode walks = PlanJson.json().createArrayNode();
    scalp.walks().forEach(w -> walk(walks.addObject(), w));
    return walks;
  }

  /** The same with null for its walks, for those who send what is along them otherwise. */
  public static ObjectNode withoutWalks(Plan plan, Outcome o, List<Finding> found) {
    ObjectNode r = PlanJson.json().createObjectNode();
    r.put("engine", PlanEngine.VERSION);
    r.put("title", plan.title());
    r.set("head", head(o.scalp().head()));
    r.putObject("scalp")
        .put("sites", o.scalp().sites())
        .put("areaMm2", round(o.scalp().totalAreaMm2()));
    r.put("bites", o.bites());
    r.put("minutes", round(o.minutes()));
    ArrayNode moves = r.putArray("moves");
    List<List<Heed>> heeds = Heed.of(plan, o);
    List<Handled> handled = Handled.of(plan, o);
    for (int k = 0; k < heeds.size(); k++) {
      ObjectNode m = moves.addObject();
      move(m, o.steps().get(k));
      ArrayNode said = m.putArray("heeds");
      CareWords.of(heeds.get(k), WORDS).forEach(said::add);
      ArrayNode how = m.putArray("handling");
      if (handled.get(k) != null) {
        HandlingWords.of(handled.get(k), plan.moves().get(k).stand()).forEach(how::add);
      }
    }
    ArrayNode sections = r.putArray("sections");
    o.extents().forEach(e -> section(sections.addObject(), e));
    cover(r.putObject("cover"), o.cover());
    ArrayNode jumps = r.putArray("jumps");
    o.jumps()
        .forEach(
            j ->
                jumps
                    .addObject()
                    .put("longer", j.one())
                    .put("shorter", j.other())
                    .put("mm", round(j.mm()))
                    .put("near", name(j.near()))
                    .put("meant", j.meant()));
    ArrayNode ledges = r.putArray("ledges");
    o.ledges()
        .forEach(
            l ->
                ledges
                    .addObject()
                    .put("near", name(l.near()))
                    .put("heightMm", round(l.heightMm()))
                    .put("lengthMm", round(l.lengthMm()))
                    .put("meant", l.meant()));
    ObjectNode ends = r.putObject("endsMm");
    for (Place p : Place.values()) {
      ends.put(name(p), round(o.endMm(p)));
    }
    r.putNull("walks");
    ArrayNode wishes = r.putArray("wishes");
    o.wishes()
        .forEach(
            w ->
                wishes
                    .addObject()
                    .put("place", name(w.wish().place()))
                    .put("wishedMm", round(w.needMm()))
                    .put("lengthMm", round(w.haveMm()))
                    .put("overMm", round(w.offMm()))
                    .put("shortfallMm", round(w.shortMm()))
                    .put("weeksToGrow", round(w.weeks())));
    r.set("findings", findings(found));
    return r;
  }

  public static String write(ObjectNode result) {
    return PlanJson.json().writerWithDefaultPrettyPrinter().writeValueAsString(result) + "\n";
  }

  private static ObjectNode head(Head h) {
    ObjectNode n = PlanJson.json().createObjectNode();
    Head.Measures m = h.measures();
    n.put("girthMm", round(m.girthMm()));
    n.put("earToEarMm", round(m.earToEarMm()));
    n.put("frontToNapeMm", round(m.frontToNapeMm()));
    n.put("breadthMm", round(m.breadthMm()));
    n.put("lengthMm", round(m.lengthMm()));
    n.put("occipitalMm", round(m.occipitalMm()));
    ObjectNode places = n.putObject("landmarks");
    for (Place p : Place.values()) {
      point(places.putArray(name(p)), h.place(p));
    }
    ObjectNode face = n.putObject("face");
    h.face().forEach((p, v) -> point(face.putArray(name(p)), v));
    return n;
  }

  private static void point(ArrayNode to, Vec3 v) {
    to.add(round(v.x())).add(round(v.y())).add(round(v.z()));
  }

  private static void move(ObjectNode n, Outcome.Step s) {
    n.put("id", s.move().id());
    n.put("bites", s.bites());
    n.put("turns", s.turns());
    n.put("minutes", round(s.minutes()));
    n.put("cutAreaMm2", round(s.cutAreaMm2()));
    n.put("takenMaxMm", round(s.takenMaxMm()));
    n.put("shortfallMm", round(s.shortfallMm()));
    if (s.shortfallPlace() != null) {
      n.put("shortfallPlace", name(s.shortfallPlace()));
    }
    if (!s.doses().isEmpty()) {
      n.put("gramsTextured", round(s.gramsTextured()));
      ArrayNode doses = n.putArray("doses");
      for (Dose d : s.doses()) {
        doses
            .addObject()
            .put("aroundDeg", round(d.aroundDeg()))
            .put("passes", d.passes())
            .put("percent", round(d.percent()))
            .put("grams", round(d.grams()))
            .put("mostPercent", round(d.mostPercent()));
      }
    }
  }

  private static void cover(ObjectNode n, Cover c) {
    ArrayNode gaps = n.putArray("gaps");
    c.gaps().forEach(g -> patch(gaps.addObject(), g));
    ArrayNode overlaps = n.putArray("overlaps");
    c.overlaps().forEach(p -> patch(overlaps.addObject(), p));
  }

  private static void patch(ObjectNode n, Cover.Patch p) {
    ArrayNode ids = n.putArray("sections");
    p.sections().forEach(ids::add);
    n.put("areaMm2", round(p.areaMm2())).put("near", name(p.near()));
  }

  private static void section(ObjectNode n, Extent e) {
    n.put("id", e.section());
    n.put("areaMm2", round(e.areaMm2()));
    if (e.areaMm2() > 0) {
      n.put("minMm", round(e.minMm()))
          .put("meanMm", round(e.meanMm()))
          .put("maxMm", round(e.maxMm()));
    }
  }

  private static void walk(ObjectNode n, Walk w) {
    n.put(
        "walk",
        switch (w.kind()) {
          case CENTRE -> "centre";
          case EAR_TO_EAR -> "earToEar";
          case EDGE -> "edge";
        });
    n.put("lengthMm", round(w.lengthMm()));
    ObjectNode marks = n.putObject("marksMm");
    w.marksMm().forEach((p, at) -> marks.put(name(p), round(at)));
    numbers(n.putArray("distanceMm"), w.distanceMm(), 0, w.size());
    ArrayNode points = n.putArray("pointsMm");
    w.pointsMm().forEach(p -> points.add(round(p.x())).add(round(p.y())).add(round(p.z())));
  }

  private static void lengths(ObjectNode n, Walk w, Outcome o) {
    numbers(n.putArray("beforeMm"), o.beforeMm(), w.firstRoot(), w.size());
    ArrayNode after = n.putArray("afterMove");
    for (Outcome.Step s : o.steps()) {
      ObjectNode a = after.addObject();
      a.put("move", s.move().id());
      numbers(a.putArray("lengthMm"), s.leftMm(), w.firstRoot(), w.size());
    }
  }

  public static ArrayNode findings(List<Finding> found) {
    ArrayNode all = PlanJson.json().createArrayNode();
    found.forEach(f -> finding(all.addObject(), f));
    return all;
  }

  private static void finding(ObjectNode n, Finding f) {
    n.put("rule", f.rule());
    n.put("severity", f.severity().name().toLowerCase(java.util.Locale.ROOT));
    if (f.move() != null) {
      n.put("move", f.move());
    }
    n.put("place", name(f.place()));
    n.put("amount", round(f.amount()));
    n.put("unit", f.unit().name().toLowerCase(java.util.Locale.ROOT));
    if (f.meant() != null) {
      n.set("meant", PlanJson.json().valueToTree(f.meant()));
    }
    if (!f.with().isEmpty()) {
      ArrayNode with = n.putArray("with");
      f.with().forEach(with::add);
    }
  }

  private static void sites(ArrayNode all, Outcome o) {
    for (int i = 0; i < o.scalp().sites(); i++) {
      Vec3 p = o.scalp().pointMm(i);
      all.addArray()
          .add(round(p.x()))
          .add(round(p.y()))
          .add(round(p.z()))
          .add(round(o.scalp().areaMm2(i)))
          .add(round(o.beforeMm()[i]))
          .add(round(o.afterMm()[i]));
    }
  }

  private static void numbers(ArrayNode out, double[] values, int from, int count) {
    for (int i = from; i < from + count; i++) {
      out.add(round(values[i]));
    }
  }

  /** A named choice as documents spell it. */
  public static String name(Enum<?> p) {
    return NAMES.computeIfAbsent(p, k -> PlanJson.json().convertValue(k, String.class));
  }

  /** To a thousandth; a zero is never negative. */
  private static double round(double x) {
    return Math.round(x * 1000) / 1000.0 + 0.0;
  }
}
