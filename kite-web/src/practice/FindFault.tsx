import { useState } from "react";
import { PLACES, placeName } from "../api/names";
import type { Place, Tried } from "../api/types";
import { Places3D } from "../draw/Places3D";
import { useHead } from "../parts/useHead";
import { lengthWords } from "../store/units";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";
import { useSkin } from "./useSkin";

type Fault = Extract<Tried, { kind: "found" }>["fault"];
type Check = { one: Place; other: Place; byMm: number };

const ALL = PLACES.map(([id]) => id);
/** Nobody tells lengths apart by less, held between two fingers; an assumption. */
const EYE_MM = 2;

/** A finished cut with one fault: two places at a time are held against each other until it is found. */
export function FindFault({ task, units, score, panel, busy, done }: DrillProps) {
  const [one, setOne] = useState<Place>("crown");
  const [other, setOther] = useState<Place>("occipital");
  const [next, setNext] = useState<"one" | "other">("one");
  const [checks, setChecks] = useState<Check[]>([]);
  const [where, setWhere] = useState<Place>("crown");
  const [fault, setFault] = useState<Fault>("elbowSank");
  const { drawn } = useSkin(task.document);
  const { outcome } = useOutcome(task.document);
  const { head } = useHead(task.document);
  const lengthAt = (p: Place): number | undefined => {
    const at = drawn?.reading.places[p];
    if (!at || !outcome || !head) return undefined;
    const { points } = head.scalp;
    let best = 0;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i < points.length / 3; i++) {
      const d = [0, 1, 2].reduce((n, c) => n + ((points[3 * i + c] as number) - (at[c] ?? 0)) ** 2, 0);
      if (d < least) {
        least = d;
        best = i;
      }
    }
    return outcome.state(outcome.count - 1)[best];
  };
  const touch = (p: Place) => {
    if (next === "one") setOne(p);
    else setOther(p);
    setNext(next === "one" ? "other" : "one");
  };
  const check = () => {
    const [a, b] = [lengthAt(one), lengthAt(other)];
    if (a === undefined || b === undefined) return;
    const byMm = Math.round((a - b) / EYE_MM) * EYE_MM;
    setChecks([{ one, other, byMm }, ...checks]);
  };
  const places = (value: Place, set: (p: Place) => void, label: string) => (
    <label className="grid gap-1">
      {label}
      <select
        className="select touch w-full text-lg"
        value={value}
        onChange={(e) => set(ALL.find((p) => p === e.target.value) ?? value)}
      >
        {PLACES.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <DrillFrame
      panel={panel}
      head={
        <DrillHead
          document={task.document}
          meant={score?.wished}
          units={units}
          first="back"
          label={worded("practice.head-of", { name: task.name })}
          paints={score !== undefined}
        >
          {drawn && (
            <Places3D
              landmarks={drawn.reading.places}
              places={ALL}
              chosen={next === "one" ? one : other}
              choose={touch}
            />
          )}
        </DrillHead>
      }
    >
      {!score && (
        <>
          <fieldset className="grid gap-2">
            <legend className="font-bold text-lg">{worded("practice.hold-two-against-each-other")}</legend>
            {places(one, setOne, worded("practice.one-place"))}
            {places(other, setOther, worded("practice.another-place"))}
            <button
              type="button"
              className="btn touch text-lg"
              disabled={lengthAt(one) === undefined || lengthAt(other) === undefined}
              onClick={check}
            >
              {worded("practice.compare")}
            </button>
          </fieldset>
          <ul className="grid max-h-40 gap-1 overflow-y-auto" aria-live="polite">
            {checks.map((c, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the newest stands first, and none is taken out
              <li key={checks.length - i} className="border-base-300 border-l-4 pl-2">
                {c.byMm === 0
                  ? worded("practice.alike", { one: placeName(c.one), other: placeName(c.other) })
                  : worded("practice.longer-by", {
                      one: placeName(c.byMm > 0 ? c.one : c.other),
                      other: placeName(c.byMm > 0 ? c.other : c.one),
                      by: lengthWords(Math.abs(c.byMm), units),
                    })}
              </li>
            ))}
          </ul>
          {places(where, setWhere, worded("practice.it-is-at"))}
          <label className="grid gap-1">
            {worded("practice.it-was")}
            <select
              className="select touch w-full text-lg"
              value={fault}
              onChange={(e) => setFault(e.target.value as Fault)}
            >
              {task.choices.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.words}
                </option>
              ))}
            </select>
          </label>
          <Done
            busy={busy}
            tried={false}
            done={() => done({ kind: "found", place: where, fault, checks: checks.length })}
          />
        </>
      )}
    </DrillFrame>
  );
}
