package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import kitetail.client.Wishes;
import kitetail.cut.Cut;
import kitetail.cut.Edge;
import kitetail.cut.Outline;
import kitetail.edit.MoveEdit;
import kitetail.fall.Styling;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Plan;

/**
 * A shape's plan as the client's answers have it: nape and sideburn edges, the parting, how it is
 * worn and dried, and before which moves the client is asked. Lengths are fitted elsewhere. Where
 * an answer is left open the shape's own way stays. Heights are assumptions.
 */
public final class Asked {
  /** A short sideburn ends so far above its natural end, a long one so far below it. */
  private static final double SHORT_UP_MM = 14;

  private static final double LONG_DOWN_MM = 10;
  private static final double POINT_DEG = 35;
  private static final double CORNER_MM = 8;

  private Asked() {}

  public static Plan of(Plan plan) {
    Wishes w = plan.wishes();
    return approvals(dried(worn(parted(sideburns(nape(plan, w), w), w), w), w), w);
  }

  private static Plan nape(Plan plan, Wishes w) {
    if (w.nape() == null || w.nape() == Wishes.NapeEdge.TAIL) {
      return plan;
    }
    Outline.Nape form =
        switch (w.nape()) {
          case ROUNDED -> new Outline.Nape(Outline.Nape.Form.ROUNDED, 0, 0);
          case SQUARE -> new Outline.Nape(Outline.Nape.Form.SQUARE, 0, CORNER_MM);
          default -> new Outline.Nape(Outline.Nape.Form.NATURAL, 0, 0);
        };
    boolean lined = w.nape() != Wishes.NapeEdge.NATURAL && w.nape() != Wishes.NapeEdge.TAPERED;
    return edged(plan, Outline.Nape.class, lined ? MoveEdit.Line.NAPE : null, o -> form);
  }

  private static Plan sideburns(Plan plan, Wishes w) {
    if (w.sideburn() == null) {
      return plan;
    }
    if (w.sideburn() == Wishes.Sideburn.INTO_BEARD) {
      return without(plan);
    }
    double raise =
        switch (w.sideburn()) {
          case SHORT -> SHORT_UP_MM;
          case LONG -> -LONG_DOWN_MM;
          default -> 0;
        };
    double slope = w.sideburn() == Wishes.Sideburn.POINT ? POINT_DEG : 0;
    return edged(
        plan,
        Outline.Sideburn.class,
        MoveEdit.Line.SIDEBURN,
        o -> new Outline.Sideburn(((Outline.Sideburn) o).side(), raise, slope));
  }

  /** Every outline of a kind as asked; one is put before the product when there is none. */
  private static Plan edged(
      Plan plan, Class<? extends Outline> kind, MoveEdit.Line missing, UnaryOperator<Outline> as) {
    Plan with = plan;
    if (missing != null && plan.moves().stream().noneMatch(m -> draws(m.cut(), kind))) {
      int at = plan.moves().size();
      while (at > 1 && plan.moves().get(at - 1).job() == Job.PRODUCT) {
        at--;
      }
      with = MoveEdit.outline(plan, missing, at);
    }
    List<Move> moves = new ArrayList<>();
    for (Move m : with.moves()) {
      boolean is = draws(m.cut(), kind);
      moves.add(is ? m.with(redrawn((Edge) m.cut(), as.apply(((Edge) m.cut()).outline()))) : m);
    }
    return with.withMoves(moves);
  }

  private static Edge redrawn(Edge e, Outline o) {
    return new Edge(o, e.bladeMm());
  }

  private static boolean draws(Cut cut, Class<? extends Outline> kind) {
    return cut instanceof Edge e && kind.isInstance(e.outline());
  }

  /** A sideburn that runs into the beard has no end of its own. */
  private static Plan without(Plan plan) {
    Plan out = plan;
    for (Move m : plan.moves()) {
      boolean waited = out.moves().stream().anyMatch(o -> o.after().contains(m.id()));
      if (draws(m.cut(), Outline.Sideburn.class) && !waited && out.moves().size() > 1) {
        out = MoveEdit.remove(out, m.id());
      }
    }
    return out;
  }

  /** A shape that parts on one side is cut for the other where that is the client's. */
  private static Plan parted(Plan plan, Wishes w) {
    Styling.Part part = part(w.parting());
    if (part == null) {
      return plan;
    }
    Styling s = plan.styling();
    if (s.part() == part) {
      return plan;
    }
    if (s.part() != Styling.Part.NONE && s.mirrored().part() == part) {
      return plan.mirroredCut();
    }
    return s.way() == Styling.Way.NATURAL || s.part() == Styling.Part.CENTRE
        ? plan.worn(s.parted(part))
        : plan;
  }

  private static Styling.Part part(Wishes.Parting p) {
    return p == null
        ? null
        : switch (p) {
          case LEFT -> Styling.Part.LEFT;
          case RIGHT -> Styling.Part.RIGHT;
          case CENTRE -> Styling.Part.CENTRE;
          default -> null;
        };
  }

  /** A shape that may be worn any way is worn the first way the client wears it. */
  private static Plan worn(Plan plan, Wishes w) {
    Styling s = plan.styling();
    boolean any = s.way() == Styling.Way.NATURAL && s.part() == Styling.Part.NONE;
    return w.worn().stream()
        .filter(x -> any && x != Wishes.Worn.TUCKED)
        .findFirst()
        .map(x -> plan.worn(s.combed(way(x))))
        .orElse(plan);
  }

  /** The ways the client wears it, as hair is combed for them, in the order they are asked. */
  public static List<Styling.Way> ways(Wishes w) {
    return w.worn().stream()
        .filter(x -> x != Wishes.Worn.TUCKED)
        .map(Asked::way)
        .distinct()
        .toList();
  }

  private static Styling.Way way(Wishes.Worn worn) {
    return switch (worn) {
      case FORWARD -> Styling.Way.FORWARD;
      case BACK -> Styling.Way.BACK;
      case UP -> Styling.Way.UP;
      default -> Styling.Way.RIGHT;
    };
  }

  /** Nobody dries in the morning what the client does not dry. */
  private static Plan dried(Plan plan, Wishes w) {
    if (w.upkeep() == null) {
      return plan;
    }
    Styling s = plan.styling();
    return switch (w.upkeep()) {
      case NOTHING -> plan.worn(s.dried(Styling.Dried.AIR).with(0, 0));
      case HANDS -> plan.worn(s.dried(Styling.Dried.AIR));
      case DRYER -> plan.worn(s.with(0, s.hold()));
      case PRODUCT_AND_DRYER -> plan;
    };
  }

  /** Who decides is asked before the fringe and before the first clipper; common practice. */
  private static Plan approvals(Plan plan, Wishes w) {
    if (w.decides() == null || w.decides() == Wishes.Decides.STYLIST) {
      return plan;
    }
    boolean every = w.decides() != Wishes.Decides.TOGETHER;
    List<Move> moves = new ArrayList<>();
    boolean clipped = false;
    for (Move m : plan.moves()) {
      boolean first = every && !clipped && m.cut().guarded();
      clipped |= first;
      moves.add(first || m.job() == Job.FRINGE ? m.asked() : m);
    }
    return plan.withMoves(moves);
  }
}
