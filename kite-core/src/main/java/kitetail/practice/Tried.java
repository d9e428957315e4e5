package kitetail.practice;

import java.util.List;
import java.util.Map;
import kitetail.cut.Dial;
import kitetail.cut.Fade;
import kitetail.cut.Guide;
import kitetail.cut.Strokes;
import kitetail.geom.Allowed;
import kitetail.head.Place;
import kitetail.head.Spot;
import kitetail.planning.Repairs;

/** What a hand did in a drill; each drill takes one kind. */
public sealed interface Tried {
  /** Lengths as they were read, mm dry and straight. */
  record Lengths(Map<Place, Double> saidMm) implements Tried {
    public Lengths {
      saidMm.forEach((p, mm) -> Allowed.within("saidMm at " + p, mm, 0, 1500));
      saidMm = Map.copyOf(saidMm);
    }
  }

  /** Where landmarks were touched. */
  record Touched(Map<Place, Spot> at) implements Tried {
    public Touched {
      at = Map.copyOf(at);
    }
  }

  /** Strokes over the comb. */
  record Combed(Strokes strokes) implements Tried {}

  /** A ladder of guards with its heights. */
  record Guarded(Fade fade) implements Tried {}

  /**
   * A bite as it was held.
   *
   * @param elevationDeg 0 to 180
   * @param fingerDeg −60 to 60, out is above 0
   */
  record Held(double elevationDeg, double fingerDeg, Guide guide) implements Tried {
    public Held {
      Allowed.within("elevationDeg", elevationDeg, 0, 180);
      Allowed.within("fingerDeg", fingerDeg, -60, 60);
    }
  }

  /** A section taken bite by bite. */
  record Walked(List<Bite> bites) implements Tried {
    /**
     * @param widthMm 3 to 60
     * @param held where old and new hair were held together
     */
    public record Bite(double widthMm, Pair held) {
      public Bite {
        Allowed.within("widthMm", widthMm, 3, 60);
      }
    }

    /** Where a pair of bites is held while the new one is cut. */
    public enum Pair {
      /** Each where it grows. */
      NEW_WHERE_IT_GROWS,
      /** The new one brought back to the old. */
      BACK_TO_OLD,
      /** The old one brought on to the new. */
      ON_TO_NEW,
      /** Both at the middle. */
      MIDDLE
    }

    public Walked {
      bites = List.copyOf(bites);
      if (bites.isEmpty() || bites.size() > 80) {
        throw new IllegalArgumentException("bites must be 1 to 80, were " + bites.size());
      }
    }
  }

  /** One of the pictures shown, from 0. */
  record Chosen(int which) implements Tried {
    public Chosen {
      Allowed.within("which", which, 0, 3);
    }
  }

  /**
   * A fault as it was found.
   *
   * @param checks how many pairs of places were held against each other
   */
  record Found(Place place, PlantedFault fault, int checks) implements Tried {
    public Found {
      Allowed.within("checks", checks, 0, 1000);
    }
  }

  /** Ids of moves in the order they would be done. */
  record Ordered(List<String> moves) implements Tried {
    public Ordered {
      moves = List.copyOf(moves);
    }
  }

  /** What would be done about a slip. */
  record Saved(Repairs.Kind way) implements Tried {}

  /**
   * A whole cut.
   *
   * @param led moves in the order they were done; what is not among them was left out
   * @param notRight named places the check round found not right
   */
  record Whole(List<Led> led, List<Place> notRight) implements Tried {
    public Whole {
      led = List.copyOf(led);
      notRight = notRight == null ? List.of() : List.copyOf(notRight);
      if (led.size() > 200) {
        throw new IllegalArgumentException("led must be 200 moves at most, were " + led.size());
      }
    }
  }

  /**
   * A move as the hand led it.
   *
   * @param dials the numbers the hand set; what is left out is done as it is asked
   */
  record Led(String move, Map<Dial, Double> dials) {
    public Led {
      dials = dials == null ? Map.of() : Map.copyOf(dials);
    }
  }
}
