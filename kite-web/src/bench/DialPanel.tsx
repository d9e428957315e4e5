import { useRef } from "react";
import { LANDINGS } from "../api/names";
import type { DialsView, PlanDocument } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { ask, changes } from "../store/asks";
import { editPlan } from "../store/planStore";
import { leastStep, lengthStep, lengthWords, toMm, toShown, type Units, unitOf } from "../store/units";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";

type Part = DialsView["parts"][number];
type Softness = NonNullable<DialsView["softness"]>;

const NAMES: Record<Part["part"], string> = {
  sides: worded("dials.sides"),
  top: worded("dials.top"),
  fringe: worded("dials.fringe"),
  neck: worded("dials.neck"),
};
const SOFT: readonly (readonly [Softness, string])[] = [
  ["solid", worded("dials.solid")],
  ["soft", worded("dials.soft")],
  ["piecey", worded("dials.piecey")],
];

/** Weight is felt by so much of it, percent; past so much nothing is left to hold a line. */
const WEIGHT_STEP = 2;
const MOST_WEIGHT = 50;

/** Same again, but: the few numbers a whole plan is set by, and what it costs. */
export function DialPanel({ document, units }: { document: PlanDocument; units: Units }) {
  const { data, message } = useAnswer(ask.dials, document);
  const first = useRef<DialsView>(undefined);
  if (data && !first.current) first.current = data;
  if (message) return <p role="alert">{message}</p>;
  if (!data) return <p>{worded("common.working-it-out")}</p>;
  const order = ["top", "sides", "fringe", "neck"] as const;
  return (
    <section aria-label={worded("dials.same-again-but")} className="grid content-start gap-3">
      <h2 className="font-bold text-2xl">{worded("dials.same-again-but")}</h2>
      {order.map((name) => {
        const part = data.parts.find((p) => p.part === name);
        return (
          part && (
            <div key={name}>
              <Length part={part} units={units} />
              {name === "fringe" && part.own && <Ends ends={data.fringeEnds} />}
            </div>
          )
        );
      })}
      {data.weightOffPercent !== undefined && (
        <Stepper
          large
          label={worded("dials.weight-taken-out")}
          value={Math.round(data.weightOffPercent)}
          step={WEIGHT_STEP}
          min={0}
          max={MOST_WEIGHT}
          unit="%"
          onChange={(percent) => void editPlan(changes.weightOff({ percent }))}
        />
      )}
      {data.softness && (
        <fieldset>
          <legend className="text-sm">{worded("dials.how-soft")}</legend>
          <div className="join">
            {SOFT.map(([softness, name]) => (
              <button
                key={softness}
                type="button"
                aria-pressed={data.softness === softness}
                className={`btn join-item touch ${data.softness === softness ? "btn-neutral" : ""}`}
                onClick={() => void editPlan(changes.softness({ softness }))}
              >
                {name}
              </button>
            ))}
          </div>
        </fieldset>
      )}
      <Costs now={data} first={first.current ?? data} />
    </section>
  );
}

function Length({ part, units }: { part: Part; units: Units }) {
  if (!part.own)
    return (
      <div>
        <span className="text-sm">{NAMES[part.part]}</span>
        <p className="soft flex items-baseline gap-2">
          <span className="text-2xl">{lengthWords(part.mm, units)}</span>
          {worded("dials.comes-along")}
        </p>
      </div>
    );
  return (
    <div className="flex flex-wrap items-end gap-x-3">
      <Stepper
        large
        label={NAMES[part.part]}
        value={toShown(part.mm, units)}
        step={lengthStep(units)}
        least={leastStep(units)}
        min={0}
        max={toShown(part.mostMm, units)}
        unit={unitOf(units)}
        onChange={(v) => void editPlan(changes.dial({ part: part.part, mm: toMm(v, units) }))}
      />
    </div>
  );
}

/** Where the fringe ends, and can be asked to. */
function Ends({ ends }: { ends: DialsView["fringeEnds"] }) {
  if (ends.length === 0) return null;
  return (
    <fieldset className="mt-1 flex flex-wrap items-center gap-x-1">
      <legend className="sr-only">{worded("dials.fringe-ends-at")}</legend>
      <span className="mr-2 text-sm">{worded("dials.to-the")}</span>
      {ends.map((e) => (
        <button
          key={e.landing}
          type="button"
          aria-pressed={e.now}
          disabled={!e.there}
          className={`touch cursor-pointer border-b-3 px-2 disabled:cursor-not-allowed disabled:opacity-50 ${e.now ? "border-primary font-bold" : "border-transparent underline"}`}
          onClick={() => void editPlan(changes.land({ landing: e.landing }))}
        >
          {LANDINGS[e.landing]}
        </button>
      ))}
    </fieldset>
  );
}

/** Minutes and weeks as they are, and by how much they have changed. */
function Costs({ now, first }: { now: DialsView; first: DialsView }) {
  const minutes = Math.round(now.minutes);
  const more = minutes - Math.round(first.minutes);
  return (
    <p className="text-lg" role="status">
      {worded("dials.costs", {
        minutes,
        from: Math.round(now.returnFromWeeks),
        to: Math.round(now.returnToWeeks),
      })}
      {more !== 0 && <b> {worded(more > 0 ? "dials.more" : "dials.less", { minutes: Math.abs(more) })}</b>}
    </p>
  );
}
