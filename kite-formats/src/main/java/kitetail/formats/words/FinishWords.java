package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Styling;
import kitetail.plan.Plan;
import kitetail.shopday.Finishing;
import kitetail.shopday.Finishing.What;

/** Drying, styling and home care in short trade words. */
public final class FinishWords {
  private FinishWords() {}

  public static String step(Finishing.Step s, Plan plan) {
    return Messages.of(
        "finish",
        s.what(),
        "way",
        way(plan.styling()),
        "cools",
        s.what() == What.CLEAN_NECK && done(plan).contains(What.HOLD_UNTIL_COLD));
  }

  private static List<What> done(Plan plan) {
    return Finishing.of(plan).steps().stream().map(Finishing.Step::what).toList();
  }

  private static String way(Styling s) {
    return Messages.of("worn", s.way());
  }

  /** What the client does at home. */
  public static List<String> home(Plan plan) {
    List<What> done = done(plan);
    Styling.Dried dried = plan.styling().dried();
    boolean left = dried == Styling.Dried.AIR || dried == Styling.Dried.DIFFUSER;
    List<String> out = new ArrayList<>();
    out.add(Messages.say(left ? "home.lay" : "home.dry", "way", way(plan.styling())));
    List.of(What.GEL, What.CREAM, What.POWDER, What.CURL_CREAM).stream()
        .filter(done::contains)
        .findFirst()
        .ifPresent(w -> out.add(Messages.of("home", w)));
    out.add(Messages.say("home.patch"));
    return out;
  }
}
