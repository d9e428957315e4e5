import { useFrame, useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { MeshData } from "../api/binary";
import { coarseTriangles } from "./coarse";
import { drawnWhole } from "./drawnShare";
import { geometryOf } from "./HeadStage";

/** A mesh as it is drawn: in fewer triangles until the head stands still. */
export function useShape(mesh: MeshData): THREE.BufferGeometry {
  const { gl } = useThree();
  const shape = useMemo(() => {
    const g = geometryOf(mesh);
    const coarse = coarseTriangles(mesh);
    const both = new Uint32Array(mesh.triangles.length + coarse.length);
    both.set(mesh.triangles);
    both.set(coarse, mesh.triangles.length);
    g.setIndex(new THREE.BufferAttribute(both, 1));
    return g;
  }, [mesh]);
  useEffect(() => () => shape.dispose(), [shape]);
  useFrame(() => {
    const fine = mesh.triangles.length;
    if (drawnWhole(gl)) shape.setDrawRange(0, fine);
    else shape.setDrawRange(fine, Number.POSITIVE_INFINITY);
  });
  return shape;
}
