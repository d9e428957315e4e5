import { useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { GripRow } from "../api/types";
import { solidMaterial } from "./lengthMaterial";

const PARTING = "#2a5480";
const HELD = "#3a2b22";
const CUT = "#d13f22";
const FINGER = "#c99a7b";
const COMB = "#27324f";
const FINGER_MM = 7;
const LIFT_MM = 1.6;
/** How far a comb's teeth reach under its cutting edge. */
const TEETH_MM = 9;

/** From the middle of the picture to the top of the head with fingers above it, and to the picture's upper edge. */
const UP_MM = 132;
const HALF_MM = 165;
const LEAST_ROOM = 1.1;
const MOST_ROOM = 1.5;

/** How much farther off a head is seen so that its hair held straight up stays in the picture, within reason. */
export function handsRoom(lengthsMm: Float32Array): number {
  const longest = lengthsMm.reduce((a, b) => Math.max(a, b), 0);
  return Math.min(MOST_ROOM, Math.max(LEAST_ROOM, (UP_MM + longest) / HALF_MM));
}

const v3 = (p: number[]) => new THREE.Vector3(p[0], p[1], p[2]);

/** The chosen move on the head: its partings, the held bite, and the fingers, comb or guard where they really are. */
export function Grip3D({ grip }: { grip: GripRow }) {
  const { invalidate } = useThree();
  const group = useMemo(() => draw(grip), [grip]);
  useEffect(() => {
    invalidate();
    return () =>
      group.traverse((o) => {
        if (o instanceof THREE.Mesh || o instanceof THREE.LineSegments) {
          o.geometry.dispose();
          (o.material as THREE.Material).dispose();
        }
      });
  }, [group, invalidate]);
  return <primitive object={group} />;
}

function draw(grip: GripRow): THREE.Group {
  const g = new THREE.Group();
  const middle = new THREE.Vector3(0, -8, 36);
  for (const p of grip.partings) {
    const near = p.bite === grip.bite || p.bite === grip.bite - 1;
    const line = p.points.map((q) => lifted(v3(q), middle));
    if (line.length > 1) g.add(tube(line, near ? 1.1 : 0.55, near ? CUT : PARTING));
  }
  if (grip.roots.length > 0) {
    const at = grip.roots.flatMap((r, i) => [...r, ...(grip.tips[i] as number[])]);
    const hair = new THREE.BufferGeometry();
    hair.setAttribute("position", new THREE.BufferAttribute(Float32Array.from(at), 3));
    g.add(new THREE.LineSegments(hair, new THREE.LineBasicMaterial({ color: flat(HELD) })));
  }
  const edge = grip.edge.map(v3);
  if (edge.length < 2) return g;
  g.add(tube(edge, 1, CUT));
  const out = v3(grip.out);
  if (grip.tool === "fingers") {
    // Two fingers lie just under the line, one on either side of the hair; fingers are straight.
    const [a, b] = [edge[0] as THREE.Vector3, edge.at(-1) as THREE.Vector3];
    const along = b.clone().sub(a).normalize();
    const side = along.clone().cross(out).normalize();
    for (const s of [-1, 1]) {
      const shift = side
        .clone()
        .multiplyScalar(s * (FINGER_MM + 0.6))
        .addScaledVector(out, -FINGER_MM - 1.5);
      const root = a.clone().addScaledVector(along, -30).add(shift);
      const tip = b
        .clone()
        .addScaledVector(along, s > 0 ? 8 : 16)
        .add(shift);
      g.add(finger(root, tip));
    }
  } else if (grip.tool === "comb") {
    const top = edge[Math.min(3, edge.length - 1)] as THREE.Vector3;
    const foot = edge[0] as THREE.Vector3;
    const up = top.clone().sub(foot).normalize();
    const across = up.clone().cross(out).normalize();
    const mid = foot.clone().lerp(edge.at(-1) as THREE.Vector3, 0.35);
    const ends = [-1, 1].map((s) => mid.clone().addScaledVector(across, 34 * s));
    g.add(tube(ends, 2.2, COMB));
    for (let k = -8; k <= 8; k++) {
      const root = mid.clone().addScaledVector(across, 4 * k);
      g.add(tube([root, root.clone().addScaledVector(up, TEETH_MM)], 0.6, COMB));
    }
  } else if (grip.tool === "guard") g.add(tube(edge, 2.6, COMB));
  return g;
}

/** A finger from its root to its tip, lit as the head is. */
function finger(root: THREE.Vector3, tip: THREE.Vector3): THREE.Mesh {
  const length = root.distanceTo(tip);
  const shape = new THREE.CapsuleGeometry(FINGER_MM, length, 8, 18);
  const m = new THREE.Mesh(shape, solidMaterial(FINGER));
  m.position.copy(root).lerp(tip, 0.5);
  m.quaternion.setFromUnitVectors(new THREE.Vector3(0, 1, 0), tip.clone().sub(root).normalize());
  return m;
}

const lifted = (p: THREE.Vector3, from: THREE.Vector3) =>
  p.clone().addScaledVector(p.clone().sub(from).normalize(), LIFT_MM);

const flat = (c: string) => new THREE.Color().setStyle(c, THREE.LinearSRGBColorSpace);

function tube(points: THREE.Vector3[], radius: number, colour: string): THREE.Mesh {
  const path =
    points.length === 2
      ? new THREE.LineCurve3(points[0] as THREE.Vector3, points[1] as THREE.Vector3)
      : new THREE.CatmullRomCurve3(points);
  const steps = Math.min(90, Math.max(2, points.length * 2));
  const shape = new THREE.TubeGeometry(path, steps, radius, radius > 2 ? 10 : 5);
  return new THREE.Mesh(shape, solidMaterial(colour));
}
