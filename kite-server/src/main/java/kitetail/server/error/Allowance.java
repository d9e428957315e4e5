package kitetail.server.error;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Path;
import jakarta.validation.Validator;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import jakarta.validation.metadata.ConstraintDescriptor;
import jakarta.validation.metadata.PropertyDescriptor;
import java.lang.annotation.Annotation;
import java.util.Set;
import kitetail.formats.json.PlanProblem;
import kitetail.formats.words.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What the constraints on a field allow together, in words of the catalogue: a range stands in its
 * annotations alone.
 */
final class Allowance {
  /** Of a size that has no end. */
  private static final double ENDLESS = Integer.MAX_VALUE;

  private double least = Double.NaN;
  private double most = Double.NaN;

  private Allowance(Set<ConstraintDescriptor<?>> all) {
    all.forEach(c -> narrow(c.getAnnotation()));
  }

  private void narrow(Annotation a) {
    if (a instanceof Size s) {
      from(s.min());
      to(s.max());
    } else if (a instanceof NotBlank || a instanceof NotEmpty) {
      from(1);
    } else if (a instanceof Min m) {
      from(m.value());
    } else if (a instanceof Max m) {
      to(m.value());
    } else if (a instanceof DecimalMin m) {
      from(Double.parseDouble(m.value()));
    } else if (a instanceof DecimalMax m) {
      to(Double.parseDouble(m.value()));
    }
  }

  private void from(double x) {
    least = Double.isNaN(least) ? x : Math.max(least, x);
  }

  private void to(double x) {
    if (x < ENDLESS) {
      most = Double.isNaN(most) ? x : Math.min(most, x);
    }
  }

  /**
   * A broken constraint as a problem of its field.
   *
   * @param field its path
   */
  static PlanProblem broken(Validator validator, ConstraintViolation<?> v, String field) {
    String path = "$." + field;
    String value = String.valueOf(v.getInvalidValue());
    Annotation rule = v.getConstraintDescriptor().getAnnotation();
    if (rule instanceof NotNull || rule instanceof NotBlank || rule instanceof NotEmpty) {
      return new PlanProblem(path, value, Refused.because("must-be-given"));
    }
    if (rule instanceof Pattern p) {
      return new PlanProblem(path, value, Refused.because(p.message()));
    }
    Allowance a = new Allowance(together(validator, v));
    String what =
        rule instanceof Size ? v.getInvalidValue() instanceof CharSequence ? "text" : "list" : "";
    String unit = PlanProblem.range(path, value, a.least, a.most).unit();
    String said =
        Refused.because(
            "allowed",
            "bounds",
            Double.isNaN(a.most) ? "from" : Double.isNaN(a.least) ? "to" : "both",
            "least",
            shown(a.least),
            "most",
            shown(a.most),
            "of",
            what,
            "unit",
            unit == null ? "none" : unit);
    return new PlanProblem(path, value, said, finite(a.least), finite(a.most), unit, null);
  }

  /** All on the field, or on what its list holds, whichever of them was broken. */
  private static Set<ConstraintDescriptor<?>> together(
      Validator validator, ConstraintViolation<?> v) {
    String name = null;
    for (Path.Node n : v.getPropertyPath()) {
      name = n.getName() == null || n.getName().startsWith("<") ? name : n.getName();
    }
    PropertyDescriptor all =
        validator
            .getConstraintsForClass(v.getLeafBean().getClass())
            .getConstraintsForProperty(name);
    return all == null || !all.getConstraintDescriptors().contains(v.getConstraintDescriptor())
        ? Set.of(v.getConstraintDescriptor())
        : all.getConstraintDescriptors();
  }

  private static String shown(double x) {
    return Double.isNaN(x) ? "" : x == Math.rint(x) ? Long.toString((long) x) : Double.toString(x);
  }

  private static @Nullable Double finite(double x) {
    return Double.isNaN(x) ? null : x;
  }
}
