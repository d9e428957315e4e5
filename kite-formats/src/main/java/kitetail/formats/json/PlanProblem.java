package kitetail.formats.json;

/**
 * One thing wrong with a document: where (a JSON path), what stands there, and what may.
 *
 * @param value as JSON, shortened; empty when nothing stands there
 */
public record PlanProblem(String path, String value, String allowed) {
  /** One line. */
  public String line() {
    return path
        + (value.isEmpty() ? ": missing" : ": " + value + " is not allowed")
        + "; "
        + allowed;
  }
}
