package kitetail.shopday;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Slip;
import kitetail.shopday.Entry.OfMove;
import org.jspecify.annotations.Nullable;

/**
 * Where the work at the chair stands after what was written down and not taken back.
 *
 * @param plan as it is being cut: the last one planned anew, or the one begun with, and what
 *     slipped in it
 * @param done moves done, in the order they were
 * @param skipped moves left out, with the reason
 * @param bites bites counted for each move
 * @param workedSec for each move: time up to its entries since the entry before, pauses left out
 * @param pausedSec in all
 * @param measured what was measured last at each place
 * @param slips what was taken too much, in the order it was
 * @param forDry what is still to be looked at dry
 * @param checked by how much each item of the check round was too long; 0 when fine
 */
public record Sitting(
    Plan plan,
    Set<String> done,
    Map<String, String> skipped,
    Map<String, Integer> bites,
    Map<String, Double> workedSec,
    double pausedSec,
    List<Entry.Measured> measured,
    List<Entry.TookMore> slips,
    List<String> forDry,
    Map<Integer, Double> checked) {

  /**
   * @param log in the order things were done; two devices that wrote at once are put together by
   *     their clocks before
   */
  public static Sitting of(Plan begun, List<Logged> log) {
    Set<Entry.Undone> undone = new HashSet<>();
    for (Logged l : log) {
      if (l.entry() instanceof Entry.Undone u) {
        undone.add(u);
      }
    }
    Fold f = new Fold(begun);
    for (Logged l : log) {
      f.pass(l.atSec());
      if (!undone.contains(new Entry.Undone(l.device(), l.number()))) {
        f.enter(l.entry());
      }
    }
    return f.stands();
  }

  /** The first move that is neither done nor skipped; null when none is left. */
  public @Nullable Move next() {
    return plan.moves().stream()
        .filter(m -> !done.contains(m.id()) && !skipped.containsKey(m.id()))
        .findFirst()
        .orElse(null);
  }

  /** How many moves of the plan were done; a slip is none. */
  public int movesDone() {
    return (int)
        plan.moves().stream().filter(m -> m.job() != Job.SLIP && done.contains(m.id())).count();
  }

  private static final class Fold implements Entry.Reader {
    private Plan plan;
    private double lastSec;
    private boolean paused;
    private double openSec;
    private double pausedSec;
    private final Set<String> done = new LinkedHashSet<>();
    private final Map<String, String> skipped = new LinkedHashMap<>();
    private final Map<String, Integer> bites = new LinkedHashMap<>();
    private final Map<String, Double> workedSec = new LinkedHashMap<>();
    private final Map<kitetail.head.Place, Entry.Measured> measured = new LinkedHashMap<>();
    private final List<Entry.TookMore> slips = new ArrayList<>();
    private final Set<String> forDry = new LinkedHashSet<>();
    private final Map<Integer, Double> checked = new LinkedHashMap<>();

    Fold(Plan begun) {
      plan = begun;
    }

    void enter(Entry e) {
      if (e instanceof OfMove m) {
        workedSec.merge(m.move(), openSec, Double::sum);
        openSec = 0;
      }
      e.to(this);
    }

    /** A device's clock may be set back; time never runs backwards here. */
    void pass(double nowSec) {
      double sec = Math.max(0, nowSec - lastSec);
      if (paused) {
        pausedSec += sec;
      } else {
        openSec += sec;
      }
      lastSec = Math.max(lastSec, nowSec);
    }

    @Override
    public void bite(Entry.Bite e) {
      bites.merge(e.move(), 1, Integer::sum);
    }

    @Override
    public void done(Entry.Done e) {
      skipped.remove(e.move());
      done.add(e.move());
    }

    @Override
    public void skipped(Entry.Skipped e) {
      done.remove(e.move());
      skipped.put(e.move(), e.reason());
    }

    @Override
    public void reopened(Entry.Reopened e) {
      done.remove(e.move());
      skipped.remove(e.move());
    }

    @Override
    public void tookMore(Entry.TookMore e) {
      if (e.mm() > 0) {
        slips.add(e);
        plan = Slip.into(plan, e.move(), e.place(), e.mm());
        done.addAll(Slip.of(plan));
      }
    }

    @Override
    public void paused(Entry.Paused e) {
      paused = true;
    }

    @Override
    public void resumed(Entry.Resumed e) {
      paused = false;
    }

    @Override
    public void measured(Entry.Measured e) {
      measured.put(e.place(), e);
    }

    @Override
    public void replanned(Entry.Replanned e) {
      plan = e.plan();
    }

    @Override
    public void forDry(Entry.ForDry e) {
      forDry.add(e.what());
    }

    @Override
    public void drySeen(Entry.DrySeen e) {
      forDry.remove(e.what());
    }

    @Override
    public void checked(Entry.Checked e) {
      checked.put(e.item(), e.longerMm());
    }

    Sitting stands() {
      return new Sitting(
          plan,
          Collections.unmodifiableSet(done),
          Collections.unmodifiableMap(skipped),
          Collections.unmodifiableMap(bites),
          Collections.unmodifiableMap(workedSec),
          pausedSec,
          List.copyOf(measured.values()),
          List.copyOf(slips),
          new ArrayList<>(forDry),
          Collections.unmodifiableMap(checked));
    }
  }
}
