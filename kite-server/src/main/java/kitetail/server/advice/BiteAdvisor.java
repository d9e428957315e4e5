package kitetail.server.advice;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.Hands;
import kitetail.planning.Risk;
import kitetail.server.error.FieldException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Which guide and how wide a bite unsteady hands still cut true with. */
@Component
class BiteAdvisor {
  /** A quarter to a whole inch; common practice. */
  private static final double[] WIDTHS_MM = {6.35, 9.5, 12.7, 19, 25.4};

  private final Advice advice;

  BiteAdvisor(Advice advice) {
    this.advice = advice;
  }

  /** The same move by other guides, and the widest bite that keeps a tolerance. */
  record BiteAsked(@NotNull Plan document, @NotNull String move, double toleranceMm) {}

  record GuideRow(String guide, double straysMm) {}

  /** How far a bite of a width strays: 19 times in 20 no more. */
  record BiteRow(double biteMm, double straysMm) {}

  /**
   * @param now the move as it is
   * @param bites the same with bites of other widths, the narrowest first
   * @param widestBiteMm left out when no bite keeps the tolerance
   * @param own by what is known of the hand of who asks
   */
  record BiteAdvice(
      BiteRow now,
      List<GuideRow> guides,
      List<BiteRow> bites,
      @Nullable Double widestBiteMm,
      boolean own) {}

  /**
   * @throws FieldException when the move is none that is cut over the fingers
   */
  BiteAdvice of(BiteAsked b, Hands hands) {
    Plan plan = b.document();
    Fingers f = fingers(plan, b.move());
    Place place = f.guide() instanceof Guide.Fixed x ? x.place() : Place.APEX;
    Workbench few = advice.few(plan.head());
    List<Risk.Choice> guides =
        Risk.guides(
            plan,
            few,
            hands,
            b.move(),
            List.of(new Guide.Travelling(), new Guide.Fixed(place, Guide.Gather.SPOT)));
    List<Risk.Choice> bites = Risk.bites(plan, few, hands, b.move(), WIDTHS_MM);
    Risk.Choice widest = Risk.widest(bites, b.toleranceMm());
    return new BiteAdvice(
        row(Risk.bites(plan, few, hands, b.move(), f.biteMm()).get(0)),
        List.of(
            new GuideRow("travelling", guides.get(0).straysMm()),
            new GuideRow("fixed", guides.get(1).straysMm())),
        bites.stream().map(BiteAdvisor::row).toList(),
        widest == null ? null : widest.biteMm(),
        !hands.equals(Hands.USUAL));
  }

  private static BiteRow row(Risk.Choice c) {
    return new BiteRow(c.biteMm(), c.straysMm());
  }

  private static Fingers fingers(Plan plan, String move) {
    return plan.moves().stream()
        .filter(m -> m.id().equals(move) && m.cut() instanceof Fingers)
        .map(m -> (Fingers) m.cut())
        .findFirst()
        .orElseThrow(
            () -> new FieldException("$.move", move, "it must be a move cut over the fingers"));
  }
}
