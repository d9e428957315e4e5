import * as THREE from "three";
import type { SitHead } from "../parts/readSit";

/** A place of the skin: where it is told from, and where it is. */
export type SkinPlace = {
  aroundDeg: number;
  /** Of the way from the apex to the hairline. */
  share: number;
  at: THREE.Vector3;
  out: THREE.Vector3;
};

const HALF_TURN = 180;
const turned = (deg: number) => ((deg + 3 * HALF_TURN) % (2 * HALF_TURN)) - HALF_TURN;

function corner(points: Float32Array, i: number) {
  return new THREE.Vector3(points[3 * i], points[3 * i + 1], points[3 * i + 2]);
}

/** The place a touch of one of the scalp's triangles meant. */
export function placeTouched(
  skin: SitHead,
  face: { a: number; b: number; c: number },
  point: THREE.Vector3,
): SkinPlace {
  const { points, normals } = skin.head.scalp;
  const { azimuth, share } = skin.fields;
  const ids = [face.a, face.b, face.c] as const;
  const [a, b, c] = ids.map((i) => corner(points, i)) as [THREE.Vector3, THREE.Vector3, THREE.Vector3];
  const of = new THREE.Vector3();
  THREE.Triangle.getBarycoord(point, a, b, c, of);
  const parts = [of.x, of.y, of.z] as const;
  const first = azimuth[ids[0]] as number;
  let deg = 0;
  let down = 0;
  const out = new THREE.Vector3();
  ids.forEach((i, k) => {
    const part = parts[k] as number;
    // Behind the head degrees go on past a half turn.
    deg += part * turned((azimuth[i] as number) - first);
    down += part * (share[i] as number);
    out.addScaledVector(corner(normals, i), part);
  });
  return { aroundDeg: turned(first + deg), share: down, at: point.clone(), out: out.normalize() };
}

/** The place of the scalp nearest to a column and a height. */
export function placeAt(skin: SitHead, aroundDeg: number, share: number): SkinPlace {
  const { points, normals } = skin.head.scalp;
  let best = 0;
  let least = Number.POSITIVE_INFINITY;
  skin.fields.share.forEach((s, i) => {
    // A share of the way is about as long as fifty degrees round the rim.
    const off = Math.hypot(
      (turned((skin.fields.azimuth[i] as number) - aroundDeg) / 50) * Math.max(0.15, s),
      s - share,
    );
    if (off < least) {
      least = off;
      best = i;
    }
  });
  return { aroundDeg, share, at: corner(points, best), out: corner(normals, best).normalize() };
}
