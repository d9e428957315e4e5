import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { Place } from "../api/types";
import { solidMaterial } from "./lengthMaterial";
import { Pin3D } from "./Pin3D";

const DOT_MM = 4;
/** A wet thumb covers so much. */
const TOUCH_MM = 13;
const DOT = "#5b5b5b";

type Props = {
  /** Where they are on this head. */
  landmarks: Readonly<Record<string, readonly number[]>>;
  places: readonly Place[];
  chosen: Place;
  choose: (p: Place) => void;
};

/** The places of a head as dots to be touched, the chosen one as a pin. */
export function Places3D({ landmarks, places, chosen, choose }: Props) {
  const dot = useMemo(() => new THREE.SphereGeometry(DOT_MM, 14, 10), []);
  const reach = useMemo(() => new THREE.SphereGeometry(TOUCH_MM, 10, 8), []);
  const coat = useMemo(() => solidMaterial(DOT), []);
  const nothing = useMemo(
    () => new THREE.MeshBasicMaterial({ transparent: true, opacity: 0, depthWrite: false }),
    [],
  );
  useEffect(
    () => () => {
      for (const d of [dot, reach, coat, nothing]) d.dispose();
    },
    [dot, reach, coat, nothing],
  );
  return places.map((p) => {
    const [x, y, z] = landmarks[p] ?? [];
    if (x === undefined || y === undefined || z === undefined) return null;
    const at: [number, number, number] = [x, y, z];
    return (
      <group key={p}>
        {p === chosen ? <Pin3D at={at} /> : <mesh geometry={dot} material={coat} position={at} />}
        {/* biome-ignore lint/a11y/noStaticElementInteractions: a mesh of the scene; the list beside it says the same by keyboard */}
        <mesh
          geometry={reach}
          material={nothing}
          position={at}
          onClick={(e) => {
            if (!faces(at, e.camera.position)) return;
            e.stopPropagation();
            choose(p);
          }}
        />
      </group>
    );
  });
}

/** Whether a place of the head is on the side that is seen: the scene's middle lies within the head. */
export function faces(at: readonly [number, number, number], camera: THREE.Vector3): boolean {
  const [x, y, z] = at;
  return x * (camera.x - x) + y * (camera.y - y) + z * (camera.z - z) > 0;
}
