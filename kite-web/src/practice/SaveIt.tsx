import { useState } from "react";
import type { Tried } from "../api/types";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";

type Way = Extract<Tried, { kind: "saved" }>["way"];

/** A slip in a shape: leave it, soften round it, or take the other side to match? */
export function SaveIt({ task, units, score, panel, busy, done }: DrillProps) {
  const [way, setWay] = useState<Way>();
  return (
    <DrillFrame
      panel={panel}
      head={
        <DrillHead
          document={score ? score.after : task.document}
          units={units}
          first="back"
          label={worded("practice.head-of", { name: task.name })}
          paints
        />
      }
    >
      {!score && (
        <>
          <fieldset className="grid gap-2">
            <legend className="sr-only">{worded("practice.ways-out")}</legend>
            {task.choices.map((c) => (
              <button
                key={c.id}
                type="button"
                aria-pressed={way === c.id}
                className={`btn touch justify-start px-4 text-lg ${way === c.id ? "btn-neutral" : ""}`}
                onClick={() => setWay(c.id as Way)}
              >
                {c.words}
              </button>
            ))}
          </fieldset>
          <Done
            busy={busy}
            tried={false}
            can={way !== undefined}
            done={() => done({ kind: "saved", way: way as Way })}
          />
        </>
      )}
    </DrillFrame>
  );
}
