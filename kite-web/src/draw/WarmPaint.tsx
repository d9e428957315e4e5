import { useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import { inkMaterial, lengthMaterial, SKIN, skinMaterial } from "./lengthMaterial";

/** Behind the eye. */
const OUT_OF_SIGHT = 1e5;

/** One triangle with all that a painted scalp has at its corners. */
function triangle(): THREE.BufferGeometry {
  const g = new THREE.BufferGeometry();
  const three = (n: number) => new Float32Array(3 * n);
  g.setAttribute("position", new THREE.BufferAttribute(three(3).fill(OUT_OF_SIGHT), 3));
  g.setAttribute("normal", new THREE.BufferAttribute(three(3), 3));
  g.setAttribute("band", new THREE.BufferAttribute(three(1), 1));
  g.setAttribute("cut", new THREE.BufferAttribute(three(1), 1));
  g.setIndex(new THREE.BufferAttribute(Uint32Array.of(0, 1, 2), 1));
  return g;
}

/**
 * What a painted head is drawn with, drawn once out of sight while the head is on its way: a machine that draws in
 * software takes a third of a second to make it ready.
 */
export function WarmPaint({ colours }: { colours: string[] | undefined }) {
  const { invalidate } = useThree();
  const shape = useMemo(triangle, []);
  const coats = useMemo(
    () => [skinMaterial(SKIN), inkMaterial(`${SKIN}ff`), ...(colours ? [lengthMaterial(colours)] : [])],
    [colours],
  );
  useEffect(() => () => shape.dispose(), [shape]);
  useEffect(() => {
    invalidate();
    return () => {
      for (const c of coats) c.dispose();
    };
  }, [coats, invalidate]);
  return coats.map((c) => <mesh key={c.uuid} geometry={shape} material={c} frustumCulled={false} />);
}
