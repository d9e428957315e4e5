package kitetail.server.bench;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import kitetail.formats.picture.CoatRamp;
import kitetail.hair.HairMap;
import kitetail.head.Scalp;
import kitetail.look.Weight;
import kitetail.plan.Plan;
import kitetail.planning.Hands;
import kitetail.planning.Risk;
import kitetail.server.advice.Advice;
import kitetail.server.error.FieldException;
import kitetail.server.fall.Falls;
import kitetail.server.head.Heads;
import org.springframework.stereotype.Component;

/** What a head can be painted with other than length: a number at every vertex of the scalp. */
@Component
class Coats {
  private static final double NEAR_MM = 14;

  private final Heads heads;
  private final Falls falls;
  private final Advice advice;

  Coats(Heads heads, Falls falls, Advice advice) {
    this.heads = heads;
    this.falls = falls;
    this.advice = advice;
  }

  record CoatRow(String id, String title, String unit, double[] levels, List<String> colours) {}

  private static CoatRow row(String id, String title, String unit, CoatRamp r) {
    return new CoatRow(id, title, unit, r.levels(), r.colours());
  }

  List<CoatRow> all() {
    return List.of(
        row("weight", "Weight", "mm of hair, packed", CoatRamp.WEIGHT),
        row("risk", "Likely error", "mm too long or short", CoatRamp.RISK),
        row("density", "Density", "hairs a cm²", CoatRamp.DENSITY),
        row("diameter", "Thickness", "µm", CoatRamp.DIAMETER));
  }

  /**
   * One number for each vertex of the scalp.
   *
   * @param hands under which likely errors are tried
   * @throws FieldException when nothing is painted so
   */
  float[] of(Plan plan, String of, Hands hands) {
    Heads.Ready ready = heads.of(plan);
    int[] roots = ready.picture().scalpMesh().roots();
    IntToDoubleFunction at = numbers(of, plan, ready, hands);
    float[] out = new float[roots.length];
    for (int v = 0; v < out.length; v++) {
      out[v] = (float) at.applyAsDouble(roots[v]);
    }
    return out;
  }

  private IntToDoubleFunction numbers(String of, Plan plan, Heads.Ready ready, Hands hands) {
    Scalp scalp = ready.bench().scalp();
    return switch (of) {
      case "weight" -> {
        Weight w = falls.of(plan, 0, true).look().weight();
        yield i -> w.atMm(scalp.pointMm(i));
      }
      case "risk" -> {
        Risk risk = Risk.of(plan, advice.few(plan.head()), hands);
        Scalp few = advice.few(plan.head()).scalp();
        yield i -> near(few, risk.spreadMm(), scalp, i);
      }
      case "density" -> {
        HairMap map = ready.bench().hair(plan.hair());
        yield i -> map.densityPerCm2()[i];
      }
      case "diameter" -> {
        HairMap map = ready.bench().hair(plan.hair());
        yield i -> map.diameterUm()[i];
      }
      default -> throw new FieldException("of", of, "allowed weight, risk, density, diameter");
    };
  }

  /** A spread is known at few sites; between them the nearer ones count most. */
  private static double near(Scalp few, double[] spread, Scalp scalp, int i) {
    double sum = 0;
    double weight = 0;
    for (int k = 0; k < few.sites(); k++) {
      double d = few.pointMm(k).distanceTo(scalp.pointMm(i)) / NEAR_MM;
      if (d < 3) {
        double w = Math.exp(-d * d);
        sum += w * spread[k];
        weight += w;
      }
    }
    return weight == 0 ? 0 : sum / weight;
  }
}
