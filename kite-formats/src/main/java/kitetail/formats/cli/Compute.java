package kitetail.formats.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PlanProblemException;
import kitetail.formats.json.ResultJson;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;

/**
 * Plan documents in, result documents out: {@code compute [--sites] FILE...}. One file gives one
 * result; several give one after the other. Exit 0; 2 when a document or a flag is bad, with one
 * line an error on standard error.
 */
public final class Compute {
  private static final int BAD_INPUT = 2;

  private Compute() {}

  public static void main(String[] args) {
    System.exit(run(args, new PrintStream(System.out, true, StandardCharsets.UTF_8), System.err));
  }

  static int run(String[] args, PrintStream out, PrintStream err) {
    boolean sites = false;
    List<Path> files = new ArrayList<>();
    for (String a : args) {
      if (a.equals("--sites")) {
        sites = true;
      } else if (a.startsWith("--")) {
        err.println(a + ": not a flag of compute; allowed --sites");
        return BAD_INPUT;
      } else {
        files.add(Path.of(a));
      }
    }
    if (files.isEmpty()) {
      err.println("compute: no file given; give one or more plan documents (docs/formats.md)");
      return BAD_INPUT;
    }
    int exit = 0;
    for (Path file : files) {
      exit = Math.max(exit, one(file, sites, out, err));
    }
    return exit;
  }

  private static int one(Path file, boolean sites, PrintStream out, PrintStream err) {
    try {
      Plan plan = PlanJson.read(Files.readString(file));
      Scalp scalp = Scalp.of(PlanJson.head(plan), Scalp.DEFAULT_SITES);
      out.print(ResultJson.write(ResultJson.of(plan, PlanEngine.run(plan, scalp), sites)));
      return 0;
    } catch (PlanProblemException e) {
      e.problems().forEach(p -> err.println(file + ": " + p.line()));
    } catch (NoSuchFileException e) {
      err.println(file + ": no such file");
    } catch (IOException e) {
      err.println(file + ": cannot be read (" + e.getMessage() + ")");
    }
    return BAD_INPUT;
  }
}
