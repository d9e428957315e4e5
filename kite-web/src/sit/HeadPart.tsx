import { useState } from "react";
import type { FieldProblem } from "../api/http";
import { PLACES } from "../api/names";
import type { PickGroup, SitDocument, SitReading } from "../api/types";
import type { Units } from "../store/units";
import { LengthField, PlaceSelect } from "./fields";
import { PickRows } from "./PickRow";
import { ScanPanel, type ScanState } from "./ScanPanel";
import { sit } from "./sitStore";

type Props = {
  document: SitDocument;
  reading?: SitReading;
  groups: PickGroup[];
  strips: Record<string, string>;
  units: Units;
  problems: FieldProblem[];
  marked?: string;
  mark: (place: string | undefined) => void;
  scan: ScanState;
};

const MEASURES = [
  ["girthMm", "Girth", "over brow and back"],
  ["earToEarMm", "Ear to ear", "over the apex"],
  ["frontToNapeMm", "Front to nape", "hairline to hairline"],
  ["breadthMm", "Breadth", "by calliper"],
  ["lengthMm", "Length", "by calliper"],
] as const;

/** Tape, calliper, what is seen and felt, landmarks moved by hand, a scan. */
export function HeadPart({ document, reading, groups, strips, units, problems, marked, mark, scan }: Props) {
  const { head } = document;
  const [place, setPlace] = useState("crown");
  const nudge = { upFingers: 0, acrossFingers: 0, ...head.nudges?.[place] };
  const step = (up: number, across: number) => {
    mark(place);
    const next = {
      upFingers: clamp(nudge.upFingers + up),
      acrossFingers: clamp(nudge.acrossFingers + across),
    };
    const nudges = { ...head.nudges, [place]: next };
    if (next.upFingers === 0 && next.acrossFingers === 0) delete nudges[place];
    sit.change(["head", "nudges"], nudges);
  };
  return (
    <>
      <div className="flex flex-wrap gap-x-3 gap-y-2">
        {MEASURES.map(([key, name, hint]) => (
          <LengthField
            key={key}
            name={name}
            path={`$.head.${key}`}
            mm={head[key]}
            usual={reading?.measures[key]}
            units={units}
            problems={problems}
            hint={hint}
            set={(mm) => (key === "girthMm" && mm === undefined ? undefined : sit.change(["head", key], mm))}
          />
        ))}
      </div>
      <p className="soft text-sm">
        What is left empty follows the girth; the pale number is what it comes to. The occipital bone stands
        out {reading ? Math.round(reading.measures.occipitalMm) : "…"} mm from crown to nape.
      </p>
      <PickRows groups={groups} document={document} strips={strips} />
      <div className="flex flex-wrap gap-x-5">
        {(["earLeftMm", "earRightMm"] as const).map((key) => (
          <LengthField
            key={key}
            name={key === "earLeftMm" ? "Left ear higher by" : "Right ear higher by"}
            path={`$.head.shape.${key}`}
            mm={head.shape?.[key] ?? 0}
            units={units}
            problems={problems}
            hint="below 0 is lower"
            set={(mm) => sit.change(["head", "shape", key], mm ?? 0)}
          />
        ))}
      </div>
      <fieldset>
        <legend className="font-bold text-lg">A landmark sits elsewhere</legend>
        <p className="soft text-sm">Moved by half finger widths; what hangs on it moves with it.</p>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <PlaceSelect
            label="Landmark"
            value={place}
            places={PLACES}
            set={(p) => {
              setPlace(p);
              mark(p);
            }}
          />
          {(
            [
              ["Up", 0.5, 0],
              ["Down", -0.5, 0],
              ["To its left", 0, -0.5],
              ["To its right", 0, 0.5],
            ] as const
          ).map(([title, up, across]) => (
            <button key={title} type="button" className="btn touch" onClick={() => step(up, across)}>
              {title}
            </button>
          ))}
          <span role="status">
            {nudge.upFingers === 0 && nudge.acrossFingers === 0
              ? "where it was found"
              : `${fingers(nudge.upFingers, "up", "down")} ${fingers(nudge.acrossFingers, "to the right", "to the left")}`}
          </span>
          {marked && (
            <button type="button" className="touch cursor-pointer underline" onClick={() => mark(undefined)}>
              Hide the mark
            </button>
          )}
        </div>
      </fieldset>
      <ScanPanel {...scan} />
    </>
  );
}

const clamp = (v: number) => Math.max(-3, Math.min(3, v));
const fingers = (n: number, plus: string, minus: string) =>
  n === 0 ? "" : `${Math.abs(n)} ${Math.abs(n) > 1 ? "fingers" : "finger"} ${n > 0 ? plus : minus}`;
