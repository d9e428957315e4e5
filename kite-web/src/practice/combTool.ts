import { useEffect, useMemo } from "react";
import * as THREE from "three";
import { disposed, handTools } from "../draw/handTools";
import type { SkinPlace } from "./skinPlace";

/** A comb of such teeth, to be laid on the head; seen once it was. */
export function useCombTool(teethMm: number): THREE.Group {
  const tool = useMemo(() => {
    // What cuts over it would hide what it cuts.
    const g = handTools(
      { by: "comb", blade: "none", teethMm },
      [
        [0, 0, -10],
        [0, 0, 0],
      ],
      [0, 1, 0],
      { stand: "back", leftHanded: false },
      1,
    );
    g.matrixAutoUpdate = false;
    g.visible = false;
    return g;
  }, [teethMm]);
  useEffect(() => () => disposed(tool), [tool]);
  return tool;
}

/** The way up over the skin at a place. */
export const upAt = (p: SkinPlace): THREE.Vector3 =>
  new THREE.Vector3(0, 0, 1).addScaledVector(p.out, -p.out.z).normalize();

/** Lays the comb over a place of the skin, so far off it, leaning off the head as it goes up. */
export function layComb(tool: THREE.Group, p: SkinPlace, gapMm: number, leanDeg: number): void {
  const lean = (leanDeg * Math.PI) / 180;
  const along = upAt(p).multiplyScalar(Math.cos(lean)).addScaledVector(p.out, Math.sin(lean));
  const side = p.out.clone().cross(along).normalize();
  const out = along.clone().cross(side);
  tool.matrix.makeBasis(side, out, along).setPosition(p.at.clone().addScaledVector(p.out, gapMm));
  tool.matrixWorldNeedsUpdate = true;
  tool.visible = true;
}
