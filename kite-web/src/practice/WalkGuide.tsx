import { useMemo, useState } from "react";
import type { Tried } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { lengthStep, lengthWords, toMm, toShown, unitOf } from "../store/units";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";
import { crossings, GUIDE, Lines3D } from "./Lines3D";
import { useSkin } from "./useSkin";

type Bite = Extract<Tried, { kind: "walked" }>["bites"][number];

const FIRST_MM = 15;
/** Half the width of the strip. */
const HALF_MM = 40;
const W = 330;
const H = 64;

/** A strip walked bite by bite along a guide. */
export function WalkGuide({ task, units, score, panel, busy, done }: DrillProps) {
  const strip = task.strip ?? { fromMm: 60, toMm: -40 };
  const all = strip.fromMm - strip.toMm;
  const [bites, setBites] = useState<Bite[]>([]);
  const [width, setWidth] = useState(FIRST_MM);
  const [held, setHeld] = useState<Bite["held"]>("newWhereItGrows");
  const walked = bites.reduce((n, b) => n + b.widthMm, 0);
  const left = Math.max(0, all - walked);
  const { drawn } = useSkin(task.document);
  const forward = useMemo(() => {
    const apex = drawn?.reading.places.apex?.[1];
    if (!drawn || apex === undefined) return undefined;
    const { points } = drawn.head.scalp;
    // Beside the strip there are no partings.
    return Float32Array.from({ length: points.length / 3 }, (_, i) =>
      Math.abs(points[3 * i] as number) > HALF_MM ? Number.NaN : (points[3 * i + 1] as number) - apex,
    );
  }, [drawn]);
  const partings = useMemo(() => {
    if (!drawn || !forward) return undefined;
    let at = strip.fromMm;
    const levels = bites.map((b) => {
      at = Math.max(strip.toMm, at - b.widthMm);
      return at;
    });
    return crossings(drawn.head.scalp, forward, [strip.fromMm, strip.toMm, ...levels]);
  }, [drawn, forward, bites, strip.fromMm, strip.toMm]);
  const cut = () => setBites([...bites, { widthMm: Math.max(3, Math.min(width, Math.max(3, left))), held }]);
  return (
    <DrillFrame
      panel={panel}
      head={
        <DrillHead
          document={score ? score.after : task.document}
          meant={score?.wished}
          units={units}
          first="right"
          label={worded("practice.head-of", { name: task.name })}
          paints={score !== undefined}
        >
          {partings && <Lines3D edges={partings} colour={GUIDE} />}
        </DrillHead>
      }
    >
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full"
        role="img"
        aria-label={worded("practice.walked", {
          bites: bites.length,
          left: lengthWords(left, units),
        })}
      >
        <rect x={0} y={14} width={W} height={36} className="fill-base-300" />
        {bites.map((b, i) => {
          const from = bites.slice(0, i).reduce((n, x) => n + x.widthMm, 0);
          return (
            <rect
              // biome-ignore lint/suspicious/noArrayIndexKey: bites stand one after the other
              key={i}
              x={(from / all) * W + 1}
              y={14}
              width={Math.max(1, (b.widthMm / all) * W - 2)}
              height={36}
              className={
                b.held === "newWhereItGrows" || b.held === "middle" ? "fill-primary" : "fill-secondary"
              }
            />
          );
        })}
        <text x={2} y={11} className="fill-base-content text-[12px]">
          {worded("practice.front")}
        </text>
        <text x={W - 2} y={11} textAnchor="end" className="fill-base-content text-[12px]">
          {worded("practice.crown")}
        </text>
      </svg>
      {!score && (
        <>
          <Stepper
            label={worded("practice.bite-width")}
            value={toShown(width, units)}
            step={lengthStep(units)}
            min={toShown(3, units)}
            max={toShown(60, units)}
            unit={unitOf(units)}
            onChange={(v) => setWidth(Math.min(60, Math.max(3, toMm(v, units))))}
          />
          <label className="grid gap-1">
            {worded("practice.the-pair-is-held")}
            <select
              className="select touch w-full text-lg"
              value={held}
              onChange={(e) => setHeld(e.target.value as Bite["held"])}
            >
              {task.choices.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.words}
                </option>
              ))}
            </select>
          </label>
          <div className="flex gap-2">
            <button type="button" className="btn touch grow text-lg" disabled={left <= 0} onClick={cut}>
              {worded("practice.cut-this-bite")}
            </button>
            <button
              type="button"
              className="btn touch"
              disabled={bites.length === 0}
              onClick={() => setBites(bites.slice(0, -1))}
            >
              {worded("practice.back-one")}
            </button>
          </div>
          <Done
            busy={busy}
            tried={false}
            can={bites.length > 0}
            done={() => done({ kind: "walked", bites })}
          />
        </>
      )}
    </DrillFrame>
  );
}
