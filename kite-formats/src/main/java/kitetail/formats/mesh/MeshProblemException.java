package kitetail.formats.mesh;

/** A mesh file that cannot be read; the message says where and what was expected. */
public final class MeshProblemException extends RuntimeException {
  private static final long serialVersionUID = 1;

  MeshProblemException(String message) {
    super(message);
  }
}
