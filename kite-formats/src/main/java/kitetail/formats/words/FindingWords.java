package kitetail.formats.words;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kitetail.plan.Finding;
import kitetail.plan.Order;
import kitetail.plan.Plan;

/** Findings in words: where, how much, and what to do. */
record FindingWords(Words words, Plan plan) {

  String say(Finding f) {
    String where = words.place(f.place());
    return f.rule().startsWith("order-") ? order(f) : other(f, amount(f), where);
  }

  private String amount(Finding f) {
    return switch (f.unit()) {
      case MM -> words.units().length(Math.abs(f.amount()));
      case MM2 -> String.format(Locale.ROOT, "%.0f cm²", Math.max(1, f.amount() / 100));
      case PERCENT -> String.format(Locale.ROOT, "%.0f %%", f.amount());
    };
  }

  private static String ear(Finding f) {
    return f.place().name().endsWith("LEFT") ? "left" : "right";
  }

  private String other(Finding f, String amount, String where) {
    return switch (f.rule()) {
      case "bulk-before-comb" ->
          "Hair is "
              + amount
              + " near the "
              + where
              + " and will fall over the comb. Take bulk off over the fingers or with a guard first.";
      case "does-not-reach" ->
          "Near the "
              + where
              + " hair is "
              + amount
              + " short of the guide and stays as it is. Shorten the guide, or let it grow.";
      case "bite-wide" ->
          "Bites of " + amount + " are bold: errors add up about with the square. Take half.";
      case "line-meets-skin" ->
          "The line comes down to the skin near the "
              + where
              + ". Raise the line, or end the section earlier.";
      case "takes-nothing" ->
          "Takes nothing off near the " + where + ". Shorten its length, or leave the move out.";
      case "wish-too-short" ->
          "At the " + where + " the result is " + amount + " short of the wish.";
      case "wish-stands" ->
          "At the "
              + where
              + " this hair stands up to "
              + amount
              + " by itself, less than is wished. Plan it worn up, with product that holds.";
      case "leave-alone" ->
          "The "
              + where
              + " is to be left alone; this takes "
              + amount
              + " there. End the section before it.";
      case "skin-stop" -> CareWords.stop(where);
      case "skin-place" -> CareWords.place(where);
      case "section-gap" ->
          amount + " of hair near the " + where + " is in no section. Move an edge over it.";
      case "section-overlap" ->
          amount
              + " near the "
              + where
              + " is in both "
              + sections(f.with())
              + ". Move an edge, or lay one of them over the others.";
      case "ledge" ->
          (f.with().isEmpty() || f.with().get(0).equals(f.with().get(1))
                  ? "Near the " + where
                  : "Where " + sections(f.with()) + " meet, near the " + where + ",")
              + " hair stands "
              + amount
              + " longer than the hair beside it: a ledge. Blend it, or say that it is intentional.";
      case "old-to-new" ->
          "The last bite is brought on to the new one: every bite loses length. Bring the new hair"
              + " back to the old.";
      case "texture-over" ->
          "Near the "
              + where
              + " texturising has taken "
              + amount
              + " of the weight, more than this hair bears. Leave out a pass.";
      case "hairline-pushed" ->
          "The outline goes "
              + amount
              + " into the natural hairline near the "
              + where
              + "; it grows back in days. Keep to the hairline.";
      case "fine-thinned" ->
          "Fine hair, and "
              + amount
              + " of it is taken near the "
              + where
              + ": its ends will look see-through. One light pass, or point the ends.";
      case "cut-on-whorl" ->
          "At the "
              + where
              + " "
              + amount
              + " is left: on the whorl that springs up. Leave it longer by bringing it away from"
              + " the whorl, or take it short.";
      case "corner-at-ridge" ->
          "A corner of "
              + amount
              + " is left near the "
              + where
              + ". Take it off on a round line, or keep it for a square shape.";
      case "point-on-top" ->
          "On top a point stands "
              + amount
              + " over what is around it. Check across and take it off.";
      case "point-at-nape" ->
          "The centre of the nape hangs "
              + amount
              + " over its corners and will flip as it grows. Take the point off.";
      case "outline-nicked" ->
          "Takes "
              + amount
              + " off the outline near the "
              + where
              + ". Leave out the band behind the hairline.";
      case "ear-spring" ->
          "Near the "
              + where
              + " hair cut under tension comes up by "
              + amount
              + ". Rest it on the comb, without tension.";
      case "wet-reserve" ->
          "The fringe comes up by " + amount + " when it dries. Leave that much, or cut it dry.";
      case "dry-tool-on-wet" ->
          "Clippers over wet hair near the "
              + where
              + ": it clumps and lies under them. Dry it first.";
      case "wet-tool-on-dry" ->
          "A razor on dry hair near the " + where + " tears it. Mist it, or point with shears.";
      case "hand-reach" ->
          "From the "
              + where
              + " it is "
              + amount
              + " straight across to the guide. Move your feet, or set a nearer guide.";
      case "front-shortest" ->
          "The front ends "
              + amount
              + " shorter than what was brought back behind it. Recut all behind, or cut the front"
              + " first.";
      case "mohawk-look" ->
          "The top stands "
              + amount
              + " over what lies beside it and looks like a crest. Bring the sides up, or round the"
              + " strip.";
      case "left-right" ->
          "The " + where + " is " + amount + " longer than the other side. Balance the two.";
      case "hole-at-front" ->
          "At the "
              + where
              + " lies only "
              + amount
              + " of the hair around it: a hole. Bring the corner back to the recession.";
      case "hole" ->
          "Near the "
              + where
              + " lies only "
              + amount
              + " of the hair around it. Leave more there.";
      case "hairline-shows" ->
          "The fringe does not come down over the hairline. Leave more in front, or comb it forward.";
      case "fringe-lands" ->
          "The fringe falls "
              + amount
              + (f.amount() > 0 ? " below the brow. Take it up." : " above the brow. Leave more.");
      case "ear-cover" ->
          amount + " of the " + ear(f) + " ear is covered, which is not what was wished.";
      case "skin-shows" ->
          "Skin shows up to "
              + amount
              + " above the edge near the "
              + where
              + ". Leave more there, or say it is intentional.";
      case "stands-off" ->
          "Near the "
              + where
              + " hair is too short to bend over and stands "
              + amount
              + " off. Take it shorter, or leave it longer.";
      case "helmet-look" ->
          amount
              + " of the ends lie at one line all round: it looks like a helmet. Layer above it or"
              + " point the ends.";
      case "slab-tail" ->
          amount + " of the tail ends at one level: a slab. Channel it, or cut it uneven.";
      case "ask-first" ->
          "This cannot be undone, or others go by it. Ask the client before it is cut.";
      default -> f.rule() + " near the " + where + ": " + amount + ".";
    };
  }

  private String order(Finding f) {
    if (f.rule().equals("order-circle")) {
      return "These moves wait for each other: "
          + f.with().stream().map(this::move).collect(Collectors.joining(", then "))
          + ". Let go of one of the waits.";
    }
    return order(new Order.Rule(f.rule().substring("order-".length()), f.with().get(0), f.move()));
  }

  String order(Order.Rule r) {
    return "Do " + move(r.before()) + " before " + move(r.then()) + ": " + why(r.id()) + ".";
  }

  private static String why(String rule) {
    return switch (rule) {
      case "declared" -> "the plan says so";
      case "guide-first" -> "it cuts the guide the other goes by";
      case "bulk-first" -> "long hair falls over the comb and hides the line";
      case "fringe-approved" -> "the fringe is approved before anything goes by it";
      case "first-pass-everywhere" -> "one pass everywhere comes before a second";
      case "neck-last" -> "the neck is cleaned below a line that stands";
      case "product-after-cut" -> "the cut is judged with little in it";
      case "school-outline-first" -> "your way is the outline first";
      case "school-inside-first" -> "your way is the inside first";
      case "school-fringe-first" -> "your way is the fringe first";
      case "school-fringe-last" -> "your way is the fringe last";
      case "school-taper-dry" -> "your way is to set the taper to the dried top";
      case "school-taper-early" -> "your way is the taper before drying";
      case "school-begin" -> "your way begins there";
      default -> rule;
    };
  }

  private String move(String id) {
    return "“" + plan.move(id).name() + "”";
  }

  private String sections(List<String> ids) {
    return ids.stream()
        .map(id -> "“" + plan.section(id).name() + "”")
        .collect(Collectors.joining(" and "));
  }
}
