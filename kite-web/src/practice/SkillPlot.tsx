import { scaleLinear } from "d3-scale";
import type { Practised } from "../api/types";
import { worded } from "../words/worded";

type Skill = Practised["progress"]["skills"][number];

const W = 340;
const H = 150;
const PAD = { left: 40, right: 8, top: 10, bottom: 18 };
const LEAST_SHOWN = 2;

const UNIT: Record<Skill["skill"], { per: number; unit: string }> = {
  lengthByEye: { per: 100, unit: "%" },
  landmark: { per: 1, unit: "mm" },
  combGap: { per: 1, unit: "mm" },
  combLean: { per: 1, unit: "°" },
  combLength: { per: 1, unit: "mm" },
  fingerLength: { per: 1, unit: "mm" },
  elevation: { per: 1, unit: "°" },
  fingers: { per: 1, unit: "°" },
  creep: { per: 1, unit: "mm" },
  pace: { per: 100, unit: "%" },
};

/** One habit of a hand over its tries: each as a dot, bias and spread as a band once they are known. */
export function SkillPlot({ skill }: { skill: Skill }) {
  const { per, unit } = UNIT[skill.skill];
  const offs = skill.offs.map((o) => o.off * per);
  const e = skill.estimate;
  const usual = skill.usual * per;
  const most = Math.max(LEAST_SHOWN, usual * 1.4, ...offs.map(Math.abs));
  // A distance has no other side.
  const least = offs.every((o) => o >= 0) && skill.skill === "landmark" ? 0 : -most;
  const y = scaleLinear([least, most], [H - PAD.bottom, PAD.top]).nice();
  const x = scaleLinear([0, Math.max(1, offs.length - 1)], [PAD.left + 6, W - PAD.right - 6]);
  const n = (v: number) => Number((v * per).toFixed(1));
  return (
    <figure className="grid gap-1">
      <figcaption className="font-bold text-lg">{skill.name}</figcaption>
      <svg viewBox={`0 0 ${W} ${H}`} className="w-full" role="img" aria-label={skill.name}>
        {y.ticks(4).map((t) => (
          <g key={t}>
            <line x1={PAD.left} x2={W} y1={y(t)} y2={y(t)} className="stroke-base-300" />
            <text x={PAD.left - 5} y={y(t) + 4} textAnchor="end" className="fill-base-content text-[12px]">
              {t}
            </text>
          </g>
        ))}
        <text x={2} y={H - 4} className="fill-base-content text-[12px]">
          {unit}
        </text>
        {e && (
          <rect
            x={PAD.left}
            width={W - PAD.left}
            y={y((e.mean + e.spread) * per)}
            height={Math.max(1, y((e.mean - e.spread) * per) - y((e.mean + e.spread) * per))}
            className="fill-secondary"
            opacity={0.25}
          />
        )}
        <line x1={PAD.left} x2={W} y1={y(0)} y2={y(0)} className="stroke-base-content" strokeWidth={1.5} />
        {offs.map((o, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: tries in the order they were made
          <circle key={i} cx={x(i)} cy={y(o)} r={4} className="fill-primary" />
        ))}
      </svg>
      <p>
        {e
          ? worded("practice.estimate", {
              mean: n(e.mean),
              meanLow: n(e.meanLow),
              meanHigh: n(e.meanHigh),
              spread: n(e.spread),
              usual: Number(usual.toFixed(1)),
              unit,
              n: e.n,
            })
          : worded("practice.seen-too-seldom", { n: offs.length })}
      </p>
    </figure>
  );
}
