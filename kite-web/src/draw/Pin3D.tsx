import { useEffect, useMemo } from "react";
import * as THREE from "three";
import { solidMaterial } from "./lengthMaterial";

const RADIUS_MM = 7;
const PIN = "#d13f22";

type Props = {
  at: [number, number, number];
  /** Seen through the hair that would hide it. */
  through?: boolean;
  colour?: string;
};

/** A place marked on the head. */
export function Pin3D({ at, through, colour = PIN }: Props) {
  const ball = useMemo(() => new THREE.SphereGeometry(RADIUS_MM, 20, 14), []);
  const coat = useMemo(() => {
    const solid = solidMaterial(colour);
    solid.depthTest = !through;
    return solid;
  }, [through, colour]);
  useEffect(() => () => ball.dispose(), [ball]);
  useEffect(() => () => coat.dispose(), [coat]);
  return <mesh geometry={ball} material={coat} position={at} renderOrder={through ? 7 : 0} />;
}
