import { scaleLinear } from "d3-scale";
import { placeName } from "../api/names";
import type { ScoreView } from "../api/types";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";

const W = 420;
const ROW = 24;
const NAME = 150;

type Props = { score: ScoreView; offs: ScoreView["offs"]; units: Units };

/** What was asked one by one, each by how far it is off: longer to the right, shorter to the left. */
export function OffBars({ score, offs, units }: Props) {
  const most = Math.max(score.tolerance, ...offs.map((o) => Math.abs(o.got - o.wanted)), 1);
  const x = scaleLinear([-most, most], [NAME + 10, W - 10]);
  return (
    <svg
      viewBox={`0 0 ${W} ${offs.length * ROW}`}
      className="w-full max-w-xl"
      role="img"
      aria-label={worded("practice.one-by-one", {
        all: offs.map((o) => `${placeName(o.near)} ${lengthWords(o.got - o.wanted, units)}`).join("; "),
      })}
    >
      <rect
        x={x(-score.tolerance)}
        y={0}
        width={x(score.tolerance) - x(-score.tolerance)}
        height={offs.length * ROW}
        className="fill-base-300"
      />
      <line x1={x(0)} x2={x(0)} y1={0} y2={offs.length * ROW} className="stroke-base-content" />
      {offs.map((o, i) => {
        const off = o.got - o.wanted;
        const y = i * ROW;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: always in the same order
          <g key={i}>
            <text x={NAME} y={y + 17} textAnchor="end" className="fill-base-content text-[13px]">
              {placeName(o.near)}
            </text>
            <rect
              x={Math.min(x(0), x(off))}
              y={y + 5}
              width={Math.max(2, Math.abs(x(off) - x(0)))}
              height={ROW - 10}
              className={Math.abs(off) <= score.tolerance ? "fill-primary" : "fill-error"}
            />
          </g>
        );
      })}
    </svg>
  );
}
