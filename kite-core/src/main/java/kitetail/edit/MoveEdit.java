package kitetail.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.hair.Damp;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/** Moves put in, taken out, done earlier or later, and done on the other side. */
public final class MoveEdit {
  private MoveEdit() {}

  /** What a new move cuts with. */
  public enum Kind {
    FINGERS,
    CLIPPER_COMB,
    SCISSOR_COMB,
    GUARD,
    TEXTURE,
    CROSS_CHECK
  }

  /** An outline along the hairline; ears and sideburns on both sides. */
  public enum Line {
    EAR_ARC,
    SIDEBURN,
    NAPE,
    TAPER
  }

  /** As high as any outline reaches. */
  private static final double BAND_MM = 60;

  /**
   * An outline as a usual one begins, on the band along the hairline, which is found or made.
   *
   * @param at its place in the order, 0 to the number of moves
   * @throws IllegalArgumentException when the plan has it
   */
  public static Plan outline(Plan plan, Line line, int at) {
    checkAt(plan, at);
    Section band = alongHairline(plan, BAND_MM);
    List<Section> sections = new ArrayList<>(plan.sections());
    if (!sections.contains(band)) {
      sections.add(band);
    }
    List<Move> moves = new ArrayList<>(plan.moves());
    int k = at;
    for (Outline o : usual(line)) {
      if (plan.moves().stream().anyMatch(m -> same(m.cut(), o))) {
        throw new IllegalArgumentException("this outline is in the plan already");
      }
      Move.Stand stand =
          !o.mirrored().equals(o)
              ? (k == at ? Move.Stand.LEFT : Move.Stand.RIGHT)
              : Move.Stand.BACK;
      String name = name(line) + (o.mirrored().equals(o) ? "" : k == at ? ", left" : ", right");
      String id = free(moves, line.name().toLowerCase(Locale.ROOT).replace("_", ""));
      moves.add(
          k++, new Move(id, name, band.id(), new Edge(o, 0.5), Damp.DRY, stand, "", "", false));
    }
    return plan.with(sections, moves);
  }

  /** The band along the hairline, at least so high: the plan's own, or a new one. */
  static Section alongHairline(Plan plan, double highMm) {
    return plan.sections().stream()
        .filter(s -> s.over() && alongHairline(s, highMm))
        .findFirst()
        .orElseGet(
            () -> {
              String id = "hairlineBand";
              while (taken(plan, id)) {
                id += "2";
              }
              Limit limit = new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, highMm);
              return new Section(id, "Along the hairline", List.of(limit), List.of(), true);
            });
  }

  private static boolean alongHairline(Section s, double highMm) {
    return s.limits().size() == 1
        && s.limits().get(0) instanceof Limit.Between b
        && b.by() == Scalar.ABOVE_HAIRLINE_MM
        && b.min() <= 0
        && b.max() >= highMm;
  }

  private static boolean taken(Plan plan, String id) {
    return plan.sections().stream().anyMatch(s -> s.id().equals(id));
  }

  /** Of one kind and on one side, whatever its numbers. */
  private static boolean same(Cut cut, Outline o) {
    return cut instanceof Edge e
        && e.outline().getClass() == o.getClass()
        && !(e.outline() instanceof Outline.HalfMoon m && m.side() != ((Outline.HalfMoon) o).side())
        && !(e.outline() instanceof Outline.Sideburn b
            && b.side() != ((Outline.Sideburn) o).side());
  }

  private static List<Outline> usual(Line line) {
    return switch (line) {
      case EAR_ARC ->
          List.of(
              new Outline.HalfMoon(Outline.Side.LEFT, 0),
              new Outline.HalfMoon(Outline.Side.RIGHT, 0));
      case SIDEBURN ->
          List.of(
              new Outline.Sideburn(Outline.Side.LEFT, 0, 0),
              new Outline.Sideburn(Outline.Side.RIGHT, 0, 0));
      case NAPE -> List.of(new Outline.Nape(Outline.Nape.Form.NATURAL, 0, 0));
      case TAPER -> List.of(new Outline.Taper(1, 16, 10, 26, 40));
    };
  }

  private static String name(Line line) {
    return switch (line) {
      case EAR_ARC -> "Ear arc";
      case SIDEBURN -> "Sideburn";
      case NAPE -> "Nape line";
      case TAPER -> "Drop taper";
    };
  }

  /**
   * A usual move of a kind on a section, set to what the plan leaves there so far, so that it takes
   * nothing until it is shortened; only a guard takes down what is longer than the longest leaves.
   *
   * @param at its place in the order, 0 to the number of moves
   */
  public static Plan add(Plan plan, Workbench bench, Kind kind, String section, int at) {
    Section s =
        plan.sections().stream()
            .filter(x -> x.id().equals(section))
            .findFirst()
            .orElseThrow(
                () -> new IllegalArgumentException("no section is called \"" + section + "\""));
    checkAt(plan, at);
    double longest = 1;
    double[] now = PlanEngine.states(plan, bench).get(at).longest();
    for (int i : bench.zone(plan.region(section)).roots()) {
      longest = Math.max(longest, now[i]);
    }
    boolean dry = kind != Kind.FINGERS;
    Cut cut = usual(kind, longest);
    Move m =
        new Move(
            free(plan.moves(), kind.name().toLowerCase(Locale.ROOT).replace("_", "")),
            s.name() + ", " + name(kind),
            section,
            cut,
            dry ? Damp.DRY : Damp.DAMP,
            stand(bench, plan, section),
            "",
            "",
            false);
    List<Move> moves = new ArrayList<>(plan.moves());
    moves.add(at, m);
    return plan.withMoves(moves);
  }

  private static Cut usual(Kind kind, double longest) {
    return switch (kind) {
      case FINGERS ->
          new Fingers(
              new Hold.StraightOut(),
              new CutLine.Round(Math.ceil(longest)),
              new Guide.Travelling(),
              Facing.UP,
              12.7);
      case CLIPPER_COMB -> new Comb(Math.min(60, Math.ceil(longest)), 0, 2.5, Comb.Tool.CLIPPER);
      case SCISSOR_COMB -> new Comb(Math.min(60, Math.ceil(longest)), 0, 2.5, Comb.Tool.SCISSORS);
      case GUARD ->
          new Guard(
              Math.min(12, Math.ceil(longest / Guard.MM_PER_NUMBER)), 0, Guard.Grain.AGAINST, null);
      case TEXTURE -> new Texture(Texture.Tool.POINT_SHALLOW, 0, 0, 1);
      case CROSS_CHECK -> new Aside(Aside.What.CROSS_CHECK);
    };
  }

  private static String name(Kind kind) {
    return switch (kind) {
      case FINGERS -> "over the fingers";
      case CLIPPER_COMB -> "clipper over comb";
      case SCISSOR_COMB -> "scissors over comb";
      case GUARD -> "guard";
      case TEXTURE -> "points";
      case CROSS_CHECK -> "cross-check";
    };
  }

  /** The side from which most of a section is faced. */
  private static Move.Stand stand(Workbench bench, Plan plan, String section) {
    double x = 0;
    double y = 0;
    for (int i : bench.zone(plan.region(section)).roots()) {
      x += Math.sin(bench.scalp().azimuthRad(i)) * bench.scalp().areaMm2(i);
      y += Math.cos(bench.scalp().azimuthRad(i)) * bench.scalp().areaMm2(i);
    }
    if (Math.abs(x) > Math.abs(y)) {
      return x > 0 ? Move.Stand.RIGHT : Move.Stand.LEFT;
    }
    return y > 0 ? Move.Stand.FRONT : Move.Stand.BACK;
  }

  /**
   * @throws IllegalArgumentException when others wait for it, or it is the last one
   */
  public static Plan remove(Plan plan, String id) {
    Move m = move(plan, id);
    if (plan.moves().size() == 1) {
      throw new IllegalArgumentException("“" + m.name() + "” is the plan's only move");
    }
    List<String> wait =
        plan.moves().stream().filter(o -> o.after().contains(id)).map(Move::name).toList();
    if (!wait.isEmpty()) {
      throw new IllegalArgumentException(
          "“" + m.name() + "” is waited for by “" + String.join("”, “", wait) + "”");
    }
    return without(plan, id);
  }

  private static Plan without(Plan plan, String id) {
    Plan free = plan.family() == null ? plan : plan.withFamily(plan.family().without(id));
    return free.withMoves(plan.moves().stream().filter(o -> !o.id().equals(id)).toList());
  }

  /**
   * Done earlier or later.
   *
   * @param to its place among the moves, 0 for the first
   * @throws RefusedException when a rule of order would be broken that is kept now
   */
  public static Plan reorder(Plan plan, String id, int to) {
    Move m = move(plan, id);
    checkAt(plan, to);
    List<Move> moves = new ArrayList<>(plan.moves());
    moves.remove(m);
    moves.add(Math.min(to, moves.size()), m);
    Plan next = plan.withMoves(moves);
    List<Order.Rule> before = Order.of(plan).broken();
    List<Order.Rule> broken =
        Order.of(next).broken().stream().filter(r -> !before.contains(r)).toList();
    if (!broken.isEmpty()) {
      throw new RefusedException(broken);
    }
    return next;
  }

  /**
   * The same on the other side, right after it. The other side's section is found, or made.
   *
   * @throws IllegalArgumentException when its section lies across the middle, or it is there
   */
  public static Plan otherSide(Plan plan, String id) {
    Move m = move(plan, id);
    Section s = plan.section(m.section());
    Section over = s.mirrored();
    boolean middle = over.limits().equals(s.limits());
    if (middle && m.cut().mirrored().equals(m.cut())) {
      throw new IllegalArgumentException(
          "“" + m.name() + "” works on both sides already: its section lies across the middle");
    }
    Section there =
        plan.sections().stream()
            .filter(o -> o.limits().equals(over.limits()) && (middle || !o.id().equals(s.id())))
            .findFirst()
            .orElse(null);
    Plan wider = plan;
    if (there == null) {
      there =
          new Section(
              s.id() + "Other", Sides.swapped(s.name()), over.limits(), s.without(), s.over());
      List<Section> sections = new ArrayList<>(plan.sections());
      sections.add(there);
      wider = plan.with(sections, plan.moves());
    }
    String on = there.id();
    Cut cut = m.cut().mirrored();
    if (plan.moves().stream().anyMatch(o -> o.section().equals(on) && o.cut().equals(cut))) {
      throw new IllegalArgumentException("the other side of “" + m.name() + "” is in the plan");
    }
    List<Move> moves = new ArrayList<>(plan.moves());
    moves.add(
        moves.indexOf(m) + 1,
        copy(plan, moves, m, on, Sides.swapped(m.name()), cut, m.stand().mirrored()));
    return wider.withMoves(moves);
  }

  static Move copy(
      Plan plan, List<Move> taken, Move m, String section, String name, Cut cut, Move.Stand stand) {
    List<Move> all = new ArrayList<>(plan.moves());
    all.addAll(taken);
    return new Move(
        free(all, m.id()),
        name,
        section,
        cut,
        m.job(),
        m.after(),
        m.damp(),
        stand,
        m.purpose(),
        m.watch(),
        m.askFirst(),
        m.handling());
  }

  static void checkAt(Plan plan, int at) {
    if (at < 0 || at > plan.moves().size()) {
      throw new IllegalArgumentException("at must be 0 to " + plan.moves().size() + ", was " + at);
    }
  }

  static Move move(Plan plan, String id) {
    return plan.moves().stream()
        .filter(m -> m.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no move is called \"" + id + "\""));
  }

  static String free(List<Move> moves, String id) {
    for (int k = 2; ; k++) {
      String tried = id + k;
      if (moves.stream().noneMatch(m -> m.id().equals(tried))) {
        return tried;
      }
    }
  }
}
