package kitetail.formats.look;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import kitetail.head.Walk;
import kitetail.planning.Worn;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Lengths along the walks as a table (RFC 4180), one line a point. */
public final class ProfileCsv {
  private ProfileCsv() {}

  public static String of(Worn w) {
    StringBuilder out = new StringBuilder();
    double[] weight = w.look().weight().byRootMm();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord("walk", "distanceMm", "lengthMm", "longestMm", "weightMm3PerMm2");
      for (Walk walk : w.outcome().scalp().walks()) {
        for (int i = 0; i < walk.size(); i++) {
          int root = walk.firstRoot() + i;
          csv.printRecord(
              walk.kind().name().toLowerCase(Locale.ROOT),
              number(walk.distanceMm()[i]),
              number(w.stock().endMm(root)),
              number(w.stock().longest()[root]),
              number(weight[root]));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String number(double v) {
    return String.format(Locale.ROOT, "%.2f", v);
  }
}
