package kitetail.formats.mesh;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.function.LongConsumer;

/** Bytes of a stream, read once, with a place to point at when something is wrong. */
final class ByteSource {
  private static final int LONGEST_LINE = 65_536;

  private final InputStream in;
  private final LongConsumer progress;
  private final byte[] buffer = new byte[1 << 16];
  private int at;
  private int end;
  private long passed;
  private long line;
  private final byte[] text = new byte[LONGEST_LINE];
  private int length;
  private int cursor;

  ByteSource(InputStream in, LongConsumer progress) {
    this.in = in;
    this.progress = progress;
  }

  private boolean fill() throws IOException {
    passed += end;
    at = 0;
    end = Math.max(0, in.read(buffer));
    progress.accept(passed + end);
    return end > 0;
  }

  /** The first bytes, not yet taken; fewer at the end of a short file. */
  byte[] peek(int n) throws IOException {
    while (end - at < n) {
      if (at > 0) {
        System.arraycopy(buffer, at, buffer, 0, end - at);
        passed += at;
        end -= at;
        at = 0;
      }
      int more = in.read(buffer, end, buffer.length - end);
      if (more <= 0) {
        break;
      }
      end += more;
    }
    return java.util.Arrays.copyOfRange(buffer, at, Math.min(end, at + n));
  }

  int next() throws IOException {
    return at < end || fill() ? buffer[at++] & 0xff : -1;
  }

  /** The next bytes as one number; {@code what}, {@code which} and {@code of} say what is read. */
  long bits(int bytes, boolean little, String what, long which, long of) throws IOException {
    long v = 0;
    for (int i = 0; i < bytes; i++) {
      int b = next();
      if (b < 0) {
        throw problem("the file ends early; " + what + " " + which + " of " + of + " was expected");
      }
      v = little ? v | (long) b << 8 * i : v << 8 | b;
    }
    return v;
  }

  /** Told once the text before binary data has been read: from here on places are bytes. */
  void binaryFromHere() {
    line = 0;
  }

  /** Takes the next line; false at the end. */
  boolean nextLine() throws IOException {
    length = 0;
    cursor = 0;
    line++;
    int b = next();
    if (b < 0) {
      return false;
    }
    while (b >= 0 && b != '\n') {
      if (length == LONGEST_LINE) {
        throw problem("a line of more than " + LONGEST_LINE + " characters");
      }
      text[length++] = (byte) b;
      b = next();
    }
    return true;
  }

  /** The next word of the line; empty when there is none. */
  String word() {
    while (cursor < length && text[cursor] <= ' ') {
      cursor++;
    }
    int from = cursor;
    while (cursor < length && text[cursor] > ' ') {
      cursor++;
    }
    return new String(text, from, cursor - from, StandardCharsets.ISO_8859_1);
  }

  boolean startsWith(String word) {
    int from = 0;
    while (from < length && text[from] <= ' ') {
      from++;
    }
    if (length - from < word.length()) {
      return false;
    }
    for (int i = 0; i < word.length(); i++) {
      if (text[from + i] != word.charAt(i)) {
        return false;
      }
    }
    int after = from + word.length();
    return after == length || text[after] <= ' ';
  }

  float number(String what) {
    String w = word();
    try {
      return Float.parseFloat(w);
    } catch (NumberFormatException e) {
      throw problem(w.isEmpty() ? what + " is missing" : what + " is \"" + w + "\", not a number");
    }
  }

  String lineText() {
    return new String(text, 0, Math.min(length, 60), StandardCharsets.ISO_8859_1).strip();
  }

  MeshProblemException problem(String what) {
    return new MeshProblemException(
        line > 0 ? "line " + line + ": " + what : "byte " + (passed + at) + ": " + what);
  }
}
