package kitetail.server.error;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Valid;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import kitetail.formats.json.PlanProblem;
import org.junit.jupiter.api.Test;

/** What a field allows is told whole, whichever of its constraints was broken. */
class AllowanceTest {
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();

  record Row(@Min(5) @Max(480) int minutes) {}

  record Form(
      @NotBlank @Size(max = 80) String name,
      @DecimalMin("0.1") @DecimalMax("250") double leavesMm,
      @Min(0) int number,
      @Max(26) int weeks,
      @Pattern(regexp = "\\d{6}", message = "six-digits") String code,
      @Size(max = 2) List<@Valid Row> rows) {
    Form() {
      this("House clipper", 3, 0, 4, "123456", List.of());
    }
  }

  private static PlanProblem told(Form f) {
    ConstraintViolation<Form> v = VALIDATOR.validate(f).iterator().next();
    return Allowance.broken(VALIDATOR, v, v.getPropertyPath().toString());
  }

  @Test
  void aTextTooLong_isToldFromItsLeastToItsMost() {
    PlanProblem p = told(new Form("x".repeat(81), 3, 0, 4, "123456", List.of()));
    assertThat(p.path()).isEqualTo("$.name");
    assertThat(p.allowed()).isEqualTo("allowed 1 to 80 characters");
  }

  @Test
  void aTextLeftOut_mustBeGiven() {
    assertThat(told(new Form(" ", 3, 0, 4, "123456", List.of())).allowed())
        .isEqualTo("must be given");
  }

  @Test
  void aNumberOnEitherSideOfItsRange_isToldTheSame_withItsUnit() {
    for (double mm : new double[] {0.05, 251}) {
      PlanProblem p = told(new Form("House clipper", mm, 0, 4, "123456", List.of()));
      assertThat(p.allowed()).isEqualTo("allowed 0.1 to 250 mm");
      assertThat(p.min()).isEqualTo(0.1);
      assertThat(p.max()).isEqualTo(250);
      assertThat(p.unit()).isEqualTo("mm");
    }
  }

  @Test
  void aRangeWithOneEnd_isToldByIt() {
    assertThat(told(new Form("a", 3, -1, 4, "123456", List.of())).allowed())
        .isEqualTo("allowed 0 or more");
    assertThat(told(new Form("a", 3, 0, 27, "123456", List.of())).allowed())
        .startsWith("allowed up to 26");
  }

  @Test
  void aListTooLong_andARowOfOne_areToldByTheirPlace() {
    Row fine = new Row(30);
    assertThat(told(new Form("a", 3, 0, 4, "123456", List.of(fine, fine, fine))).allowed())
        .isEqualTo("allowed 0 to 2 entries");
    PlanProblem p = told(new Form("a", 3, 0, 4, "123456", List.of(fine, new Row(1))));
    assertThat(p.path()).isEqualTo("$.rows[1].minutes");
    assertThat(p.allowed()).startsWith("allowed 5 to 480");
  }

  @Test
  void aPattern_hasItsOwnWords() {
    assertThat(told(new Form("a", 3, 0, 4, "12345", List.of())).allowed())
        .isEqualTo("must be six digits");
  }

  @Test
  void whatIsInItsRange_isNotTold() {
    assertThat(VALIDATOR.validate(new Form())).isEmpty();
  }
}
