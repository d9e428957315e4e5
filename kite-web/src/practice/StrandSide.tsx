import { worded } from "../words/worded";

const W = 330;
const H = 96;
const SKIN_X = 26;
const Y = 44;
const TIP_X = W - 12;
const CM = 10;
const FINGERS = 34;

const fingers = (x: number, tone: string, wide: number) => (
  <line
    x1={x}
    x2={x}
    y1={Y - FINGERS / 2}
    y2={Y + FINGERS / 2}
    className={tone}
    strokeWidth={wide}
    strokeLinecap="round"
  />
);

type Props = {
  /** So long is the longest hair, mm. */
  mostMm: number;
  /** Where the fingers stop, mm off the skin. */
  atMm: number;
  /** Where they stop at the far end of a slope. */
  farMm?: number | undefined;
};

/** A strand held out along a comb's marks, one a centimetre, and the fingers on it: no number is read. */
export function StrandSide({ mostMm, atMm, farMm }: Props) {
  const x = (mm: number) => SKIN_X + (mm / mostMm) * (TIP_X - SKIN_X);
  const marks = Array.from({ length: Math.floor(mostMm / CM) }, (_, i) => i + 1);
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="w-full"
      role="img"
      aria-label={worded("practice.strand-along-the-comb")}
    >
      <rect x={0} y={0} width={SKIN_X} height={H} fill="#e3c2a4" />
      <line x1={SKIN_X} x2={SKIN_X} y1={0} y2={H} stroke="#a5764f" strokeWidth={2} />
      {[-5, -1.5, 2, 5].map((dy) => (
        <line
          key={dy}
          x1={SKIN_X}
          x2={TIP_X}
          y1={Y + dy}
          y2={Y + dy * 0.7}
          className="stroke-base-content"
          strokeWidth={1.8}
        />
      ))}
      {marks.map((n) => (
        <line
          key={n}
          x1={x(n * CM)}
          x2={x(n * CM)}
          y1={H - 4}
          y2={H - (n % 5 === 0 ? 22 : 12)}
          className="stroke-base-content"
          strokeWidth={n % 5 === 0 ? 2.4 : 1.4}
        />
      ))}
      {farMm !== undefined && fingers(x(farMm), "stroke-secondary", 6)}
      {fingers(x(atMm), "stroke-primary", 9)}
    </svg>
  );
}
