import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";

type Props = {
  gapMm: number;
  leanDeg: number;
  wishedGapMm: number;
  wishedLeanDeg: number;
  units: Units;
};

const W = 330;
const H = 150;
const SKIN_X = 60;
const FOOT_Y = 138;
const TOP_Y = 14;
const PX_PER_MM = 2;

/** The comb from the side: the skin upright, the way it is to go dashed, the way it goes now whole. */
export function CombSide({ gapMm, leanDeg, wishedGapMm, wishedLeanDeg, units }: Props) {
  const line = (gap: number, lean: number) => {
    const x = SKIN_X + gap * PX_PER_MM;
    const up = FOOT_Y - TOP_Y;
    return { x1: x, y1: FOOT_Y, x2: x + Math.tan((lean * Math.PI) / 180) * up, y2: TOP_Y };
  };
  const now = { gap: lengthWords(gapMm, units), lean: leanDeg };
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="w-full"
      role="img"
      aria-label={
        wishedGapMm > 0
          ? worded("practice.comb-from-the-side", {
              gap: now.gap,
              lean: now.lean,
              wishedGap: lengthWords(wishedGapMm, units),
              wishedLean: wishedLeanDeg,
            })
          : worded("practice.comb-as-it-goes", { gap: now.gap, lean: now.lean })
      }
    >
      <rect x={0} y={TOP_Y - 8} width={SKIN_X} height={FOOT_Y - TOP_Y + 14} fill="#e3c2a4" />
      <line x1={SKIN_X} x2={SKIN_X} y1={TOP_Y - 8} y2={FOOT_Y + 6} stroke="#a5764f" strokeWidth={2} />
      {wishedGapMm > 0 && (
        <line
          {...line(wishedGapMm, wishedLeanDeg)}
          className="stroke-base-content"
          strokeWidth={2}
          strokeDasharray="6 5"
        />
      )}
      <line {...line(gapMm, leanDeg)} className="stroke-primary" strokeWidth={5} strokeLinecap="round" />
      <text x={SKIN_X - 6} y={FOOT_Y - 4} textAnchor="end" className="text-[13px]" fill="#3c2a1c">
        {worded("practice.skin")}
      </text>
    </svg>
  );
}
