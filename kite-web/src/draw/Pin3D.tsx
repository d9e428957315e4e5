import { useEffect, useMemo } from "react";
import * as THREE from "three";
import { solidMaterial } from "./lengthMaterial";

const RADIUS_MM = 7;
const PIN = "#d13f22";

/** A place marked on the head. */
export function Pin3D({ at }: { at: [number, number, number] }) {
  const ball = useMemo(() => new THREE.SphereGeometry(RADIUS_MM, 20, 14), []);
  const coat = useMemo(() => solidMaterial(PIN), []);
  useEffect(() => () => ball.dispose(), [ball]);
  useEffect(() => () => coat.dispose(), [coat]);
  return <mesh geometry={ball} material={coat} position={at} />;
}
