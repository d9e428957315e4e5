package kitetail.server.fall;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import kitetail.fall.Styling;
import kitetail.formats.answer.DryPassView;
import kitetail.formats.answer.LandingView;
import kitetail.formats.json.Families;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.GrowOutWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.look.OtherWay;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.planning.DryPass;
import kitetail.planning.SameLongest;
import kitetail.planning.Worn;
import kitetail.server.answer.Lines;
import kitetail.server.error.FieldException;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** How a plan falls, now, weeks later and worn otherwise, and what is said of it. */
@Component
@Order(4)
public class FallReadings implements Warms {
  /**
   * @param document the plan as it was cut
   */
  record StandsOut(@NotNull Plan document, @NotNull Place place) {}

  private static final int WARM = 6;

  private final Falls falls;
  private final FallBytes bytes;

  FallReadings(Falls falls, FallBytes bytes) {
    this.falls = falls;
    this.bytes = bytes;
  }

  @Override
  public void warm() {
    Families.all().values().stream()
        .limit(WARM)
        .forEach(
            p -> {
              of(p, 0, true, Units.CM);
              of(p, 0, false, Units.CM);
            });
  }

  /**
   * Its strands at rest and what is read of them, as {@link FallBytes} lays them out.
   *
   * @param preview of few strands
   * @throws FieldException when the week is out of range
   */
  byte[] of(Plan plan, double week, boolean preview, Units units) {
    double weeks = FieldException.within("week", week, 0, Worn.MOST_WEEKS);
    Worn w = preview ? falls.of(plan, weeks, true) : falls.inTime(plan, weeks);
    return bytes.of(FallAnswer.of(plan, w, units), w.fall());
  }

  /** What shows when it is worn another way. */
  List<LandingView.Worn> ways(Plan plan) {
    Worn w = falls.of(plan, 0, true);
    return LandingView.Worn.of(
        OtherWay.all(falls.coarse(plan).ground(), plan.hair(), w.stock(), plan.styling()));
  }

  /** What lays hair that stands out dry at a place of a plan as it was cut. */
  DryPassView dryPass(StandsOut s, Units units) {
    return DryPassView.of(
        DryPass.of(s.document(), falls.coarse(s.document()), s.place()),
        new AdviceWords(new Words(units)));
  }

  /** How the hair a plan starts from is best worn while it grows, in words. */
  public String meanwhile(Plan plan) {
    Worn.Stand on = falls.coarse(plan);
    Stock uncut = PlanEngine.start(plan, on.bench());
    return GrowOutWords.meanwhile(OtherWay.all(on.ground(), plan.hair(), uncut, Styling.NATURAL));
  }

  /**
   * A plan set so that it looks the same for so many weeks; how far it is goes out line by line.
   */
  void longest(Plan plan, int weeks, Units units, Lines.Out out) {
    SameLongest s =
        SameLongest.of(plan, falls.coarse(plan), weeks, n -> out.done(n, SameLongest.TRIED));
    out.line(new Longest(s.plan(), new EditWords(new Words(units)).longest(s, weeks)));
  }
}
