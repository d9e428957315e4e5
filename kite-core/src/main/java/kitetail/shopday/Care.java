package kitetail.shopday;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a tool needs before it is used on a client, by what was done with it. Common practice; the
 * label of the disinfectant and local rules come first.
 */
public final class Care {
  /** Wet disinfection needs the tool under for this long; usual on labels, from memory. */
  public static final Duration CONTACT = Duration.ofMinutes(10);

  /** Shears and clipper blades go to be sharpened after so many clients; an assumption. */
  public static final int SHARP_CLIENTS = 400;

  /** What is done with a tool. */
  public enum Act {
    USED,
    DISINFECTED,
    BLADE,
    OILED,
    SHARPENED
  }

  /**
   * @param client on whom it was used; null for other acts
   */
  public record Done(Act act, Instant at, Long client) {}

  /**
   * One thing due.
   *
   * @param blocks nobody should be touched with the tool before it is done
   * @param readyAt when a tool that lies in the disinfectant may be taken out; null when it does
   *     not lie there
   */
  public record Need(Act act, boolean blocks, @Nullable Instant readyAt) {}

  private Care() {}

  /**
   * @param log what was done, in any order
   * @param client who is next; null when it is not known, then everybody before is somebody else
   * @param zone whose days the oil goes by
   * @return what is due, what blocks first
   */
  public static List<Need> due(Tool tool, List<Done> log, Instant now, Long client, ZoneId zone) {
    List<Done> done = log.stream().sorted(Comparator.comparing(Done::at)).toList();
    List<Need> needs = new ArrayList<>();
    Instant usedOnAnother =
        last(done, d -> d.act() == Act.USED && (client == null || !client.equals(d.client())));
    if (usedOnAnother != null) {
      if (tool == Tool.RAZOR) {
        if (!after(done, Act.BLADE, usedOnAnother)) {
          needs.add(new Need(Act.BLADE, true, null));
        }
      }
      Instant under = last(done, d -> d.act() == Act.DISINFECTED);
      if (under == null || !under.isAfter(usedOnAnother)) {
        needs.add(new Need(Act.DISINFECTED, true, null));
      } else if (now.isBefore(under.plus(CONTACT))) {
        needs.add(new Need(Act.DISINFECTED, true, under.plus(CONTACT)));
      }
    }
    Instant used = last(done, d -> d.act() == Act.USED);
    if (tool == Tool.CLIPPER && used != null) {
      LocalDate today = now.atZone(zone).toLocalDate();
      Instant oiled = last(done, d -> d.act() == Act.OILED);
      if (oiled == null || oiled.atZone(zone).toLocalDate().isBefore(today)) {
        needs.add(new Need(Act.OILED, false, null));
      }
    }
    if (tool == Tool.SHEARS || tool == Tool.CLIPPER) {
      Instant sharp = last(done, d -> d.act() == Act.SHARPENED);
      long since =
          done.stream()
              .filter(d -> d.act() == Act.USED && (sharp == null || d.at().isAfter(sharp)))
              .count();
      if (since >= SHARP_CLIENTS) {
        needs.add(new Need(Act.SHARPENED, false, null));
      }
    }
    return List.copyOf(needs);
  }

  private static boolean after(List<Done> done, Act act, Instant at) {
    return done.stream().anyMatch(d -> d.act() == act && d.at().isAfter(at));
  }

  private static @Nullable Instant last(List<Done> done, java.util.function.Predicate<Done> which) {
    return done.stream().filter(which).map(Done::at).reduce((a, b) -> b).orElse(null);
  }
}
