import * as THREE from "three";
import { expect, it } from "vitest";
import type { Cut } from "../api/types";
import { handTools, heldBy, type Stand, type Stylist } from "./handTools";

const cut = (c: object) => c as Cut;
const LINE = [
  [0, 0, 150],
  [50, 0, 150],
];
const UP = [0, 0, 1];
const by = (stand: Stand, leftHanded = false): Stylist => ({ stand, leftHanded });
const BACK = by("back");

const box = (g: THREE.Object3D) => {
  g.updateMatrixWorld(true);
  return new THREE.Box3().setFromObject(g);
};

it("what is in the hands goes by the cut and its blade", () => {
  expect(heldBy(cut({ kind: "fingers" }))).toEqual({ by: "fingers", blade: "shears" });
  expect(heldBy(cut({ kind: "fingers", blade: "razorShort" }))).toEqual({ by: "fingers", blade: "razor" });
  expect(heldBy(cut({ kind: "comb", tool: "clipper" }))).toEqual({
    by: "comb",
    blade: "clipper",
    teethMm: 40,
  });
  expect(heldBy(cut({ kind: "fade" }))).toEqual({ by: "guard" });
  expect(heldBy(cut({ kind: "texture" }))).toEqual({ by: "nothing" });
});

it("fingers lie under the line and along it, and nothing but the shears stands above it", () => {
  const g = handTools({ by: "fingers", blade: "shears" }, LINE, UP, BACK, 1);
  const b = box(g);
  expect(b.min.x).toBeLessThan(-30);
  expect(b.max.z).toBeLessThan(150 + 20);
  const fingers = g.children.filter((c) => c instanceof THREE.Mesh && c.geometry.type === "CapsuleGeometry");
  expect(fingers).toHaveLength(6);
  for (const f of fingers) expect(box(f).max.z).toBeLessThan(150.5);
});

it("the hand comes from the stylist's left, and from above at a steep line; the shears from the other end", () => {
  const shears = { by: "fingers", blade: "shears" } as const;
  // Behind the client the stylist's left is the client's left.
  expect(box(handTools(shears, LINE, UP, BACK, 1)).max.x).toBeGreaterThan(110);
  expect(box(handTools(shears, LINE, UP, by("front"), 1)).min.x).toBeLessThan(-60);
  const side = [
    [90, 0, 20],
    [90, 0, 70],
  ];
  const steep = box(handTools(shears, side, [1, 0, 0], by("right"), 1));
  expect(steep.min.z).toBeLessThan(-40);
  expect(steep.max.z).toBeLessThan(170);
});

it("a left-hander holds with the right hand, and cuts from the other side", () => {
  const shears = { by: "fingers", blade: "shears" } as const;
  expect(box(handTools(shears, LINE, UP, by("back", true), 1)).min.x).toBeLessThan(-60);
  expect(box(handTools(shears, LINE, UP, by("front", true), 1)).max.x).toBeGreaterThan(110);
});

it("what cuts over a comb is in the hand that does not hold the comb", () => {
  // Up the middle of the back; the stylist's right is the client's right, +x.
  const up = [
    [0, -90, 20],
    [0, -92, 40],
  ];
  for (const blade of ["shears", "clipper"] as const) {
    const held = { by: "comb", blade, teethMm: 40 } as const;
    const right = box(handTools(held, up, [0, -1, 0], BACK, 1));
    const left = box(handTools(held, up, [0, -1, 0], by("back", true), 1));
    expect(right.max.x).toBeGreaterThan(90);
    expect(right.min.x).toBeGreaterThan(-60);
    expect(left.min.x).toBeLessThan(-90);
    expect(left.max.x).toBeLessThan(60);
  }
});

it("shears and clipper are as long as they are: 13 to 17 cm", () => {
  const longest = (g: THREE.Object3D) => {
    const s = box(g).getSize(new THREE.Vector3());
    return Math.max(s.x, s.y, s.z);
  };
  expect(longest(handTools({ by: "guard" }, LINE, UP, BACK, 1, 6))).toBeGreaterThan(130);
  expect(longest(handTools({ by: "guard" }, LINE, UP, BACK, 1, 6))).toBeLessThan(190);
});

it("a cut without a line has nothing in the hands", () => {
  expect(handTools({ by: "fingers", blade: "shears" }, [], UP, BACK, 1).children).toHaveLength(0);
});
