import { useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { Cut, GripRow } from "../api/types";
import { HALF_MM } from "./HeadStage";
import { disposed, handTools, heldBy, type Stylist } from "./handTools";
import { solidMaterial } from "./lengthMaterial";

const PARTING = "#2a5480";
const HELD = "#3a2b22";
const CUT = "#d13f22";
const LIFT_MM = 1.6;

/** From the middle of the picture to the top of the head with fingers above it. */
const UP_MM = 132;
const LEAST_ROOM = 1.1;
const MOST_ROOM = 1.8;

/** How much higher over its middle a head is seen so that its hair held straight up stays in the picture, within reason. */
export function handsRoom(lengthsMm: Float32Array): number {
  const longest = lengthsMm.reduce((a, b) => Math.max(a, b), 0);
  return Math.min(MOST_ROOM, Math.max(LEAST_ROOM, (UP_MM + longest) / HALF_MM));
}

const v3 = (p: number[]) => new THREE.Vector3(p[0], p[1], p[2]);

/** The chosen move on the head: its partings, the held bite, and the fingers, comb or guard where they really are. */
export function Grip3D({ grip, cut, stylist }: { grip: GripRow; cut: Cut; stylist: Stylist }) {
  const { invalidate } = useThree();
  const group = useMemo(() => draw(grip, cut, stylist), [grip, cut, stylist]);
  useEffect(() => {
    invalidate();
    return () => disposed(group);
  }, [group, invalidate]);
  return <primitive object={group} />;
}

function draw(grip: GripRow, cut: Cut, stylist: Stylist): THREE.Group {
  const g = new THREE.Group();
  const middle = new THREE.Vector3(0, -8, 36);
  for (const p of grip.partings) {
    const near = p.bite === grip.parting || p.bite === grip.parting - 1;
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
  g.add(handTools(heldBy(cut), grip.edge, grip.out, stylist, 1));
  return g;
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
