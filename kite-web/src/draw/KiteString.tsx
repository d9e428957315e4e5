import { Fragment } from "react";
import { worded } from "../words/worded";

/** @field number as it is said; in the order of the string where it is left out */
export type Bow = { id: string; name: string; minutes: number; number?: string };

type Props = {
  bows: Bow[];
  chosen: number;
  /** Which bows are tied. */
  tied?: boolean[];
  choose?: (i: number) => void;
  /** When given, what the string is, and its bows carry their names in place of numbers. */
  named?: string;
};

const W = 1200;
const H = 76;

/** A string of bows, each as wide as its minutes: done ones are tied, the present one flutters, the rest hang slack. */
export function KiteString({ bows, chosen, tied: ties = [], choose, named }: Props) {
  const total = bows.reduce((s, b) => s + weight(b), 0) || 1;
  let passed = 0;
  const placed = bows.map((b) => {
    const from = passed;
    passed += weight(b);
    return { ...b, x: 20 + ((from + passed) / 2 / total) * (W - 40), w: (weight(b) / total) * (W - 40) };
  });
  const sag = (x: number) => 25 + 8 * Math.sin((x / W) * Math.PI * 3);
  const path = Array.from(
    { length: 61 },
    (_, i) => `${i ? "L" : "M"}${(i / 60) * W} ${sag((i / 60) * W)}`,
  ).join("");
  return (
    <nav aria-label={named ?? worded("kiteString.the-plan-as-a")}>
      <svg viewBox={`0 0 ${W} ${H}`} className="w-full" role="presentation">
        <path d={path} fill="none" className="stroke-base-content" strokeWidth={1.6} opacity={0.75} />
        {placed.map((b, i) => {
          const wing = Math.max(9, Math.min(44, b.w / 2 - 3));
          const y = sag(b.x);
          const tied = ties[i] ?? false;
          const tone = i === chosen ? "fill-primary" : tied ? "fill-secondary" : "fill-base-300";
          const drop = i === chosen || tied ? 9 : 14;
          const bow = (
            <g className={i === chosen ? "flutter" : undefined}>
              <path
                d={`M${b.x} ${y} l${-wing} ${-drop} v${drop * 2} z l${wing} ${-drop} v${drop * 2} z`}
                className={`${tone} stroke-base-content`}
                strokeWidth={i === chosen ? 1.6 : 0.8}
                strokeLinejoin="round"
              />
              <circle cx={b.x} cy={y} r={3.4} className="fill-base-content" />
            </g>
          );
          const number = (
            <text
              x={b.x}
              y={y + (named ? 38 : 31)}
              textAnchor="middle"
              className={`fill-base-content ${named ? "text-[22px]" : "text-[17px]"} ${i === chosen ? "font-bold" : ""}`}
            >
              {named ? b.name : (b.number ?? i + 1)}
            </text>
          );
          if (!choose) {
            return (
              <Fragment key={b.id}>
                {bow}
                {number}
              </Fragment>
            );
          }
          return (
            // biome-ignore lint/a11y/useSemanticElements: a button inside an SVG has to be a group
            <g
              key={b.id}
              role="button"
              tabIndex={0}
              aria-label={
                named
                  ? b.name
                  : worded("kiteString.move-minutes", {
                      number: i + 1,
                      name: b.name,
                      minutes: Math.max(1, Math.round(b.minutes)),
                    })
              }
              aria-pressed={i === chosen}
              className="bow cursor-pointer"
              onClick={() => choose(i)}
              onKeyDown={(e) => {
                if (e.key === "Enter" || e.key === " ") {
                  e.preventDefault();
                  choose(i);
                }
              }}
            >
              <rect
                x={b.x - Math.max(24, b.w / 2)}
                y={0}
                width={Math.max(48, b.w)}
                height={H}
                fill="transparent"
              />
              {bow}
              {number}
            </g>
          );
        })}
      </svg>
    </nav>
  );
}

const weight = (b: Bow) => Math.max(1.5, b.minutes);
