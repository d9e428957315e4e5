import * as THREE from "three";
import type { Cut } from "../api/types";
import { solidMaterial } from "./lengthMaterial";

/** What is drawn at a bite: two fingers and what cuts over them, a comb and what cuts over it, a clipper with its guard. */
export type Held =
  | { by: "fingers"; blade: "shears" | "razor" }
  | { by: "comb"; blade: "shears" | "clipper" | "none"; teethMm: number }
  | { by: "guard" }
  | { by: "nothing" };

export function heldBy(cut: Cut): Held {
  switch (cut.kind) {
    case "fingers":
      return {
        by: "fingers",
        blade: cut.blade?.startsWith("razor") || cut.blade === "tornDry" ? "razor" : "shears",
      };
    case "comb":
      return {
        by: "comb",
        blade: cut.tool === "clipper" ? "clipper" : "shears",
        teethMm: cut.lengthMm ?? 40,
      };
    case "guard":
    case "fade":
      return { by: "guard" };
    default:
      return { by: "nothing" };
  }
}

const FINGER = "#c99a7b";
const STEEL = "#9aa4ad";
const GRIP = "#2b2f38";
const COMB = "#27324f";
const FINGER_MM = 7;
/** Three joints of a finger, from the knuckle, mm. */
const JOINTS_MM = [34, 26, 20];
const TEETH_MM = 22;
const BLADE_MM = 62;
const SHANK_MM = 58;
/** Half the angle shears stand open at. */
const OPEN_RAD = 0.22;
const CLIPPER_MM = [42, 150, 34] as const;

const X = new THREE.Vector3(1, 0, 0);

function solid(shape: THREE.BufferGeometry, colour: string): THREE.Mesh {
  return new THREE.Mesh(shape, solidMaterial(colour));
}

function between(a: THREE.Vector3, b: THREE.Vector3, radius: number, colour: string): THREE.Mesh {
  const way = b.clone().sub(a);
  const m = solid(new THREE.CapsuleGeometry(radius, way.length(), 6, 14), colour);
  m.position.copy(a).lerp(b, 0.5);
  m.quaternion.setFromUnitVectors(new THREE.Vector3(0, 1, 0), way.normalize());
  return m;
}

/** A right-handed frame at a line: along it, out from the head, and to its side. */
type Frame = { at: THREE.Vector3; along: THREE.Vector3; out: THREE.Vector3; side: THREE.Vector3 };

function frame(edge: THREE.Vector3[], away: THREE.Vector3): Frame {
  const a = edge[0] as THREE.Vector3;
  const b = edge.at(-1) as THREE.Vector3;
  const along = b.clone().sub(a);
  if (along.lengthSq() < 1e-6) along.copy(X);
  along.normalize();
  const side = away.clone().cross(along).normalize();
  return { at: a, along, out: along.clone().cross(side).normalize(), side };
}

const put = (f: Frame, along: number, side: number, out: number, from = f.at) =>
  from.clone().addScaledVector(f.along, along).addScaledVector(f.side, side).addScaledVector(f.out, out);

/** Two fingers just under the line, one on either side of the hair, straight along it, and the hand they are of. */
function fingers(g: THREE.Group, f: Frame, longMm: number) {
  for (const s of [-1, 1]) {
    let from = put(f, -30, s * (FINGER_MM + 0.6), -FINGER_MM - 1.5);
    let radius = FINGER_MM + 1;
    const reach = Math.max(
      JOINTS_MM.reduce((a, b) => a + b),
      longMm + (s > 0 ? 40 : 48),
    );
    const scale = reach / JOINTS_MM.reduce((a, b) => a + b);
    for (const joint of JOINTS_MM) {
      const to = from.clone().addScaledVector(f.along, joint * scale);
      g.add(between(from, to, radius, FINGER));
      from = to;
      radius -= 0.8;
    }
  }
  const palm = solid(new THREE.SphereGeometry(1, 20, 14), FINGER);
  palm.scale.set(34, 17, 20);
  palm.position.copy(put(f, -52, 0, -FINGER_MM - 8));
  palm.quaternion.setFromRotationMatrix(new THREE.Matrix4().makeBasis(f.along, f.side, f.out));
  g.add(palm);
}

/** Shears that close across the hair, along a line, from its far end. */
function shears(g: THREE.Group, f: Frame, longMm: number, open: number) {
  const pivot = put(f, longMm + 10, 0, 2.5);
  for (const s of [-1, 1]) {
    const half = new THREE.Group();
    const blade = solid(new THREE.ConeGeometry(3.2, BLADE_MM, 4), STEEL);
    blade.scale.z = 0.35;
    blade.rotation.z = Math.PI / 2;
    blade.position.x = -BLADE_MM / 2;
    const shank = solid(new THREE.CylinderGeometry(2, 2.6, SHANK_MM, 8), STEEL);
    shank.rotation.z = Math.PI / 2;
    shank.position.set(SHANK_MM / 2, 0, 0);
    const ring = solid(new THREE.TorusGeometry(11, 2, 8, 22), GRIP);
    ring.position.set(SHANK_MM + 10, s * 5, 0);
    half.add(blade, shank, ring);
    half.rotation.z = s * (0.06 + OPEN_RAD * open);
    const turned = new THREE.Group();
    turned.add(half);
    turned.quaternion.setFromRotationMatrix(new THREE.Matrix4().makeBasis(f.along, f.side, f.out));
    turned.position.copy(pivot);
    g.add(turned);
  }
  const screw = solid(new THREE.SphereGeometry(3, 10, 8), GRIP);
  screw.position.copy(pivot);
  g.add(screw);
}

/** A folding razor, its edge on the line. */
function razor(g: THREE.Group, f: Frame, longMm: number, open: number) {
  const at = put(f, longMm * (0.5 + 0.5 * open), 4 + 14 * open, 2);
  const blade = solid(new THREE.BoxGeometry(44, 1.6, 13), STEEL);
  const handle = solid(new THREE.BoxGeometry(120, 4, 11), GRIP);
  handle.position.set(80, 0, 1);
  const all = new THREE.Group();
  all.add(blade, handle);
  all.quaternion.setFromRotationMatrix(new THREE.Matrix4().makeBasis(f.along, f.side, f.out));
  all.position.copy(at);
  g.add(all);
}

/** A comb across the column, its back below and its teeth in the hair. */
function comb(g: THREE.Group, at: THREE.Vector3, f: Frame, teethMm: number) {
  const half = Math.max(34, teethMm * 0.85);
  const up = f.along;
  const across = f.side;
  g.add(
    between(
      at.clone().addScaledVector(across, -half).addScaledVector(up, -4),
      at.clone().addScaledVector(across, half).addScaledVector(up, -4),
      3.6,
      COMB,
    ),
  );
  for (let x = -half + 3; x <= half - 3; x += 3.2) {
    const root = at.clone().addScaledVector(across, x);
    g.add(between(root, root.clone().addScaledVector(up, TEETH_MM), 0.55, COMB));
  }
}

/** A clipper, its blade at a place, lying away from the head; with a guard's comb under it. */
function clipper(g: THREE.Group, at: THREE.Vector3, f: Frame, guardMm: number) {
  const all = new THREE.Group();
  const blade = solid(new THREE.BoxGeometry(CLIPPER_MM[0], 24, 6), STEEL);
  blade.position.y = -10;
  const body = solid(new THREE.CapsuleGeometry(18, CLIPPER_MM[1] - 36, 6, 16), GRIP);
  body.scale.set(1.1, 1, 0.85);
  body.position.set(0, -24 - CLIPPER_MM[1] / 2 + 12, 10);
  body.rotation.x = -0.12;
  all.add(blade, body);
  if (guardMm > 0) {
    for (let x = -CLIPPER_MM[0] / 2 + 2; x < CLIPPER_MM[0] / 2; x += 5.5) {
      const tooth = solid(new THREE.BoxGeometry(1.4, 30, Math.max(2, guardMm)), COMB);
      tooth.position.set(x, -6, -3 - guardMm / 2);
      all.add(tooth);
    }
  }
  all.quaternion.setFromRotationMatrix(
    new THREE.Matrix4().makeBasis(f.side.clone().negate(), f.along, f.out),
  );
  all.position.copy(at);
  g.add(all);
}

export type Stand = "front" | "left" | "right" | "back";

/** Who cuts: where they stand, and with which hand. */
export type Stylist = { stand: Stand; leftHanded: boolean };

/** Which way the stylist's left hand is, standing there. */
const LEFT_HAND: Record<Stand, THREE.Vector3> = {
  front: new THREE.Vector3(1, 0, 0),
  back: new THREE.Vector3(-1, 0, 0),
  left: new THREE.Vector3(0, 1, 0),
  right: new THREE.Vector3(0, -1, 0),
};

/** The hand that holds hair or comb is the other one than the one that cuts. */
const holdingHand = ({ stand, leftHanded }: Stylist) =>
  LEFT_HAND[stand].clone().multiplyScalar(leftHanded ? -1 : 1);

/** A line this steep is held from above. */
const STEEP = 0.6;

/** The line from where the holding hand is to its fingertips: from above, or from its side. */
function fromTheHand(edge: THREE.Vector3[], stylist: Stylist): THREE.Vector3[] {
  const way = (edge.at(-1) as THREE.Vector3)
    .clone()
    .sub(edge[0] as THREE.Vector3)
    .normalize();
  const away = Math.abs(way.z) > STEEP ? -way.z : -way.dot(holdingHand(stylist));
  return away < 0 ? [...edge].reverse() : edge;
}

const v3 = (p: number[]) => new THREE.Vector3(p[0], p[1], p[2]);

/**
 * Hands and tools where they are at a bite, at their true size.
 *
 * @param line the line the bite is cut along, mm
 * @param away from the head there
 * @param stylist who cuts, and from where
 * @param open 1 while the hair is held, 0 as it is cut
 * @param guardMm how far a guard keeps the blade off the skin
 */
export function handTools(
  held: Held,
  line: number[][],
  away: number[],
  stylist: Stylist,
  open: number,
  guardMm = 0,
): THREE.Group {
  const g = new THREE.Group();
  const edge = line.map(v3);
  if (edge.length < 2 || held.by === "nothing") return g;
  if (held.by === "fingers") {
    const over = fromTheHand(edge, stylist);
    const f = frame(over, v3(away));
    const longMm = (over.at(-1) as THREE.Vector3).distanceTo(f.at);
    fingers(g, f, longMm);
    if (held.blade === "razor") razor(g, f, longMm, open);
    else shears(g, f, longMm, open);
    return g;
  }
  // The line is the way up to where it is now.
  const at = edge.at(-1) as THREE.Vector3;
  const here = { ...frame([edge.at(-2) as THREE.Vector3, at], v3(away)), at };
  if (held.by === "guard") {
    clipper(g, put(here, 0, 0, 4, at), here, guardMm);
    return g;
  }
  comb(g, at, here, held.teethMm);
  // Away from the head and up, the comb's side is the stylist's left: what cuts comes from the other.
  const from = stylist.leftHanded ? 1 : -1;
  if (held.blade === "clipper") {
    const along = here.side.clone().multiplyScalar(-from);
    clipper(g, put(here, 10, 0, 5, at), { ...here, along, side: here.out.clone().cross(along) }, 0);
  } else if (held.blade === "shears") {
    const along = here.side.clone().multiplyScalar(from);
    const start = put(here, 10, (-from * held.teethMm) / 2, 3, at);
    shears(g, { ...here, at: start, along, side: here.out.clone().cross(along) }, held.teethMm, open);
  }
  return g;
}

export function disposed(g: THREE.Object3D) {
  g.traverse((o) => {
    if (o instanceof THREE.Mesh || o instanceof THREE.LineSegments) {
      o.geometry.dispose();
      (o.material as THREE.Material).dispose();
    }
  });
}
