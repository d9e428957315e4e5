package kitetail.formats.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
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
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The files that {@code compute} writes besides its result. */
final class Drawn {
  private static final int WIDTH = 480;
  private static final int HEIGHT = 600;

  @Option(names = "--glb", description = "write the fallen hair as glTF")
  private boolean glb;

  @Option(names = "--svg", description = "write its outlines, scalp map and profile as SVG")
  private boolean svg;

  @Option(names = "--csv", description = "write its profile as a table")
  private boolean csv;

  @Option(names = "--png", description = "write pictures of it")
  private boolean png;

  @Option(names = "--out", paramLabel = "DIR", description = "where to; here when left out")
  private Path folder = Path.of(".");

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  private double week;
  private Worn last;

  @SuppressWarnings("unused") // picocli calls it
  @Option(names = "--week", paramLabel = "N", description = "of the cut so many weeks later")
  private void week(double weeks) {
    if (!(weeks >= 0 && weeks <= Worn.MOST_WEEKS)) {
      throw new ParameterException(
          spec.commandLine(),
          String.format(
              Locale.ROOT,
              "--week=%.0f: not a number of weeks; allowed 0 to %.0f",
              weeks,
              Worn.MOST_WEEKS));
    }
    week = weeks;
  }

  boolean wanted() {
    return glb || svg || csv || png;
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
    if (glb) {
      put(name + ".glb", FallGlb.of(w.fall()), err);
    }
    if (csv) {
      put(name + "-profile.csv", utf8(ProfileCsv.of(w)), err);
    }
    if (svg) {
      put(name + "-silhouettes.svg", utf8(LookSvg.silhouettes(w)), err);
      put(name + "-scalp-map.svg", utf8(LookSvg.scalpMap(w)), err);
      put(name + "-profile.svg", utf8(LookSvg.profile(w, Walk.Kind.CENTRE, Units.CM)), err);
    }
    if (png) {
      HairPicture picture = new HairPicture(w.outcome().scalp());
      for (View v : View.SIX) {
        put(
            name + "-" + v.name().toLowerCase(Locale.ROOT) + ".png",
            picture.png(w.fall(), v, WIDTH, HEIGHT),
            err);
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
