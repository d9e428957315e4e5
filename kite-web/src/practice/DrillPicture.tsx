import type { ReactNode } from "react";
import type { DrillId } from "../api/types";

/** A head from the side, its face to the right. */
const HEAD =
  "M38 92 C30 80 22 66 22 46 C22 22 42 8 66 8 C92 8 108 26 108 48 L116 64 L108 67 L108 80 Q108 88 94 86 L88 98";
const HAIR = "M26 60 C20 34 40 8 66 8 C88 8 102 20 106 36 C84 30 62 34 54 62 C50 76 40 78 34 76 Z";

const comb = (x: number, y: number, deg: number) => (
  <g transform={`translate(${x} ${y}) rotate(${deg})`} className="stroke-primary" strokeWidth={3}>
    <line x1={-16} x2={16} y1={0} y2={0} strokeWidth={5} />
    {[-14, -9, -4, 1, 6, 11].map((t) => (
      <line key={t} x1={t} x2={t} y1={0} y2={-9} strokeWidth={2} />
    ))}
  </g>
);

const dot = (x: number, y: number, r = 5) => (
  <circle key={`${x}-${y}`} cx={x} cy={y} r={r} className="fill-primary" />
);

const DRAWN: Record<DrillId, ReactNode> = {
  readLength: (
    <>
      <path d={HAIR} className="fill-base-content" opacity={0.8} />
      <path d="M118 8 V60 M112 8 H124 M112 60 H124" className="stroke-primary" strokeWidth={4} fill="none" />
    </>
  ),
  findLandmark: <>{[dot(66, 8), dot(100, 26), dot(25, 62), dot(38, 90)]}</>,
  oneCentimetre: (
    <>
      <path d={HAIR} className="fill-base-content" opacity={0.8} />
      {[30, 42, 54].map((x) => (
        <line key={x} x1={x} x2={x} y1={40} y2={76} className="stroke-primary" strokeWidth={4} />
      ))}
    </>
  ),
  overComb: (
    <>
      <path d={HAIR} className="fill-base-content" opacity={0.8} />
      {comb(18, 62, -70)}
    </>
  ),
  guards: (
    <>
      {[0, 1, 2, 3].map((k) => (
        <path
          key={k}
          d={`M${30 + k} ${84 - 16 * k} Q${22 + k} ${76 - 16 * k} ${24 + k} ${70 - 16 * k} L${56} ${70 - 16 * k} L${52} ${84 - 16 * k} Z`}
          className="fill-base-content"
          opacity={0.2 + 0.2 * k}
        />
      ))}
    </>
  ),
  hold: (
    <>
      <path d="M30 40 L4 14 M32 46 L4 22 M36 34 L10 8" className="stroke-base-content" strokeWidth={3} />
      <path d="M-2 26 L18 4" className="stroke-primary" strokeWidth={8} strokeLinecap="round" />
    </>
  ),
  walkGuide: (
    <>
      {[0, 1, 2, 3, 4].map((k) => (
        <path
          key={k}
          d={`M${98 - 15 * k} ${16 - (k > 2 ? 0 : 4)} V${-4}`}
          className={k < 3 ? "stroke-primary" : "stroke-base-content"}
          strokeWidth={6}
          transform="translate(0 4)"
        />
      ))}
    </>
  ),
  whatLeaves: (
    <text x={50} y={66} textAnchor="middle" className="fill-primary font-bold text-[46px]">
      ?
    </text>
  ),
  findFault: (
    <>
      <path d={HAIR} className="fill-base-content" opacity={0.8} />
      <path d="M24 48 L8 42 L22 60" className="fill-primary" />
    </>
  ),
  putInOrder: (
    <>
      {[1, 2, 3].map((n) => (
        <text
          key={n}
          x={36 + 20 * (n - 1)}
          y={32 + 20 * (n - 1)}
          className="fill-primary font-bold text-[24px]"
        >
          {n}
        </text>
      ))}
    </>
  ),
  saveIt: (
    <>
      <path d={HAIR} className="fill-base-content" opacity={0.8} />
      <circle cx={32} cy={44} r={13} className="fill-base-100 stroke-primary" strokeWidth={4} />
    </>
  ),
  wholeCut: <path d={HAIR} className="fill-base-content" />,
};

/** What the hand does in a drill, as a small drawing. */
export function DrillPicture({ drill }: { drill: DrillId }) {
  return (
    <svg viewBox="-10 -8 150 110" className="h-28 w-full" aria-hidden="true">
      <path d={HEAD} className="fill-none stroke-base-content" strokeWidth={3} strokeLinejoin="round" />
      {DRAWN[drill]}
    </svg>
  );
}
