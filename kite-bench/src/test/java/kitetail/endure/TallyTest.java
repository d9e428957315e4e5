package kitetail.endure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A run that broke a promise must not come out well. */
class TallyTest {
  private static Caller.Answer answer(int status) {
    return new Caller.Answer(status, "", 12);
  }

  @Test
  void aRunInWhichNothingBroke_isKept() {
    Tally t = new Tally();
    t.answered("save", "/api/plans/1", answer(200));
    t.check("saved plans are there", true);
    assertThat(t.report()).isTrue();
    assertThat(t.answers()).isEqualTo(1);
  }

  @Test
  void aPromiseThatWasBroken_breaksTheRun() {
    Tally t = new Tally();
    t.check("saved plans are there", false);
    assertThat(t.report()).isFalse();
  }

  @Test
  void anAnswerNobodyMayGet_breaksTheRun() {
    for (int status : new int[] {400, 401, 403, 500, 502, 504}) {
      Tally t = new Tally();
      t.answered("save", "/api/plans/1", answer(status));
      assertThat(t.report()).as("%d", status).isFalse();
    }
  }

  @Test
  void aWrongPasswordRefused_isAsItShouldBe() {
    Tally t = new Tally();
    t.answered(Tally.GUESS, "/api/session", answer(401));
    assertThat(t.report()).isTrue();
  }

  @Test
  void whoIsStillAnswered_goesOnToTheEnd() {
    Tally t = new Tally();
    t.answered("save", "/api/plans/1", answer(200));
    t.goesOn("save");
    assertThat(t.report()).isTrue();
  }

  @Test
  void aShareOfTimesIsByNearestRank() {
    List<Double> four = List.of(1.0, 2.0, 3.0, 4.0);
    assertThat(Tally.at(four, 0.5)).isEqualTo(2);
    assertThat(Tally.at(four, 0.95)).isEqualTo(4);
    assertThat(Tally.at(List.of(), 0.5)).isNaN();
  }
}
