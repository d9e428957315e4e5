package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Comb;
import kitetail.cut.Fade;
import kitetail.head.Place;
import kitetail.plan.Kit;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.planning.FadeLadder;
import kitetail.planning.Repairs;
import kitetail.practice.Cause;
import kitetail.practice.Drill;
import kitetail.practice.FindFault;
import kitetail.practice.HoldIt;
import kitetail.practice.OneCentimetre;
import kitetail.practice.OverComb;
import kitetail.practice.PlantedFault;
import kitetail.practice.PutInOrder;
import kitetail.practice.SaveIt;
import kitetail.practice.Skill;
import kitetail.practice.Task;
import kitetail.practice.Tried;
import kitetail.practice.WalkGuide;
import kitetail.practice.WhatLeaves;
import kitetail.practice.WholeCut;
import kitetail.practice.WithGuards;

/** Drills in words: what is asked, and why it came out as it did. */
public record PracticeWords(Words words) {

  public static String name(Drill d) {
    return Messages.of("drill", d);
  }

  public static String fault(PlantedFault f) {
    return Messages.of("fault", f);
  }

  public static String pair(Tried.Walked.Pair p) {
    return Messages.of("pair", p);
  }

  public static String skill(Skill s) {
    return Messages.of("skill", s);
  }

  public static String why(Cause c) {
    return Messages.of("cause", c);
  }

  public static String otherwise(WhatLeaves.Otherwise o) {
    return Messages.of("otherwise", o);
  }

  /** One way out of a slip, short. */
  public static String way(Repairs.Kind k) {
    return Messages.of("way-out", k);
  }

  /** One way out of a slip, and what it takes. */
  public String way(Repairs r, Repairs.Repair one) {
    return new AdviceWords(words).repair(r, one);
  }

  /** A rule of the order that is not kept. */
  public String broken(Order.Rule r, Plan plan) {
    return new FindingWords(words, plan).order(r.reason().id(), r.before(), r.then());
  }

  /** How far a ladder is off the even rise, and how far the best one. */
  public String guards(WithGuards g, Fade tried) {
    return Messages.say(
        "ladder-off",
        "worst",
        mm(FadeLadder.worstMm(tried, g.wish(), Kit.USUAL)),
        "guards",
        tried.bands().size(),
        "best",
        mm(g.best().worstMm()),
        "bestGuards",
        g.best().fade().bands().size());
  }

  /** More places than this are counted and not named. */
  private static final int NAMED = 5;

  /** How a whole cut came out, a line each. */
  public List<String> whole(WholeCut t, WholeCut.Judged w) {
    List<String> out = new ArrayList<>();
    out.add(
        Messages.say(
            "whole-cut.met", "met", w.met(), "places", w.places(), "near", mm(t.nearMm())));
    out.add(Messages.say("whole-cut.apart", "apart", mm(w.apartMm())));
    out.add(Messages.say("whole-cut.ledges", "ledges", w.ledges()));
    out.add(Messages.say("whole-cut.minutes", "minutes", Math.round(w.minutes())));
    places("whole-cut.found", w.found(), out);
    if (w.missed().size() > NAMED) {
      out.add(Messages.say("whole-cut.many-missed", "count", w.missed().size()));
    } else {
      places("whole-cut.missed", w.missed(), out);
    }
    places("whole-cut.sound", w.sound(), out);
    return List.copyOf(out);
  }

  private void places(String key, List<Place> places, List<String> out) {
    if (!places.isEmpty()) {
      out.add(Messages.say(key, "places", Words.joined("also", places.stream().map(words::place))));
    }
  }

  /** What is to be done. */
  public String ask(Task t) {
    if (t instanceof OneCentimetre c) {
      return ask(t, "had", mm(c.hadMm()), "off", mm(OneCentimetre.OFF_MM));
    }
    if (t instanceof OverComb c) {
      Comb w = c.wish();
      return ask(
          t,
          "where",
          Messages.of("comb-where", c.where()),
          "gap",
          mm(w.gapMm()),
          "lean",
          Words.degrees(w.outDeg()));
    }
    if (t instanceof WithGuards g) {
      Fade f = g.best().fade();
      return ask(
          t,
          "from",
          mm(g.wish().fromMm()),
          "to",
          mm(g.wish().toMm()),
          "side",
          mm(f.sideburnMm()),
          "behind",
          mm(f.behindEarMm()),
          "nape",
          mm(f.napeMm()));
    }
    if (t instanceof HoldIt h) {
      return ask(t, "length", mm(h.wish().line().lengthMm()));
    }
    if (t instanceof WalkGuide) {
      return ask(t, "length", mm(WalkGuide.LENGTH_MM));
    }
    if (t instanceof WhatLeaves w) {
      return ask(t, "sentence", words.sentence(w.wished().moves().get(0)));
    }
    if (t instanceof FindFault) {
      return ask(t, "length", mm(FindFault.LENGTH_MM));
    }
    if (t instanceof PutInOrder o) {
      return ask(t, "title", Words.named(o.plan().title()));
    }
    if (t instanceof SaveIt s) {
      return ask(t, "short", mm(s.ways().shortMm()), "where", words.place(s.ways().place()));
    }
    if (t instanceof WholeCut w) {
      return ask(t, "title", Words.named(w.plan().title()));
    }
    return ask(t, new Object[0]);
  }

  private static String ask(Task t, Object... named) {
    return Messages.of("drill-ask", t.drill(), named);
  }

  private String mm(double mm) {
    return words.units().length(mm);
  }
}
