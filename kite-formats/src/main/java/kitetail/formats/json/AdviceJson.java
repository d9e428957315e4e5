package kitetail.formats.json;

import java.util.List;
import kitetail.fit.Columns;
import kitetail.fit.NextCut;
import kitetail.fit.Planner;
import kitetail.fit.Ranking;
import kitetail.fit.Replan;
import kitetail.formats.words.AdviceWords;
import kitetail.head.Nudge;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.risk.Risk;
import kitetail.taper.Ladder;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What the engine advises, as JSON: fits, ranks, risks, mended plans, safe cuts, ladders. */
public final class AdviceJson {
  private AdviceJson() {}

  /** A fitted plan, where each number came from, and what cannot be met. */
  public static ObjectNode fit(Planner.Fit fit, AdviceWords words) {
    ObjectNode n = numbers(fit, words);
    n.set("document", PlanJson.tree(fit.plan()));
    return n;
  }

  private static ObjectNode numbers(Planner.Fit fit, AdviceWords words) {
    ObjectNode n = PlanJson.json().createObjectNode();
    n.put("worstMm", round(fit.worstMm())).put("rmsMm", round(fit.rmsMm()));
    ArrayNode settings = n.putArray("settings");
    for (Planner.Setting s : fit.settings()) {
      ObjectNode o = settings.addObject();
      o.put("knob", s.knob().id())
          .put("why", s.knob().why())
          .put("from", round(s.from()))
          .put("to", round(s.to()));
      if (s.because() != null) {
        o.put("because", ResultJson.name(s.because()));
      }
    }
    ArrayNode unmet = n.putArray("unmet");
    for (Planner.Unmet u : fit.unmet()) {
      unmet
          .addObject()
          .put("place", ResultJson.name(u.place()))
          .put("needMm", round(u.needMm()))
          .put("getsMm", round(u.getsMm()))
          .put("reason", ResultJson.name(u.reason()))
          .put("weeks", round(u.weeks()))
          .put("asked", u.asked())
          .put("words", words.unmet(u));
    }
    ArrayNode answered = n.putArray("answered");
    fit.answered().stream().map(words::answered).distinct().forEach(answered::add);
    return n;
  }

  /** Families, best first. */
  public static ObjectNode ranking(List<Ranking.Ranked> ranked, AdviceWords words) {
    ObjectNode n = PlanJson.json().createObjectNode();
    ArrayNode all = n.putArray("families");
    for (Ranking.Ranked r : ranked) {
      ObjectNode o = all.addObject();
      o.put("weeks", r.reach().now() ? 0 : Math.ceil(r.reach().weeks()));
      o.put("id", r.family().id()).put("title", r.fit().plan().title());
      o.put("score", round(r.score()));
      ArrayNode why = o.putArray("reasons");
      r.reasons().forEach(w -> why.add(words.why(w)));
      o.set("fit", numbers(r.fit(), words));
    }
    return n;
  }

  public static ObjectNode risk(Risk risk, Plan plan) {
    ObjectNode n = PlanJson.json().createObjectNode();
    n.put("runs", Risk.RUNS);
    ObjectNode places = n.putObject("spreadMm");
    risk.places().entrySet().stream()
        .sorted(java.util.Map.Entry.comparingByKey())
        .forEach(e -> places.put(ResultJson.name(e.getKey()), round(e.getValue())));
    ArrayNode moves = n.putArray("moves");
    for (Risk.Blame b : risk.moves()) {
      moves
          .addObject()
          .put("move", b.move())
          .put("name", plan.move(b.move()).name())
          .put("spreadMm", round(b.spreadMm()))
          .put("share", round(b.share()));
    }
    return n;
  }

  /**
   * @param done how many moves of the plan are done
   */
  public static ObjectNode replan(Replan r, Plan plan, int done, AdviceWords words) {
    ObjectNode n = PlanJson.json().createObjectNode();
    n.put("restored", r.restored())
        .put("offMm", round(r.offMm()))
        .put("leftMm", round(r.leftMm()))
        .put("shorterMm", round(r.shorterMm()))
        .put("weeks", round(r.weeks()))
        .put("words", words.replan(r, plan));
    ArrayNode changes = n.putArray("changes");
    for (Replan.Change c : r.changes()) {
      changes
          .addObject()
          .put("move", c.move())
          .put("dial", ResultJson.name(c.dial()))
          .put("from", round(c.from()))
          .put("to", round(c.to()))
          .put("again", c.again());
    }
    n.set("moves", PlanJson.json().valueToTree(r.plan()));
    n.set("document", PlanJson.tree(r.applied(plan, done)));
    return n;
  }

  public static ObjectNode nextCut(List<NextCut> cuts) {
    ObjectNode n = PlanJson.json().createObjectNode();
    ArrayNode places = n.putArray("places");
    for (NextCut c : cuts) {
      places
          .addObject()
          .put("place", ResultJson.name(c.place()))
          .put("safeMm", round(c.safeMm()))
          .put("haveMm", round(c.haveMm()))
          .put("needMm", round(c.needMm()))
          .put("reserveMm", round(c.reserveMm()));
    }
    return n;
  }

  public static ObjectNode order(Order order, Plan plan) {
    ObjectNode n = PlanJson.json().createObjectNode();
    rules(n.putArray("rules"), order.rules());
    rules(n.putArray("broken"), order.broken());
    ArrayNode circle = n.putArray("circle");
    order.circle().forEach(circle::add);
    if (order.circle().isEmpty()) {
      ArrayNode sorted = n.putArray("sorted");
      Order.sorted(plan).moves().forEach(m -> sorted.add(m.id()));
    }
    return n;
  }

  private static void rules(ArrayNode to, List<Order.Rule> rules) {
    rules.forEach(
        r -> to.addObject().put("rule", r.id()).put("before", r.before()).put("then", r.then()));
  }

  /**
   * Ladders, fewest changes of attachment first, their heights told on each column in mm and finger
   * widths.
   *
   * @param chosen the one to take; null when there is none
   */
  public static ObjectNode ladder(
      List<Ladder.Answer> answers, Ladder.Answer chosen, Columns columns, double[] guardsMm) {
    ObjectNode n = PlanJson.json().createObjectNode();
    ArrayNode all = n.putArray("answers");
    for (Ladder.Answer a : answers) {
      if (a == null) {
        continue;
      }
      ObjectNode o = all.addObject();
      o.put("changes", a.changes()).put("worstMm", round(a.worstMm())).put("chosen", a == chosen);
      ArrayNode bands = o.putArray("bands");
      for (Ladder.Band b : a.bands()) {
        ObjectNode band = bands.addObject();
        if (b.guard() == Ladder.COMB) {
          band.put("tool", "comb");
        } else {
          band.put("tool", "guard").put("guardMm", round(guardsMm[b.guard()]));
        }
        if (b.rockRadiusMm() > 0) {
          band.put("rockRadiusMm", round(b.rockRadiusMm()));
        }
        ArrayNode heights = band.putArray("columns");
        for (int c = 0; c < columns.heightMm().length; c++) {
          double mm = columns.heightMm()[c] / columns.targetMm()[c].length;
          heights
              .addObject()
              .put("aroundDeg", round(columns.aroundDeg()[c]))
              .put("fromMm", round(b.fromSample() * mm))
              .put("toMm", round(b.toSample() * mm))
              .put("toFingers", round(b.toSample() * mm / Nudge.FINGER_MM))
              .put("rockFromMm", round(b.rockFromSample() * mm));
        }
      }
    }
    return n;
  }

  private static double round(double x) {
    return Math.round(x * 1000) / 1000.0 + 0.0;
  }
}
