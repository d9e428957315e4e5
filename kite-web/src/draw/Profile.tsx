import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import type { Walk } from "../api/types";
import { lengthWords, toShown, type Units, unitOf } from "../store/units";

const NAMES: Record<string, string> = {
  front: "front",
  apex: "apex",
  crown: "crown",
  occipital: "occipital",
  nape: "nape",
  ridgeLeft: "left ridge",
  ridgeRight: "right ridge",
};
const TITLES = { centre: "Centre, front to nape", earToEar: "Ear to ear, left to right", edge: "Edge" };
const W = 430;
const H = 158;
const PAD = { left: 34, right: 14, top: 20, bottom: 24 };

/** `step` is the chosen move's index; `whole` shows all that the plan takes off. */
type Props = { walk: Walk; step: number; whole?: boolean; units: Units };

/** Length against distance along a walk, skin along the bottom: before and after the chosen move, and at the end. */
export function Profile({ walk, step, whole = false, units }: Props) {
  const before = step === 0 || whole ? walk.beforeMm : (walk.afterMove[step - 1]?.lengthMm ?? walk.beforeMm);
  const after = walk.afterMove[step]?.lengthMm ?? walk.beforeMm;
  const end = walk.afterMove.at(-1)?.lengthMm ?? walk.beforeMm;
  const most = Math.max(20, ...walk.beforeMm);
  const x = scaleLinear([0, walk.lengthMm], [PAD.left, W - PAD.right]);
  const y = scaleLinear([0, most], [H - PAD.bottom, PAD.top]).nice(4);
  const at = (i: number) => x(walk.distanceMm[i] as number);
  const draw = (v: number[]) =>
    line<number>()
      .x((_, i) => at(i))
      .y((d) => y(d))(v) ?? "";
  const off = area<number>()
    .x((_, i) => at(i))
    .y0((_, i) => y(after[i] as number))
    .y1((_, i) => y(before[i] as number));
  const marks = Object.entries(walk.marksMm).filter(([p]) => NAMES[p]);
  return (
    <figure className="m-0">
      <figcaption className="flex items-baseline gap-4 text-sm">
        <b>{TITLES[walk.walk]}</b>
        <span className="soft">now {lengthWords(Math.max(...after), units)} at its longest</span>
      </figcaption>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full"
        role="img"
        aria-label={`Profile, ${TITLES[walk.walk]}`}
      >
        {y.ticks(4).map((t) => (
          <g key={t}>
            <line x1={PAD.left} x2={W - PAD.right} y1={y(t)} y2={y(t)} className="stroke-base-300" />
            <text x={PAD.left - 6} y={y(t) + 4} textAnchor="end" className="fill-base-content text-[12px]">
              {toShown(t, units)}
            </text>
          </g>
        ))}
        <text x={PAD.left - 6} y={14} textAnchor="end" className="fill-base-content text-[12px]">
          {unitOf(units)}
        </text>
        {marks.map(([p, d]) => (
          <g key={p}>
            <line
              x1={x(d)}
              x2={x(d)}
              y1={PAD.top}
              y2={H - PAD.bottom}
              className="stroke-base-300"
              strokeDasharray="2 4"
            />
            <text
              x={x(d)}
              y={H - 8}
              textAnchor={d < 5 ? "start" : d > walk.lengthMm - 5 ? "end" : "middle"}
              className="fill-base-content text-[12px]"
            >
              {NAMES[p]}
            </text>
          </g>
        ))}
        <path d={off(after) ?? ""} className="fill-primary" opacity={0.28} />
        <path
          d={draw(before)}
          fill="none"
          className="stroke-base-content"
          strokeWidth={1}
          strokeDasharray="5 4"
          opacity={0.7}
        />
        <path d={draw(end)} fill="none" className="stroke-secondary" strokeWidth={2} />
        <path
          d={draw(after)}
          fill="none"
          className="stroke-primary"
          strokeWidth={2.5}
          data-testid={`after-${walk.walk}`}
        />
        <line
          x1={PAD.left}
          x2={W - PAD.right}
          y1={y(0)}
          y2={y(0)}
          className="stroke-base-content"
          strokeWidth={2}
        />
      </svg>
    </figure>
  );
}
