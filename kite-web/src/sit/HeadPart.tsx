import { useState } from "react";
import type { FieldProblem } from "../api/http";
import { PLACES } from "../api/names";
import type { PickGroup, SitDocument, SitReading } from "../api/types";
import { LengthField, PlaceSelect } from "../parts/fields";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
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
  ["girthMm", worded("headPart.girth"), worded("headPart.over-brow-and-back")],
  ["earToEarMm", worded("headPart.ear-to-ear"), worded("headPart.over-the-apex")],
  ["frontToNapeMm", worded("headPart.front-to-nape"), worded("headPart.hairline-to-hairline")],
  ["breadthMm", worded("headPart.breadth"), worded("headPart.by-calliper")],
  ["lengthMm", worded("common.length"), worded("headPart.by-calliper")],
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
        {worded("headPart.what-is-left-empty")} {reading ? Math.round(reading.measures.occipitalMm) : "…"}{" "}
        {worded("headPart.mm-from-crown-to")}
      </p>
      <PickRows groups={groups} document={document} strips={strips} />
      <div className="flex flex-wrap gap-x-5">
        {(["earLeftMm", "earRightMm"] as const).map((key) => (
          <LengthField
            key={key}
            name={
              key === "earLeftMm"
                ? worded("headPart.left-ear-higher-by")
                : worded("headPart.right-ear-higher-by")
            }
            path={`$.head.shape.${key}`}
            mm={head.shape?.[key] ?? 0}
            units={units}
            problems={problems}
            hint={worded("headPart.below-0-is-lower")}
            set={(mm) => sit.change(["head", "shape", key], mm ?? 0)}
          />
        ))}
      </div>
      <fieldset>
        <legend className="font-bold text-lg">{worded("headPart.a-landmark-sits-elsewhere")}</legend>
        <p className="soft text-sm">{worded("headPart.moved-by-half-finger")}</p>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <PlaceSelect
            label={worded("headPart.landmark")}
            value={place}
            places={PLACES}
            set={(p) => {
              setPlace(p);
              mark(p);
            }}
          />
          {(
            [
              [worded("headPart.up"), 0.5, 0],
              [worded("headPart.down"), -0.5, 0],
              [worded("headPart.to-its-left"), 0, -0.5],
              [worded("headPart.to-its-right"), 0, 0.5],
            ] as const
          ).map(([title, up, across]) => (
            <button key={title} type="button" className="btn touch" onClick={() => step(up, across)}>
              {title}
            </button>
          ))}
          <span role="status">
            {nudge.upFingers === 0 && nudge.acrossFingers === 0
              ? worded("headPart.where-it-was-found")
              : `${fingers(nudge.upFingers, "up", "down")} ${fingers(nudge.acrossFingers, worded("headPart.to-the-right"), worded("headPart.to-the-left"))}`}
          </span>
          {marked && (
            <button type="button" className="touch cursor-pointer underline" onClick={() => mark(undefined)}>
              {worded("headPart.hide-the-mark")}
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
