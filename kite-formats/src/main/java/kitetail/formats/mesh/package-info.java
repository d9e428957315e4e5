/**
 * Head meshes in OBJ, PLY (ascii and binary) and STL (ascii and binary), read in a stream whatever
 * their size, and written. Units and frame are the file's own. Front door: {@link
 * kitetail.formats.mesh.MeshReader}.
 */
package kitetail.formats.mesh;
