import { useMemo } from "react";
import type { HeadData, MeshData } from "../api/binary";
import { lengthWords, type Units } from "../store/units";
import type { Paint } from "./coats";
import { shaded } from "./colour";
import { contourLabels } from "./contourLabels";
import { bandOf, SKIN } from "./lengthMaterial";
import { VIEWS, type ViewName } from "./views";

export const SVG_W = 400;
export const SVG_H = 440;
const [W, H] = [SVG_W, SVG_H];
const MIDDLE = [0, 0, 8] as const;
const MM_TO_PX = 1.32;
const INK = "#6b5a50";
const SHADES = 5;
/** Triangles this near each other in depth do not hide one another, so those of a colour are one path. */
const SLAB_MM = 8;

type Axes = { right: number[]; up: number[]; toEye: number[] };

const cross = (a: number[], b: number[]) =>
  [0, 1, 2].map(
    (i) =>
      (a[(i + 1) % 3] as number) * (b[(i + 2) % 3] as number) -
      (a[(i + 2) % 3] as number) * (b[(i + 1) % 3] as number),
  );
const unit = (v: number[]) => {
  const l = Math.hypot(...v);
  return v.map((x) => x / l);
};

export function axesOf(view: ViewName): Axes {
  const toEye = unit([...VIEWS[view]]);
  const right = unit(cross([0, 0, 1], toEye));
  return { right, up: cross(toEye, right), toEye };
}

const dot = (u: number[], v: number[]) => u.reduce((s, x, c) => s + x * (v[c] as number), 0);

/** Where a place of the head stands in the drawing, and how near the eye. */
export const projector = (a: Axes) => (x: number, y: number, z: number) => {
  const p = [x - MIDDLE[0], y - MIDDLE[1], z - MIDDLE[2]];
  return { x: W / 2 + MM_TO_PX * dot(a.right, p), y: H / 2 - MM_TO_PX * dot(a.up, p), deep: dot(a.toEye, p) };
};

function projected(m: MeshData, a: Axes) {
  const at = projector(a);
  return Array.from({ length: m.points.length / 3 }, (_, i) => {
    const [x, y, z] = [0, 1, 2].map((c) => m.points[3 * i + c] as number) as [number, number, number];
    const n = [0, 1, 2].map((c) => m.normals[3 * i + c] as number);
    return { ...at(x, y, z), facing: dot(a.toEye, n) };
  });
}

type Triangle = { deep: number; d: string; fill: string };

/** The painted head as filled paths from the farthest to the nearest, for browsers that draw nothing in 3D. */
export function headPaths(head: HeadData, paint: Paint, a: Axes): { fill: string; d: string }[] {
  const slabs = new Map<string, { fill: string; slab: number; d: string[] }>();
  for (const t of headTriangles(head, paint, a)) {
    const slab = Math.floor(t.deep / SLAB_MM);
    const key = `${slab} ${t.fill}`;
    const path = slabs.get(key);
    if (path) path.d.push(t.d);
    else slabs.set(key, { fill: t.fill, slab, d: [t.d] });
  }
  return [...slabs.values()].sort((p, q) => p.slab - q.slab).map((p) => ({ fill: p.fill, d: p.d.join("") }));
}

function headTriangles(head: HeadData, paint: Paint, a: Axes): Triangle[] {
  const out: Triangle[] = [];
  const lay = (m: MeshData, colour: (v: number) => string) => {
    const at = projected(m, a);
    for (let t = 0; t < m.triangles.length; t += 3) {
      const c = [0, 1, 2].map((k) => m.triangles[t + k] as number);
      const v = c.map((i) => at[i] as ReturnType<typeof projected>[number]);
      const facing = v.reduce((s, p) => s + p.facing, 0) / 3;
      if (facing < 0.02) continue;
      const shade = 0.72 + (0.28 * Math.round(facing * SHADES)) / SHADES;
      out.push({
        deep: v.reduce((s, p) => s + p.deep, 0) / 3,
        d: `${v.map((p, i) => `${i ? "L" : "M"}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join("")}z`,
        fill: shaded(colour(c[0] as number), shade),
      });
    }
  };
  lay(head.bust, () => SKIN);
  for (const lines of head.face) lay(lines, () => INK);
  lay(head.scalp, (v) =>
    paint.kind === "bands"
      ? (paint.colours[Math.floor(bandOf(paint.values[v] as number, paint.levels))] as string)
      : `#${[0, 1, 2]
          .map((c) =>
            Math.round(255 * (paint.tones[3 * v + c] as number))
              .toString(16)
              .padStart(2, "0"),
          )
          .join("")}`,
  );
  return out;
}

type Props = { head: HeadData; paint: Paint; view: ViewName; units: Units; label: string };

export function HeadSvg({ head, paint, view, units, label }: Props) {
  const axes = useMemo(() => axesOf(view), [view]);
  const paths = useMemo(() => headPaths(head, paint, axes), [head, paint, axes]);
  const labels = useMemo(
    () =>
      paint.kind === "bands" && paint.labelled
        ? contourLabels(paint.values, head.scalp.triangles, projected(head.scalp, axes), paint.levels, {
            x: W / 2,
            y: H * 0.36,
          })
        : [],
    [head, paint, axes],
  );
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="h-full w-full"
      role="img"
      aria-label={label}
      data-testid="head-svg"
    >
      {paths.map((p) => (
        <path key={p.d} d={p.d} fill={p.fill} stroke={p.fill} strokeWidth={0.6} />
      ))}
      {labels.map((l) => (
        <text
          key={l.level}
          x={l.x}
          y={l.y}
          textAnchor="middle"
          className="fill-base-content stroke-base-100 font-bold text-[13px]"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {lengthWords(l.level, units)}
        </text>
      ))}
    </svg>
  );
}
