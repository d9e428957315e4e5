package kitetail.server.answer;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import kitetail.formats.words.Refused;
import kitetail.work.Deadline;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** Answers of one JSON object a line: how far the work is, and what came of it as the last. */
@Component
public class Lines {
  public static final String TYPE = "application/x-ndjson";

  private final JsonMapper json;

  Lines(JsonMapper json) {
    this.json = json;
  }

  /** How far the work is. */
  public record Done(int done, int of) {}

  /** Why there is no more to come. */
  public record Stopped(String stopped) {}

  /** Where an answer's lines go. */
  public final class Out {
    private final OutputStream out;

    private Out(OutputStream out) {
      this.out = out;
    }

    /** So much of it is done. */
    public void done(int n, int of) {
      line(new Done(n, of));
    }

    /**
     * @throws UncheckedIOException when whoever asked has gone
     */
    public void line(Object view) {
      try {
        out.write((json.writeValueAsString(view) + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /**
   * @param work sends its lines as it goes on
   */
  public ResponseEntity<StreamingResponseBody> of(Consumer<Out> work) {
    Deadline until = Deadline.current();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(TYPE))
        .body(out -> all(new Out(out), work, until));
  }

  private static void all(Out out, Consumer<Out> work, Deadline until) {
    try {
      until.during(
          () -> {
            work.accept(out);
            return null;
          });
    } catch (Deadline.Passed e) {
      // The answer has begun: what went wrong can only be its last line.
      out.line(new Stopped(Refused.because("too-long-work")));
    }
  }
}
