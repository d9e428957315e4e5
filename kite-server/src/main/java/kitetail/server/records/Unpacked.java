package kitetail.server.records;

import java.io.ByteArrayOutputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * A ZIP read as far as an archive of a shop may go: so many bytes, so many lines, and no more out
 * of what came in than real records give. Rows of JSON pack to a tenth or a twentieth.
 */
final class Unpacked {
  private static final long BYTES = 4_000_000_000L;
  private static final long LINES = 5_000_000;
  private static final int ENTRIES = 200_000;
  private static final int RATIO = 60;

  /** Below this nothing is said of the ratio. */
  private static final long LEAST = 5_000_000;

  /** What no archive of ours holds. */
  static final class TooMuch extends IOException {
    private static final long serialVersionUID = 1L;

    TooMuch(String what) {
      super(what);
    }
  }

  private static final class Counted extends FilterInputStream {
    private long bytes;

    Counted(InputStream in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int b = super.read();
      bytes += b < 0 ? 0 : 1;
      return b;
    }

    @Override
    public int read(byte[] to, int at, int n) throws IOException {
      int got = super.read(to, at, n);
      bytes += Math.max(0, got);
      return got;
    }
  }

  private final Counted packed;
  private final ZipInputStream zip;
  private final byte[] buffer = new byte[1 << 16];
  private int from;
  private int until;
  private long bytes;
  private long lines;
  private int entries;

  Unpacked(InputStream in) {
    packed = new Counted(in);
    zip = new ZipInputStream(packed, StandardCharsets.UTF_8);
  }

  ZipEntry getNextEntry() throws IOException {
    if (++entries > ENTRIES) {
      throw new TooMuch("more than " + ENTRIES + " files in it");
    }
    from = until = 0;
    return zip.getNextEntry();
  }

  private boolean more() throws IOException {
    from = 0;
    until = Math.max(0, zip.read(buffer));
    bytes += until;
    if (bytes > BYTES) {
      throw new TooMuch("more than " + BYTES / 1_000_000_000 + " GB in it");
    }
    if (bytes > LEAST && bytes > RATIO * packed.bytes) {
      throw new TooMuch("more than " + RATIO + " times what was sent in it");
    }
    return until > 0;
  }

  /** The next line of the entry, without its end; null after the last. */
  String line(int most) throws IOException {
    ByteArrayOutputStream line = new ByteArrayOutputStream();
    boolean some = false;
    while (from < until || more()) {
      some = true;
      int at = from;
      while (at < until && buffer[at] != '\n') {
        at++;
      }
      line.write(buffer, from, at - from);
      if (line.size() > most) {
        throw new TooMuch("a line of more than " + most / 1_000_000 + " MB");
      }
      from = at + 1;
      if (at < until) {
        break;
      }
    }
    if (some && ++lines > LINES) {
      throw new TooMuch("more than " + LINES + " lines in it");
    }
    return some ? line.toString(StandardCharsets.UTF_8) : null;
  }

  /** What is left of the entry. */
  byte[] readNBytes(int most) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    while (from < until || more()) {
      out.write(buffer, from, until - from);
      from = until;
      if (out.size() > most) {
        throw new TooMuch("a file of more than " + most / 1_000_000 + " MB");
      }
    }
    return out.toByteArray();
  }
}
