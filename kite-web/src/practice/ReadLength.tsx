import { useState } from "react";
import { placeName } from "../api/names";
import type { Place } from "../api/types";
import { Pin3D } from "../draw/Pin3D";
import { viewOn } from "../draw/views";
import { Stepper } from "../parts/Stepper";
import { lengthStep, toMm, toShown, unitOf } from "../store/units";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";
import { useSkin } from "./useSkin";

/** What is said before anything was looked at. */
const FIRST_MM = 60;

/** Hair on an unknown head: how long is it, at three places? */
export function ReadLength({ task, units, score, panel, busy, done }: DrillProps) {
  const [said, setSaid] = useState<Partial<Record<Place, number>>>({});
  const [chosen, setChosen] = useState<Place>(task.asked[0] as Place);
  const { drawn } = useSkin(task.document);
  const [x, y, z] = drawn?.reading.places[chosen] ?? [];
  return (
    <DrillFrame
      panel={panel}
      head={
        <DrillHead
          document={task.document}
          units={units}
          first={viewOn(drawn?.reading.places[chosen])}
          label={worded("practice.head-of", { name: task.name })}
          paints={score !== undefined}
        >
          {x !== undefined && y !== undefined && z !== undefined && <Pin3D at={[x, y, z]} through />}
        </DrillHead>
      }
    >
      {task.asked.map((p) => (
        <fieldset
          key={p}
          className={`grid gap-1 border-l-4 pl-3 ${p === chosen ? "border-primary" : "border-base-300"}`}
          onFocus={() => setChosen(p)}
          onPointerDown={() => setChosen(p)}
        >
          <legend className="sr-only">{placeName(p)}</legend>
          <Stepper
            label={worded("practice.length-at", { place: placeName(p) })}
            value={toShown(said[p] ?? FIRST_MM, units)}
            step={lengthStep(units)}
            min={0}
            max={toShown(1500, units)}
            unit={unitOf(units)}
            onChange={(v) => {
              setChosen(p);
              setSaid({ ...said, [p]: toMm(v, units) });
            }}
          />
        </fieldset>
      ))}
      <Done
        busy={busy}
        tried={score !== undefined}
        done={() =>
          done({
            kind: "lengths",
            saidMm: Object.fromEntries(task.asked.map((p) => [p, said[p] ?? FIRST_MM])),
          })
        }
      />
    </DrillFrame>
  );
}
