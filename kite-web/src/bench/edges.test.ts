import { afterEach, describe, expect, it, vi } from "vitest";
import type { FallReading, Outline, PlanDocument, ScalpMap, Walk } from "../api/types";
import { marksOf, weightOn } from "../draw/walks";
import { openPlan, usePlan } from "../store/planStore";
import { edgeOf } from "./edges";
import { keptFor } from "./ProfilePanel";
import { edgesOf } from "./SectionTools";

const ROUND = 72;
const RADIUS_MM = 90;

/** A level hairline round a ball: from the front over the right. */
const edge: Walk = (() => {
  const at = Array.from({ length: ROUND + 1 }, (_, i) => (2 * Math.PI * i) / ROUND);
  const mm = (a: number) => a * RADIUS_MM;
  return {
    walk: "edge",
    lengthMm: mm(2 * Math.PI),
    marksMm: {
      front: 0,
      sideburnRight: mm(1.2),
      earTopRight: mm(1.5),
      behindEarRight: mm(1.9),
      napeCornerRight: mm(2.7),
      nape: mm(Math.PI),
      napeCornerLeft: mm(2 * Math.PI - 2.7),
      behindEarLeft: mm(2 * Math.PI - 1.9),
      earTopLeft: mm(2 * Math.PI - 1.5),
      sideburnLeft: mm(2 * Math.PI - 1.2),
    },
    distanceMm: at.map(mm),
    pointsMm: at.flatMap((a) => [RADIUS_MM * Math.sin(a), RADIUS_MM * Math.cos(a), 0]),
    beforeMm: at.map(() => 40),
    afterMove: [],
  };
})();

const document = (outlines: Outline[]): PlanDocument =>
  ({
    version: 4,
    title: "t",
    head: { kind: "ball" },
    sections: [
      {
        id: "napeEdge",
        name: "Nape edge",
        limits: [{ kind: "between", by: "aboveHairlineMm", min: 0, max: 46 }],
      },
      { id: "top", name: "Top", limits: [{ kind: "between", by: "aboveRidgeMm", min: 0, max: 400 }] },
    ],
    moves: outlines.map((outline, i) => ({
      id: `m${i}`,
      name: "",
      section: "top",
      cut: { kind: "edge", outline, bladeMm: 0.5 },
    })),
  }) as unknown as PlanDocument;

const map = {
  sections: [
    {
      id: "napeEdge",
      rings: [
        [
          {
            limit: 0,
            bound: true,
            points: [
              [60, -60],
              [0, -90],
              [-60, -60],
            ],
          },
        ],
      ],
    },
  ],
} as unknown as ScalpMap;

describe("the edge", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("has a band as high as its section climbs, where the section runs", () => {
    const { handles, lines } = edgeOf(document([]), map, edge);
    expect(lines).toHaveLength(1);
    expect(lines[0]?.points.map((p) => p[1])).toEqual([0, 46, 46, 0]);
    const nape = RADIUS_MM * Math.PI;
    expect(lines[0]?.points[0]?.[0]).toBeCloseTo(nape - (RADIUS_MM * Math.PI) / 4, 0);
    expect(handles[0]).toMatchObject({ name: "Nape edge, how high", heightMm: 46 });
    expect(handles[0]?.atMm).toBeCloseTo(nape, 0);
  });

  it("a drop taper is pulled at both ears at once, and the nape alone", () => {
    const d = document([
      { kind: "taper", lengthMm: 1, farMm: 16, sideburnMm: 9, behindEarMm: 34, napeMm: 44 },
    ]);
    openPlan({ id: 1, clientId: 1, clientName: "", version: 1, updatedAt: "", work: "w", document: d });
    const { handles, lines } = edgeOf(d, undefined, edge);
    expect(handles.map((h) => h.heightMm)).toEqual([9, 34, 44, 34, 9]);
    expect(lines[0]?.points.map((p) => p[1])).toEqual([9, 34, 44, 34, 9]);
    handles[1]?.set(20);
    expect(usePlan.getState().document?.moves[0]?.cut).toMatchObject({ outline: { behindEarMm: 20 } });
  });

  it("arcs, sideburns and nape lie where they are cut, each within its range", () => {
    const d = document([
      { kind: "halfMoon", side: "left", raiseMm: -12 },
      { kind: "nape", form: "square", raiseMm: 3, cornerRadiusMm: 5 },
      { kind: "hardLine", from: "front", to: "crown", widthMm: 2 },
    ]);
    const { handles } = edgeOf(d, undefined, edge);
    expect(handles.map((h) => [h.name, h.heightMm, h.min])).toEqual([
      ["Left ear arc", -12, -80],
      ["Nape", 3, -300],
    ]);
    expect(handles[0]?.atMm).toBeGreaterThan(RADIUS_MM * Math.PI);
  });
});

describe("walks", () => {
  const centre: Walk = {
    ...edge,
    walk: "centre",
    lengthMm: 300,
    marksMm: { nape: 300, front: 0, apex: 100, crown: 160 },
  };

  it("tell their places in order, in trade words", () => {
    expect(marksOf(centre).map((m) => m.name)).toEqual(["front", "apex", "crown", "nape"]);
  });

  it("a slope is pulled against the next place on the way out, never one at hand", () => {
    expect(keptFor(centre, 100)).toBe(0);
    expect(keptFor(centre, 170)).toBe(300);
    expect(keptFor(centre, 5)).toBe(0);
  });

  it("a line of weight stands where the walk passes its height within its turn", () => {
    const line = { near: "nape", heightMm: 1, fromDeg: 170, toDeg: 190, share: 0.4 };
    const lines = [line, { ...line, fromDeg: 20, toDeg: 30, heightMm: 200 }] as FallReading["weightLines"];
    const on = weightOn(edge, lines);
    expect(on).toHaveLength(1);
    expect(on[0]?.atMm).toBeGreaterThan(RADIUS_MM * 2.9);
    expect(on[0]?.words).toContain("40 %");
  });
});

it("a section's straight edges are numbers, open ends are none", () => {
  const edges = edgesOf({
    id: "s",
    name: "Side",
    limits: [
      { kind: "between", by: "aboveRidgeMm", min: -400, max: -6 },
      { kind: "between", by: "aroundDeg", min: 0, max: 0, minAt: "behindEarLeft" },
      { kind: "inside", corners: [] },
    ],
  });
  expect(edges.map((e) => [e.limit, e.upper, e.value])).toEqual([
    [0, true, -6],
    [1, false, 0],
    [1, true, 0],
  ]);
  expect(edges[0]?.name).toBe("Upper edge, above the ridge");
  expect(edges[1]?.name).toContain("left behind-ear corner");
});
