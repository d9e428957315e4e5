package kitetail.formats.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import kitetail.fall.Fall;
import kitetail.formats.json.PlanJson;
import kitetail.formats.look.FallGlb;
import kitetail.formats.look.LookSvg;
import kitetail.formats.look.ProfileCsv;
import kitetail.formats.picture.HairPicture;
import kitetail.formats.picture.View;
import kitetail.formats.words.Units;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Plan;
import kitetail.planning.Worn;

/** The files that {@code compute} writes besides its result. */
final class Drawn {
  private static final int WIDTH = 480;
  private static final int HEIGHT = 600;

  private enum Kind {
    GLB,
    SVG,
    CSV,
    PNG
  }

  private final Set<Kind> kinds = EnumSet.noneOf(Kind.class);
  private Path folder = Path.of(".");
  private double week;
  private Worn last;

  /** Takes a flag; returns what is wrong with it, or null. */
  String take(String flag) {
    for (Kind k : Kind.values()) {
      if (flag.equals("--" + k.name().toLowerCase(Locale.ROOT))) {
        kinds.add(k);
        return null;
      }
    }
    if (flag.startsWith("--out=")) {
      folder = Path.of(flag.substring("--out=".length()));
      return null;
    }
    if (flag.startsWith("--week=")) {
      return takeWeek(flag.substring("--week=".length()));
    }
    return flag
        + ": not a flag of compute; allowed --sites, --fit, --risk, --order, --rank, --look, --glb,"
        + " --svg, --csv, --png, --out=DIR, --week=N";
  }

  private String takeWeek(String text) {
    try {
      week = Double.parseDouble(text);
    } catch (NumberFormatException e) {
      week = Double.NaN;
    }
    return week >= 0 && week <= Worn.MOST_WEEKS
        ? null
        : "--week=" + text + ": not a number of weeks; allowed 0 to " + (int) Worn.MOST_WEEKS;
  }

  boolean wanted() {
    return !kinds.isEmpty();
  }

  /** Worked out once a plan, however much is asked of it. */
  Worn worn(Plan plan) {
    if (last == null || !last.plan().equals(plan)) {
      last = Worn.of(plan, Worn.Stand.of(Scalp.of(PlanJson.head(plan), Fall.STRANDS)), week);
    }
    return last;
  }

  void write(Path file, Plan plan, PrintStream err) throws IOException {
    Worn w = worn(plan);
    String name = file.getFileName().toString().replaceFirst("\\.json$", "");
    Files.createDirectories(folder);
    for (Kind k : kinds) {
      switch (k) {
        case GLB -> put(name + ".glb", FallGlb.of(w.fall()), err);
        case CSV -> put(name + "-profile.csv", utf8(ProfileCsv.of(w)), err);
        case SVG -> {
          put(name + "-silhouettes.svg", utf8(LookSvg.silhouettes(w)), err);
          put(name + "-scalp-map.svg", utf8(LookSvg.scalpMap(w)), err);
          put(name + "-profile.svg", utf8(LookSvg.profile(w, Walk.Kind.CENTRE, Units.CM)), err);
        }
        case PNG -> {
          HairPicture picture = new HairPicture(w.outcome().scalp());
          for (View v : View.values()) {
            put(
                name + "-" + v.name().toLowerCase(Locale.ROOT) + ".png",
                picture.png(w.fall(), v, WIDTH, HEIGHT),
                err);
          }
        }
      }
    }
  }

  private void put(String name, byte[] bytes, PrintStream err) throws IOException {
    Files.write(folder.resolve(name), bytes);
    err.println("wrote " + folder.resolve(name));
  }

  private static byte[] utf8(String s) {
    return s.getBytes(StandardCharsets.UTF_8);
  }
}
