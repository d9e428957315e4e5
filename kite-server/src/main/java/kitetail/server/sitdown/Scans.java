package kitetail.server.sitdown;

import java.io.IOException;
import java.io.InputStream;
import kitetail.formats.mesh.MeshProblemException;
import kitetail.formats.mesh.MeshReader;
import kitetail.formats.mesh.ScanMesh;
import kitetail.geom.Vec3;
import kitetail.head.HeadSpec;
import kitetail.head.Relief;
import kitetail.head.ScanFit;
import kitetail.head.ScanMarks;
import kitetail.server.error.FieldException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A head fitted to a scanned one. */
@Component
class Scans {
  /** The head a scan was fitted with: measures and shape as in the sit-down document. */
  record ScannedHead(
      double girthMm,
      double earToEarMm,
      double breadthMm,
      double lengthMm,
      double sides,
      double back,
      double forehead,
      Relief relief) {}

  /**
   * @param problem why no head was found without marks; null when one was
   * @param head null when none was found
   * @param points a sample of the scan, x, y, z in turn: in the head's frame, mm; in the scan's own
   *     when no head was found
   * @param residualMm how far each stands off the fitted skin
   * @param scanPoints the same sample in the scan's own frame, to be marked on
   */
  record FittedScan(
      String format,
      long triangles,
      @Nullable String problem,
      @Nullable String unit,
      double rmsMm,
      @Nullable ScannedHead head,
      float[] points,
      float[] residualMm,
      float[] scanPoints) {}

  /**
   * Reads a mesh as it arrives and fits a head to it.
   *
   * @param left where the left ear canal was marked as "x,y,z" in the mesh's own frame; with {@code
   *     right} and {@code bridge} of the nose, or none of them
   * @param hairMm how far the hair on the scan stands off the skin, 0 to 30
   * @throws FieldException when the mesh cannot be read or a number is out of range
   */
  FittedScan of(
      InputStream in,
      @Nullable String left,
      @Nullable String right,
      @Nullable String bridge,
      double hairMm)
      throws IOException {
    ScanMarks marks =
        left == null || right == null || bridge == null
            ? null
            : new ScanMarks(point("left", left), point("right", right), point("bridge", bridge));
    return fit(in, marks, hairMm);
  }

  private static FittedScan fit(InputStream in, @Nullable ScanMarks marks, double hairMm)
      throws IOException {
    FieldException.within("hairMm", hairMm, 0, 30);
    ScanMesh m;
    try {
      m = MeshReader.read(in, n -> {});
    } catch (MeshProblemException e) {
      throw new FieldException("$.file", "the mesh", e.getMessage());
    }
    float[] sample = ScanFit.sample(m.xyz(), m.points());
    try {
      ScanFit.Result f = ScanFit.of(m.xyz(), m.points(), marks, hairMm);
      HeadSpec.Measured h = f.spec();
      ScannedHead head =
          new ScannedHead(
              h.girthMm(),
              h.earToEarMm(),
              h.breadthMm(),
              h.lengthMm(),
              h.shape().sides(),
              h.shape().back(),
              h.shape().forehead(),
              h.relief());
      return new FittedScan(
          m.format(),
          m.triangles(),
          null,
          f.unit(),
          f.rmsMm(),
          head,
          f.points(),
          f.residualMm(),
          sample);
    } catch (IllegalArgumentException e) {
      return new FittedScan(
          m.format(),
          m.triangles(),
          e.getMessage(),
          null,
          0,
          null,
          sample,
          new float[sample.length / 3],
          sample);
    }
  }

  private static Vec3 point(String name, String text) {
    String[] p = text.split(",");
    try {
      return new Vec3(Double.parseDouble(p[0]), Double.parseDouble(p[1]), Double.parseDouble(p[2]));
    } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
      throw new FieldException("$." + name, text, "allowed three numbers, x,y,z");
    }
  }
}
