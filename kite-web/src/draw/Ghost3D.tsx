import { useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { FallData } from "../api/binary";

const EVERY = 5;
const INK = "#2a6fb0";

/** Other hair laid over this one: one strand in a few, as thin lines of guide blue seen through everything. */
export function Ghost3D({ fall }: { fall: FallData }) {
  const { invalidate } = useThree();
  const lines = useMemo(() => {
    const { strands, points, xyz } = fall;
    const at: number[] = [];
    for (let s = 0; s < strands; s += EVERY) {
      for (let k = 1; k < points; k++) {
        const a = 3 * (s * points + k - 1);
        for (let c = 0; c < 6; c++) at.push(xyz[a + c] as number);
      }
    }
    const g = new THREE.BufferGeometry();
    g.setAttribute("position", new THREE.Float32BufferAttribute(at, 3));
    return g;
  }, [fall]);
  const ink = useMemo(
    () =>
      new THREE.LineBasicMaterial({
        color: new THREE.Color().setStyle(INK, THREE.LinearSRGBColorSpace),
        transparent: true,
        opacity: 0.55,
        depthTest: false,
      }),
    [],
  );
  useEffect(() => {
    invalidate();
    return () => lines.dispose();
  }, [lines, invalidate]);
  useEffect(() => () => ink.dispose(), [ink]);
  return <lineSegments geometry={lines} material={ink} frustumCulled={false} renderOrder={4} />;
}
