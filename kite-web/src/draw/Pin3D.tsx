import { useEffect, useMemo } from "react";
import * as THREE from "three";
import { solidMaterial } from "./lengthMaterial";

const RADIUS_MM = 7;
const PIN = "#d13f22";

/** A place marked on the head; through its hair where that would hide it. */
export function Pin3D({ at, through }: { at: [number, number, number]; through?: boolean }) {
  const ball = useMemo(() => new THREE.SphereGeometry(RADIUS_MM, 20, 14), []);
  const coat = useMemo(() => {
    const solid = solidMaterial(PIN);
    solid.depthTest = !through;
    return solid;
  }, [through]);
  useEffect(() => () => ball.dispose(), [ball]);
  useEffect(() => () => coat.dispose(), [coat]);
  return <mesh geometry={ball} material={coat} position={at} renderOrder={through ? 7 : 0} />;
}
