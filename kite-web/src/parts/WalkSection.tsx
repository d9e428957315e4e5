import type { Cut, Walk } from "../api/types";
import { lastCut, TOOLS, toolOf } from "../draw/tools";
import { marksOf, nearestAt, WALK_NAMES } from "../draw/walks";
import { worded } from "../words/worded";

const AXES = { centre: [1, 2], earToEar: [0, 2], edge: [0, 1] } as const;
const GAP = 14;

type Props = {
  walk: Walk;
  cuts: Cut[];
  other?: { distanceMm: number[]; lengthMm: number[] };
  size: { width: number; height: number };
};

/** The walk as it lies on the head, and the hair standing straight out from it. */
export function WalkSection({ walk, cuts, other, size }: Props) {
  const [a, b] = AXES[walk.walk];
  const n = walk.distanceMm.length;
  const ground = Array.from({ length: n }, (_, i) => [
    walk.pointsMm[3 * i + a] as number,
    walk.pointsMm[3 * i + b] as number,
  ]) as [number, number][];
  const mid = [0, 1].map((c) => ground.reduce((s, p) => s + (p[c] as number), 0) / n) as [number, number];
  const out = ground.map((p, i) => {
    const q = ground[Math.min(n - 1, i + 1)] as [number, number];
    const o = ground[Math.max(0, i - 1)] as [number, number];
    const [dx, dy] = [q[0] - o[0], q[1] - o[1]];
    const l = Math.hypot(dx, dy) || 1;
    const side = -dy * (p[0] - mid[0]) + dx * (p[1] - mid[1]) > 0 ? 1 : -1;
    return [(-dy / l) * side, (dx / l) * side] as [number, number];
  });
  const states = [walk.beforeMm, ...walk.afterMove.map((m) => m.lengthMm)];
  const end = states.at(-1) ?? walk.beforeMm;
  const ends = (lengths: number[], i: number): [number, number] => {
    const [p, o] = [ground[i] as [number, number], out[i] as [number, number]];
    return [p[0] + o[0] * (lengths[i] as number), p[1] + o[1] * (lengths[i] as number)];
  };
  const all = [
    ...ground,
    ...ground.map((_, i) => ends(end, i)),
    ...ground.map((_, i) => ends(walk.beforeMm, i)),
  ];
  const [x0, x1] = [Math.min(...all.map((p) => p[0])), Math.max(...all.map((p) => p[0]))];
  const [y0, y1] = [Math.min(...all.map((p) => p[1])), Math.max(...all.map((p) => p[1]))];
  const k = Math.min((size.width - 140) / (x1 - x0), (size.height - 2 * GAP) / (y1 - y0));
  const px = (p: [number, number]): [number, number] => [
    size.width / 2 + (p[0] - (x0 + x1) / 2) * k,
    size.height / 2 - (p[1] - (y0 + y1) / 2) * k,
  ];
  const path = (points: [number, number][]) =>
    points
      .map(
        (p, i) =>
          `${i ? "L" : "M"}${px(p)
            .map((v) => v.toFixed(1))
            .join(" ")}`,
      )
      .join("");
  const otherEnds = other
    ? ground.map((_, i) => {
        const at = walk.distanceMm[i] as number;
        const j = other.distanceMm.reduce(
          (best, d, m) => (Math.abs(d - at) < Math.abs((other.distanceMm[best] as number) - at) ? m : best),
          0,
        );
        const [p, o] = [ground[i] as [number, number], out[i] as [number, number]];
        const l = other.lengthMm[j] as number;
        return [p[0] + o[0] * l, p[1] + o[1] * l] as [number, number];
      })
    : undefined;
  return (
    <svg
      viewBox={`0 0 ${size.width} ${size.height}`}
      className="h-full w-full"
      role="img"
      aria-label={worded("walkSection.hair-straight-out-along", { walk: WALK_NAMES[walk.walk] })}
    >
      <path d={`${path(ground)}z`} fill="#d9bfa8" />
      {ground.map((p, i) => {
        const m = lastCut((s) => states[s] as number[], states.length - 1, i);
        const cut = m < 0 ? undefined : cuts[m];
        const [u, v] = [px(p), px(ends(end, i))];
        return (
          <line
            key={walk.distanceMm[i]}
            x1={u[0]}
            y1={u[1]}
            x2={v[0]}
            y2={v[1]}
            stroke={TOOLS[cut ? toolOf(cut) : "none"].colour}
            strokeWidth={Math.max(1.2, 1.8 * k)}
          />
        );
      })}
      <path
        d={path(ground.map((_, i) => ends(walk.beforeMm, i)))}
        fill="none"
        className="stroke-base-content"
        strokeDasharray="5 4"
        opacity={0.7}
      />
      {otherEnds && (
        <path
          d={path(otherEnds)}
          fill="none"
          className="stroke-secondary"
          strokeWidth={2}
          strokeDasharray="9 4"
        />
      )}
      <path
        d={path(ground.map((_, i) => ends(end, i)))}
        fill="none"
        className="stroke-primary"
        strokeWidth={2.6}
      />
      <path d={path(ground)} fill="none" className="stroke-base-content" strokeWidth={2} />
      {marksOf(walk)
        .filter(({ place }) => walk.walk !== "edge" || /^(front|nape|earTop)/.test(place))
        .map(({ place, name, atMm }) => {
          const i = nearestAt(walk, atMm);
          const o = out[i] as [number, number];
          const [x, y] = px(ground[i] as [number, number]);
          return (
            <g key={place}>
              <circle cx={x} cy={y} r={3} className="fill-base-content" />
              <text
                x={x - o[0] * 10}
                y={y + o[1] * 12 + 4}
                textAnchor={o[0] > 0.4 ? "end" : o[0] < -0.4 ? "start" : "middle"}
                fill="#1b2440"
                stroke="#d9bfa8"
                strokeWidth={4}
                paintOrder="stroke"
                className="text-[12px]"
              >
                {name}
              </text>
            </g>
          );
        })}
    </svg>
  );
}
