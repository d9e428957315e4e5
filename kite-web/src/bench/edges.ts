import type { Move, Outline, PlanDocument, ScalpMap, Walk } from "../api/types";
import { changes } from "../store/asks";
import type { Path } from "../store/edits";
import { change, editPlan } from "../store/planStore";
import { worded } from "../words/worded";
import { RAISE } from "./numbers";

/** A number of the edge that is pulled where it stands: how high something lies above the hairline. */
export type EdgeHandle = {
  key: string;
  name: string;
  /** The index of the move it belongs to; −1 for a section's own edge. */
  move: number;
  atMm: number;
  heightMm: number;
  min: number;
  max: number;
  set: (mm: number) => void;
};

/** A stretch of the edge drawn at a height. */
export type EdgeLine = { key: string; kind: "band" | "taper" | "outline"; points: [number, number][] };

type Between = { kind: string; by?: string; min: number; max: number; maxAt?: string };
type Placed = { handles: EdgeHandle[]; lines: EdgeLine[] };

const LOW_MM = 30;
const CLIMB = {
  sideburnMm: worded("edges.sideburn"),
  behindEarMm: worded("edges.behind-the-ear"),
  napeMm: worded("edges.nape"),
} as const;

/** Where along the edge a direction round the head lies. */
function atOf(edge: Walk): (x: number, y: number) => number {
  const turns = edge.distanceMm.map((_, i) =>
    Math.atan2(edge.pointsMm[3 * i] as number, edge.pointsMm[3 * i + 1] as number),
  );
  return (x, y) => {
    const a = Math.atan2(x, y);
    let best = 0;
    let near = 9;
    turns.forEach((t, i) => {
      const d = Math.abs(Math.atan2(Math.sin(t - a), Math.cos(t - a)));
      if (d < near) {
        near = d;
        best = i;
      }
    });
    return edge.distanceMm[best] as number;
  };
}

/** Sections whose upper edge runs along the hairline: how high each band climbs. */
function bands(document: PlanDocument, map: ScalpMap, edge: Walk): Placed {
  const at = atOf(edge);
  const out: Placed = { handles: [], lines: [] };
  for (const s of document.sections) {
    const limit = (s.limits as Between[]).findIndex(
      (l) => l.kind === "between" && l.by === "aboveHairlineMm" && !l.maxAt && l.min < LOW_MM && l.max < 200,
    );
    const row = map.sections.find((r) => r.id === s.id);
    if (limit < 0 || !row) continue;
    const high = (s.limits[limit] as Between).max;
    const along = row.rings
      .flat()
      .filter((t) => t.limit === limit && t.bound)
      .flatMap((t) => t.points.map((p) => at(p[0] as number, p[1] as number)))
      .sort((a, b) => a - b);
    const [from, to] = [along[0], along.at(-1)];
    if (from === undefined || to === undefined || to - from < 4) continue;
    out.lines.push({
      key: s.id,
      kind: "band",
      points: [
        [from, 0],
        [from, high],
        [to, high],
        [to, 0],
      ],
    });
    out.handles.push({
      key: `band/${s.id}`,
      name: worded("edges.how-high", { name: s.name }),
      move: document.moves.findIndex((m) => m.section === s.id),
      atMm: (from + to) / 2,
      heightMm: high,
      min: 4,
      max: 160,
      set: (mm) =>
        void editPlan(
          changes.edge({
            section: s.id,
            limit,
            upper: true,
            fromX: 0,
            fromY: 0,
            x: 0,
            y: 0,
            value: mm,
          }),
        ),
    });
  }
  return out;
}

type Climb = { sideburnMm: number; behindEarMm: number; napeMm: number };
type Left = Omit<Climb, "napeMm">;

/** How high a taper or a fade climbs round the head; its left by numbers of its own where it has them. */
function climb(
  c: Climb,
  left: Left | undefined,
  path: Path,
  move: number,
  marks: Record<string, number>,
): Placed {
  const onLeft = left ? [...path, "left"] : path;
  const places: [keyof Climb, string, number, Path][] = [
    ["sideburnMm", "sideburnRight", c.sideburnMm, path],
    ["behindEarMm", "behindEarRight", c.behindEarMm, path],
    ["napeMm", "nape", c.napeMm, path],
    ["behindEarMm", "behindEarLeft", (left ?? c).behindEarMm, onLeft],
    ["sideburnMm", "sideburnLeft", (left ?? c).sideburnMm, onLeft],
  ];
  const known = places.filter(([, p]) => marks[p] !== undefined);
  const least = path.at(-1) === "outline" ? 2 : 0;
  return {
    lines: [
      {
        key: `taper/${move}`,
        kind: "taper",
        points: known.map(([, p, high]) => [marks[p] as number, high]),
      },
    ],
    handles: known.map(([field, place, high, at]) => ({
      key: `${field}/${place}`,
      name: worded("edges.how-high-the-taper", { where: CLIMB[field] }),
      move,
      atMm: marks[place] as number,
      heightMm: high,
      min: least,
      max: 120,
      set: (mm) => change([...at, field], mm),
    })),
  };
}

const SPANS: Record<string, [string, string, string]> = {
  "halfMoon/left": ["earTopLeft", "behindEarLeft", worded("edges.left-ear-arc")],
  "halfMoon/right": ["earTopRight", "behindEarRight", worded("edges.right-ear-arc")],
  "sideburn/left": ["sideburnLeft", "sideburnLeft", worded("edges.left-sideburn")],
  "sideburn/right": ["sideburnRight", "sideburnRight", worded("edges.right-sideburn")],
  nape: ["napeCornerRight", "napeCornerLeft", worded("edges.nape")],
};

function raised(
  o: Extract<Outline, { raiseMm: number }>,
  move: number,
  marks: Record<string, number>,
): Placed {
  const span = SPANS["side" in o ? `${o.kind}/${o.side}` : o.kind];
  const [a, b] = span ? [marks[span[0]], marks[span[1]]] : [undefined, undefined];
  if (!span || a === undefined || b === undefined) return { handles: [], lines: [] };
  const [from, to] = a === b ? [a - 12, a + 12] : [Math.min(a, b), Math.max(a, b)];
  const [, { min, max }] = RAISE[o.kind];
  return {
    lines: [
      {
        key: `outline/${move}`,
        kind: "outline",
        points: [
          [from, o.raiseMm],
          [to, o.raiseMm],
        ],
      },
    ],
    handles: [
      {
        key: `raise/${move}`,
        name: span[2],
        move,
        atMm: (from + to) / 2,
        heightMm: o.raiseMm,
        min,
        max,
        set: (mm) => change(["moves", move, "cut", "outline", "raiseMm"], mm),
      },
    ],
  };
}

/** All of a plan that lies along the hairline: bands over the comb or by guard, tapers, arcs, sideburns, nape. */
export function edgeOf(document: PlanDocument, map: ScalpMap | undefined, edge: Walk): Placed {
  const parts = document.moves.map((m: Move, i): Placed => {
    const path = ["moves", i, "cut"];
    if (m.cut.kind === "fade") return climb(m.cut, m.cut.left, path, i, edge.marksMm);
    const o = m.cut.kind === "edge" ? m.cut.outline : undefined;
    if (!o || o.kind === "hardLine") return { handles: [], lines: [] };
    return o.kind === "taper"
      ? climb(o, undefined, [...path, "outline"], i, edge.marksMm)
      : raised(o, i, edge.marksMm);
  });
  if (map) parts.unshift(bands(document, map, edge));
  return { handles: parts.flatMap((p) => p.handles), lines: parts.flatMap((p) => p.lines) };
}
