import { useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { HeadData } from "../api/binary";
import { type Paint, rgb } from "./coats";
import { bandOf } from "./lengthMaterial";

/** Hair straight off the skin, each as long as it is, in the colours of the coat. */
export function Standing3D({
  head,
  lengths,
  paint,
}: {
  head: HeadData;
  lengths: Float32Array;
  paint: Paint;
}) {
  const { invalidate } = useThree();
  const lines = useMemo(() => {
    const { points, normals } = head.scalp;
    const n = lengths.length;
    const at = new Float32Array(6 * n);
    const tone = new Float32Array(6 * n);
    const bands = paint.kind === "bands" ? paint.colours.map(rgb) : [];
    for (let v = 0; v < n; v++) {
      const colour =
        paint.kind === "bands"
          ? (bands[Math.floor(bandOf(paint.values[v] as number, paint.levels))] as [number, number, number])
          : ([paint.tones[3 * v], paint.tones[3 * v + 1], paint.tones[3 * v + 2]] as [
              number,
              number,
              number,
            ]);
      for (let c = 0; c < 3; c++) {
        const root = points[3 * v + c] as number;
        at[6 * v + c] = root;
        at[6 * v + 3 + c] = root + (normals[3 * v + c] as number) * (lengths[v] as number);
        tone[6 * v + c] = 0.72 * (colour[c] as number);
        tone[6 * v + 3 + c] = colour[c] as number;
      }
    }
    const g = new THREE.BufferGeometry();
    g.setAttribute("position", new THREE.BufferAttribute(at, 3));
    g.setAttribute("color", new THREE.BufferAttribute(tone, 3));
    return g;
  }, [head, lengths, paint]);
  const ink = useMemo(() => new THREE.LineBasicMaterial({ vertexColors: true, toneMapped: false }), []);
  useEffect(() => {
    invalidate();
    return () => lines.dispose();
  }, [lines, invalidate]);
  useEffect(() => () => ink.dispose(), [ink]);
  return <lineSegments geometry={lines} material={ink} frustumCulled={false} />;
}
