package kitetail.server.error;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import tools.jackson.databind.json.JsonMapper;

/** Problem details (RFC 9457) from where no controller is reached. */
final class Answer {
  private static final JsonMapper JSON = new JsonMapper();

  private Answer() {}

  static void write(HttpServletResponse to, int status, String sentence) throws IOException {
    ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.valueOf(status), sentence);
    to.setStatus(status);
    to.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    to.setCharacterEncoding(StandardCharsets.UTF_8);
    to.getOutputStream()
        .write(
            JSON.writeValueAsBytes(
                JSON.createObjectNode()
                    .put("title", p.getTitle())
                    .put("status", status)
                    .put("detail", sentence)));
    // Sent before what is still on its way in is read to its end.
    to.flushBuffer();
  }
}
