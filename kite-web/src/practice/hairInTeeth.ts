import { type RefObject, useEffect, useMemo } from "react";
import * as THREE from "three";
import type { Fallen, HeadData } from "../api/binary";
import { strandRoots } from "../draw/strandRoots";
import { upAt } from "./combTool";
import type { SkinPlace } from "./skinPlace";

/** More strands than these are not told apart. */
const MOST = 240;
/** A comb takes up what grows so far above and below its edge. */
const ROW_MM = 9;
/** Roots so far off are on another side of the head. */
const DEEP_MM = 30;
/** As it goes up it draws the hair along. */
const DRAWN_UP = 0.6;
const HALF_WIDTH_MM = 0.5;
/** Strand by strand lighter or darker than the hair behind them, or they are lost before it. */
const SHADES = [1.5, 0.65, 1.25];

/**
 * What a comb holds where it is laid, drawn straight out through its teeth: root and end of each strand, six numbers, mm.
 *
 * @param roots the vertex of the scalp each strand grows at
 * @param lengths in mm at each vertex
 */
export function held(
  fall: Fallen,
  roots: Uint32Array,
  lengths: Float32Array,
  p: SkinPlace,
  teethMm: number,
): number[] {
  const up = upAt(p);
  const side = p.out.clone().cross(up);
  const way = p.out.clone().addScaledVector(up, DRAWN_UP).normalize();
  const off = new THREE.Vector3();
  const out: number[] = [];
  for (let s = 0; s < fall.strands && out.length < 6 * MOST; s++) {
    const o = 3 * s * fall.points;
    const [x, y, z] = [fall.xyz[o] as number, fall.xyz[o + 1] as number, fall.xyz[o + 2] as number];
    off.set(x, y, z).sub(p.at);
    if (Math.abs(off.dot(side)) > teethMm / 2 || Math.abs(off.dot(up)) > ROW_MM) continue;
    if (Math.abs(off.dot(p.out)) > DEEP_MM) continue;
    const mm = lengths[roots[s] as number] as number;
    out.push(x, y, z, x + mm * way.x, y + mm * way.y, z + mm * way.z);
  }
  return out;
}

/**
 * Four corners of each strand's ribbon, its breadth turned to the eye: one that lies in the plane of the comb would be a
 * line without width where that is seen edge on, at the sides of the back.
 */
export function facing(strands: readonly number[], eye: THREE.Vector3, halfMm: number): Float32Array {
  const n = strands.length / 6;
  const out = new Float32Array(12 * n);
  const [root, end, across] = [new THREE.Vector3(), new THREE.Vector3(), new THREE.Vector3()];
  for (let i = 0; i < n; i++) {
    root.fromArray(strands, 6 * i);
    end.fromArray(strands, 6 * i + 3);
    across.copy(eye).sub(root).cross(end.clone().sub(root)).setLength(halfMm);
    [root, end].forEach((at, k) => {
      at.clone()
        .add(across)
        .toArray(out, 12 * i + 6 * k);
      at.clone()
        .sub(across)
        .toArray(out, 12 * i + 6 * k + 3);
    });
  }
  return out;
}

/** The hair on a head as it is at the moment, with what was cut of it. */
export type HairNow = { head: HeadData; fall: Fallen; lengths: Float32Array };

/** The hair a comb holds, to be drawn where it is laid. */
export function useHairInTeeth(hair: RefObject<HairNow>, teethMm: number) {
  const mesh = useMemo(() => {
    const shape = new THREE.BufferGeometry();
    const corners = new THREE.BufferAttribute(new Float32Array(12 * MOST), 3);
    corners.setUsage(THREE.DynamicDrawUsage);
    shape.setAttribute("position", corners);
    const shades = Float32Array.from(
      { length: 12 * MOST },
      (_, i) => SHADES[Math.floor(i / 12) % 3] as number,
    );
    shape.setAttribute("color", new THREE.BufferAttribute(shades, 3));
    shape.setIndex(Array.from({ length: MOST }, (_, i) => [0, 1, 2, 1, 3, 2].map((k) => 4 * i + k)).flat());
    shape.setDrawRange(0, 0);
    const coat = new THREE.MeshBasicMaterial({ side: THREE.DoubleSide, vertexColors: true });
    const m = new THREE.Mesh(shape, coat);
    m.frustumCulled = false;
    return m;
  }, []);
  useEffect(
    () => () => {
      mesh.geometry.dispose();
      mesh.material.dispose();
    },
    [mesh],
  );
  const hold = (p: SkinPlace, eye: THREE.Vector3) => {
    const { head, fall, lengths } = hair.current;
    mesh.material.color.setStyle(fall.reading.lengths, THREE.LinearSRGBColorSpace);
    const strands = held(fall, strandRoots(fall, head.scalp), lengths, p, teethMm);
    const corners = mesh.geometry.getAttribute("position");
    (corners.array as Float32Array).set(facing(strands, eye, HALF_WIDTH_MM));
    corners.needsUpdate = true;
    mesh.geometry.setDrawRange(0, strands.length);
  };
  return { mesh, hold };
}
