import { useState } from "react";
import type { Guide } from "../api/types";
import { Choice } from "../parts/fields";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";
import { HoldSide } from "./HoldSide";
import { Slider } from "./Slider";

const GUIDES: Record<"travels" | "stays", Guide> = {
  travels: { kind: "travelling" },
  stays: { kind: "fixed", place: "occipital", gather: "row" } as Guide,
};

/** A ghost of the shape: how is the bite held, and how do the fingers lie? */
export function HoldIt({ task, units, score, panel, busy, done }: DrillProps) {
  const [elevationDeg, setElevation] = useState(90);
  const [fingerDeg, setFingers] = useState(0);
  const [guide, setGuide] = useState<"travels" | "stays">("travels");
  return (
    <DrillFrame
      panel={panel}
      head={
        <DrillHead
          document={score ? score.after : (task.ghost ?? task.document)}
          meant={score?.wished}
          units={units}
          first="right"
          label={worded("practice.head-of", { name: task.name })}
          paints={score !== undefined}
        />
      }
    >
      <HoldSide elevationDeg={elevationDeg} fingerDeg={fingerDeg} />
      {!score && (
        <>
          <Slider
            label={worded("practice.held-at", { deg: elevationDeg })}
            value={elevationDeg}
            min={0}
            max={150}
            step={5}
            set={setElevation}
          />
          <Slider
            label={worded("practice.fingers-at", { deg: fingerDeg })}
            value={fingerDeg}
            min={-40}
            max={40}
            step={5}
            set={setFingers}
          />
          <Choice
            name={worded("practice.the-guide")}
            value={guide}
            set={(g) => setGuide(g as typeof guide)}
            options={[
              ["travels", worded("practice.guide-travels")],
              ["stays", worded("practice.guide-stays")],
            ]}
          />
          <Done
            busy={busy}
            tried={false}
            name={worded("practice.cut")}
            done={() => done({ kind: "held", elevationDeg, fingerDeg, guide: GUIDES[guide] })}
          />
        </>
      )}
    </DrillFrame>
  );
}
