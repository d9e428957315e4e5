package kitetail.cut;

import kitetail.hair.Hair;
import kitetail.section.Zone;

/** A step between the cuts that takes time and no length. */
public record Aside(What what) implements Cut {
  /** What is done. */
  public enum What {
    /** Mist, so that all is evenly damp. */
    MIST,
    DRY,
    /** The client is asked: like it there? */
    APPROVE,
    CROSS_CHECK,
    /** Neck hair below the line, the long hair held aside. */
    CLEAN_NECK,
    PRODUCT
  }

  @Override
  public <R> R as(Cases<R> cases) {
    return cases.aside(this);
  }

  @Override
  public double[] leaves(Zone zone, Hair hair) {
    double[] out = new double[zone.roots().length];
    java.util.Arrays.fill(out, Double.POSITIVE_INFINITY);
    return out;
  }

  @Override
  public int bites(Zone zone) {
    return 1;
  }

  @Override
  public Aside mirrored() {
    return this;
  }
}
