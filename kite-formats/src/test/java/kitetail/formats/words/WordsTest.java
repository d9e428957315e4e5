package kitetail.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kitetail.check.Check;
import kitetail.check.Handled;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hand;
import kitetail.cut.Hold;
import kitetail.formats.json.Families;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Handling;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.section.Facing;
import kitetail.section.Scalar;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class WordsTest {
  private static final Words CM = new Words(Units.CM);
  private static final Words INCH = new Words(Units.INCH);

  private static Move move(Cut cut) {
    return new Move("m", "m", "s", cut, null, null, null, null, false);
  }

  @Test
  void fingers_sayHoldLineLengthAndGuide() {
    Cut c =
        new Fingers(
            new Hold.Elevation(45),
            new CutLine.Flat(Facing.BACK, Place.OCCIPITAL, 30, 10),
            new Guide.Fixed(Place.CROWN, Guide.Gather.SPOT),
            Facing.UP,
            12);
    assertThat(CM.sentence(move(c)))
        .isEqualTo(
            "Over the fingers, blunt, 1.2 cm bites working up, held at 45° firmly, cut to an upright line leaving 3.0 cm at the occipital bone,"
                + " fingers out 10°; all brought to a fixed guide at the crown, gathered to one spot.");
    assertThat(CM.headline(move(c))).isEqualTo("3.0 cm");
    assertThat(INCH.headline(move(c))).isEqualTo("1 1/8 in");
  }

  @Test
  void aRoundLine_andTheOtherHoldsAndGuides() {
    Cut up =
        new Fingers(
            new Hold.Toward(Facing.UP),
            new CutLine.Round(60),
            new Guide.LastBite(),
            Facing.BACK,
            9);
    assertThat(CM.sentence(move(up)))
        .contains("held straight up")
        .contains("6.0 cm following the head")
        .endsWith("each bite brought back to the last.");
    Cut out =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.FRONT, 9);
    assertThat(CM.sentence(move(out)))
        .contains("working forward")
        .contains("held straight out")
        .endsWith("travelling guide.");
    Cut down =
        new Fingers(
            new Hold.Elevation(0), new CutLine.Round(60), new Guide.Travelling(), Facing.LEFT, 9);
    assertThat(CM.sentence(move(down))).contains("lying down the head").contains("to the left");
  }

  @Test
  void theHandWithinABite_isSaid() {
    Fingers f =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.UP, 12);
    Hand.Tuck tuck = new Hand.Tuck(Scalar.ABOVE_HAIRLINE_MM, 20, 50, -25);
    assertThat(CM.sentence(move(f.with(new Hand(new Hand.Lift(120, 90), tuck, false)))))
        .contains("first lifted to 120° and cut to 9.0 cm at the lower edge, then lowered: held")
        .contains("fingers tucked in 25° from 2.0 cm to 5.0 cm above the hairline");
    CutLine wall = new CutLine.Flat(Facing.LEFT, Place.EAR_TOP_LEFT, 40, 0);
    Fingers flat = new Fingers(new Hold.StraightOut(), wall, new Guide.ByEye(), Facing.UP, 12);
    assertThat(CM.sentence(move(flat.with(new Hand(null, null, true)))))
        .contains("past the ridge on round the head; by eye");
    assertThat(CM.sentence(move(f.with(new Guide.Pinched()))))
        .endsWith("each bite pinched to its middle.");
    Guide plane = new Guide.Fixed(Place.APEX, Guide.Gather.PLANE);
    assertThat(CM.sentence(move(f.with(plane)))).contains("each straight across to its plane");
  }

  @Test
  void aStretchBelowTheRidge_isSaidSo() {
    Fingers f =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.UP, 12);
    Hand.Tuck out = new Hand.Tuck(Scalar.ABOVE_RIDGE_MM, -34, -6, 14);
    assertThat(CM.sentence(move(f.with(new Hand(null, out, false)))))
        .contains("fingers standing out 14° from 3.4 cm to 6 mm below the ridge");
  }

  /** In the units of whoever reads it. */
  @ParameterizedTest
  @EnumSource(Units.class)
  void everyMoveOfEveryFamily_isASentence(Units units) {
    Words words = new Words(units);
    for (Plan p : Families.all().values()) {
      for (Move m : p.moves()) {
        assertThat(words.sentence(m)).as(p.title()).matches(".*[.?]").doesNotContain("null", "−");
        assertThat(words.headline(m)).as(p.title()).isNotBlank();
      }
    }
  }

  /** Seen from where the stylist stands. */
  @Test
  void howAMoveIsHandled_isSaidInFewWords() {
    Handled back =
        new Handled(
            20,
            Handling.Stroke.BACK,
            Handled.Side.LEFT,
            Handling.EarHeld.CLIENT,
            Handling.Wetting.MIST,
            Handled.Shears.PRECISION);
    assertThat(HandlingWords.of(back, Move.Stand.BACK))
        .containsExactly(
            "Mist first",
            "chin down 20°",
            "client holds the ear",
            "strokes back, left hand",
            "precision shears");
    Handled front =
        new Handled(-15, null, null, null, Handling.Wetting.NONE, Handled.Shears.DRY_CUTTING);
    assertThat(HandlingWords.of(front, Move.Stand.FRONT))
        .containsExactly("chin down 15°", "dry-cutting shears");
  }

  @Test
  void theComb_saysItsGapAndLean() {
    assertThat(CM.sentence(move(new Comb(11, 6, 2, Comb.Tool.SCISSORS))))
        .startsWith(
            "Scissors over the comb, blunt, starting 1.1 cm off the skin, leaning 6° off the head");
    assertThat(CM.sentence(move(new Comb(3, 0, 2, Comb.Tool.CLIPPER))))
        .startsWith("Clipper")
        .contains("parallel to the head");
    assertThat(CM.sentence(move(new Comb(3, -8, 2, Comb.Tool.CLIPPER))))
        .contains("leaning 8° into the head");
    assertThat(CM.headline(move(new Comb(3, 0, 2, Comb.Tool.CLIPPER))))
        .isEqualTo("3 mm off the skin");
  }

  @Test
  void aGuard_saysItsNumberAndHeight() {
    assertThat(CM.sentence(move(new Guard(4, 0, Guard.Grain.AGAINST, null))))
        .isEqualTo("Guard 4 (1.3 cm), against the grain.");
    assertThat(INCH.sentence(move(new Guard(4, 0, Guard.Grain.WITH, null))))
        .isEqualTo("Guard 4 (1/2 in), with the grain.");
    assertThat(CM.headline(move(new Guard(1.5, 0, Guard.Grain.WITH, null)))).isEqualTo("Guard 1.5");
  }

  @ParameterizedTest
  @EnumSource(Place.class)
  void everyPlace_hasItsOwnName(Place p) {
    Set<String> others = new HashSet<>();
    for (Place q : Place.values()) {
      if (q != p) {
        others.add(CM.place(q));
      }
    }
    assertThat(CM.place(p)).isNotBlank().isNotIn(others);
  }

  private static final Plan PLAN = Families.all().get("quiet-side-part");

  static List<String> rules() {
    return Check.finds().stream().filter(id -> !id.startsWith("order-")).toList();
  }

  @ParameterizedTest
  @MethodSource("rules")
  void everyFinding_isSaidAsASentence_withoutItsRule_andWithoutShouting(String rule) {
    String said =
        CM.finding(
            new Finding(
                rule,
                Finding.Severity.WARN,
                "top",
                Place.NAPE,
                42,
                Finding.Unit.MM,
                List.of("top", "crown")),
            PLAN);
    assertThat(said).doesNotContain(rule + ":").doesNotContain("!").endsWith(".");
  }

  @ParameterizedTest
  @EnumSource(Order.Reason.class)
  void aBrokenOrder_namesBothMoves_andTheReason(Order.Reason rule) {
    String said =
        CM.finding(
            new Finding(
                "order-" + rule.id(),
                Finding.Severity.WARN,
                "combLeft",
                Place.NAPE,
                0,
                Finding.Unit.MM,
                List.of("top")),
            PLAN);
    assertThat(said)
        .startsWith("Do “Top from the centre strip” before “Left side over the comb”: ")
        .doesNotContain(rule.id())
        .endsWith(".");
  }

  @Test
  void areasAndPercents_areSaidAsSuch() {
    assertThat(
            CM.finding(
                new Finding(
                    "section-gap",
                    Finding.Severity.WARN,
                    null,
                    Place.CROWN,
                    1250,
                    Finding.Unit.MM2,
                    List.of()),
                PLAN))
        .startsWith("13 cm² of hair near the crown");
  }
}
