package kitetail.formats.mesh;

/**
 * What a mesh file holds, as far as a head is fitted to it.
 *
 * @param format as found: OBJ, PLY, STL
 * @param xyz coordinates, x, y, z in turn; longer than it need be
 * @param points how many points are in it
 * @param triangles how many faces the file has
 */
public record ScanMesh(String format, float[] xyz, int points, long triangles) {}
