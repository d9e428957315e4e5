package kitetail.formats.look;

import de.javagl.jgltf.model.GltfModel;
import de.javagl.jgltf.model.creation.GltfModelBuilder;
import de.javagl.jgltf.model.creation.MaterialBuilder;
import de.javagl.jgltf.model.creation.MeshPrimitiveBuilder;
import de.javagl.jgltf.model.impl.DefaultMeshModel;
import de.javagl.jgltf.model.impl.DefaultMeshPrimitiveModel;
import de.javagl.jgltf.model.impl.DefaultNodeModel;
import de.javagl.jgltf.model.impl.DefaultSceneModel;
import de.javagl.jgltf.model.io.GltfModelWriter;
import de.javagl.jgltf.model.v2.MaterialModelV2;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.FloatBuffer;
import java.nio.IntBuffer;
import kitetail.fall.Fall;
import kitetail.geom.Mesh;
import kitetail.hair.Rgb;
import kitetail.head.Bust;

/**
 * Head and strands as glTF 2.0 in one binary file: metres, y up, z forward; the head as triangles,
 * the strands as lines.
 */
public final class FallGlb {
  private static final float METRES = 0.001f;

  private FallGlb() {}

  public static byte[] of(Fall fall) {
    DefaultSceneModel scene = new DefaultSceneModel();
    scene.addNode(
        node("head", head(Bust.of(fall.ground().scalp().head())), fall.hair().skin().rgb(), false));
    scene.addNode(node("hair", strands(fall), fall.hair().colour().mean(), true));
    GltfModelBuilder builder = GltfModelBuilder.create();
    builder.addSceneModel(scene);
    GltfModel model = builder.build();
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      new GltfModelWriter().writeBinary(model, out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static DefaultNodeModel node(
      String name, DefaultMeshPrimitiveModel primitive, int rgb, boolean twoSided) {
    MaterialModelV2 material =
        MaterialBuilder.create()
            .setBaseColorFactor(
                (float) Rgb.linear(rgb >> 16),
                (float) Rgb.linear(rgb >> 8),
                (float) Rgb.linear(rgb),
                1)
            .setMetallicRoughnessFactors(0, 0.8f)
            .setDoubleSided(twoSided)
            .build();
    primitive.setMaterialModel(material);
    DefaultMeshModel mesh = new DefaultMeshModel();
    mesh.setName(name);
    mesh.addMeshPrimitiveModel(primitive);
    DefaultNodeModel node = new DefaultNodeModel();
    node.setName(name);
    node.addMeshModel(mesh);
    return node;
  }

  private static DefaultMeshPrimitiveModel head(Mesh m) {
    float[] normals = m.normals().clone();
    for (int i = 0; i < normals.length; i += 3) {
      double l = Math.hypot(Math.hypot(normals[i], normals[i + 1]), normals[i + 2]);
      if (l < 0.5) {
        normals[i + 2] = 1;
      }
    }
    return MeshPrimitiveBuilder.create()
        .setTriangles()
        .setIntIndices(IntBuffer.wrap(m.triangles()))
        .addPositions3D(turned(m.points(), METRES))
        .addNormals3D(turned(normals, 1))
        .build();
  }

  private static DefaultMeshPrimitiveModel strands(Fall f) {
    int n = f.points();
    int[] lines = new int[f.strands() * (n - 1) * 2];
    int at = 0;
    for (int s = 0; s < f.strands(); s++) {
      if (f.lengthMm(s) > 0) {
        for (int k = 1; k < n; k++) {
          lines[at++] = s * n + k - 1;
          lines[at++] = s * n + k;
        }
      }
    }
    return MeshPrimitiveBuilder.create()
        .setLines()
        .setIntIndices(IntBuffer.wrap(java.util.Arrays.copyOf(lines, at)))
        .addPositions3D(turned(f.xyz(), METRES))
        .build();
  }

  /** From x right, y forward, z up to x left, y up, z forward. */
  private static FloatBuffer turned(float[] xyz, float scale) {
    float[] out = new float[xyz.length];
    for (int i = 0; i < xyz.length; i += 3) {
      out[i] = -xyz[i] * scale;
      out[i + 1] = xyz[i + 2] * scale;
      out[i + 2] = xyz[i + 1] * scale;
    }
    return FloatBuffer.wrap(out);
  }
}
