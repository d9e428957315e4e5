package kitetail.server.answer;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import kitetail.formats.json.PlanJson;
import kitetail.work.Deadline;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.node.ObjectNode;

/** An answer of one JSON object a line: how far the work is, and what came of it as the last. */
public final class Lines {
  public static final String TYPE = "application/x-ndjson";

  private final OutputStream out;

  private Lines(OutputStream out) {
    this.out = out;
  }

  /**
   * @param work sends its lines as it goes on
   */
  public static ResponseEntity<StreamingResponseBody> of(Consumer<Lines> work) {
    Deadline until = Deadline.current();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(TYPE))
        .body(out -> new Lines(out).all(work, until));
  }

  private void all(Consumer<Lines> work, Deadline until) {
    try {
      until.during(
          () -> {
            work.accept(this);
            return null;
          });
    } catch (Deadline.Passed e) {
      // The answer has begun: what went wrong can only be its last line.
      line(PlanJson.json().createObjectNode().put("stopped", e.getMessage()));
    }
  }

  /** So much of it is done. */
  public void done(int n, int of) {
    line(PlanJson.json().createObjectNode().put("done", n).put("of", of));
  }

  /**
   * @throws UncheckedIOException when whoever asked has gone
   */
  public void line(ObjectNode json) {
    try {
      out.write((json + "\n").getBytes(StandardCharsets.UTF_8));
      out.flush();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
