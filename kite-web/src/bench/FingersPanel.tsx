import { PLACES } from "../api/names";
import { within } from "../api/range";
import type { Fingers, Guide, Hold, Line } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { change } from "../store/planStore";
import { leastStep, lengthStep, toMm, toShown, type Units, unitOf } from "../store/units";
import { worded } from "../words/worded";
import { BLADES } from "./blades";
import { HandPanel } from "./HandPanel";
import { Pick } from "./Pick";
import { FACINGS } from "./places";

export const HOLDS = [
  ["straightOut", worded("fingersPanel.straight-out")],
  ["elevation", worded("fingersPanel.at-an-angle")],
  ["toward", worded("fingersPanel.pulled-to-a-side")],
] as const;
export const GUIDES = [
  ["travelling", worded("fingersPanel.travelling")],
  ["middle", worded("fingersPanel.held-in-the-middle")],
  ["lastBite", worded("fingersPanel.back-to-the-last")],
  ["newBite", worded("fingersPanel.last-on-to-the")],
  ["byEye", worded("fingersPanel.by-eye")],
  ["fixed", worded("fingersPanel.fixed")],
  ["seen", worded("fingersPanel.seen-cut-before")],
  ["two", worded("fingersPanel.two-guides")],
  ["pinched", worded("fingersPanel.pinched-to-the-middle")],
] as const;
const GATHERS = [
  ["row", worded("fingersPanel.along-its-row")],
  ["spot", worded("fingersPanel.all-to-one-spot")],
  ["plane", worded("fingersPanel.straight-to-its-plane")],
] as const;
const LINES = [
  ["round", worded("fingersPanel.follows-the-head")],
  ["flat", worded("fingersPanel.flat-line")],
  ["slope", worded("fingersPanel.slope")],
  ["level", worded("fingersPanel.level-as-it-falls")],
  ["off", worded("fingersPanel.as-it-is-shorter")],
] as const;

export const newHold = (k: Hold["kind"]): Hold =>
  k === "elevation"
    ? { kind: k, elevationDeg: 90 }
    : k === "toward"
      ? { kind: k, facing: "up" }
      : { kind: k };
export const newGuide = (k: Guide["kind"]): Guide =>
  k === "fixed"
    ? { kind: k, place: "crown", gather: "row" }
    : k === "seen"
      ? { kind: k, place: "crown" }
      : k === "two"
        ? { kind: k, place: "apex", far: "occipital" }
        : { kind: k };
const newLine = (k: Line["kind"], lengthMm: number): Line =>
  k === "round"
    ? { kind: k, lengthMm }
    : k === "slope"
      ? { kind: k, place: "crown", lengthMm, far: "front", farMm: lengthMm }
      : k === "off"
        ? { kind: k, lengthMm: 10 }
        : k === "level"
          ? { kind: k, place: "nape", lengthMm, fallsDeg: 0 }
          : { kind: k, facing: "up", place: "apex", lengthMm, fingerDeg: 0 };

/** A level line is cut as the hair falls, by a guide that goes along. */
function setLine(cut: Fingers, at: (string | number)[], kind: Line["kind"]) {
  const line = newLine(kind, cut.line.lengthMm);
  if (kind !== "level") return change([...at, "line"], line);
  return change(at, {
    ...cut,
    line,
    hold: { kind: "elevation", elevationDeg: 0 },
    guide: { kind: "travelling" },
  });
}

/** All the numbers of a cut over the fingers but its length. */
export function FingersPanel({ cut, at, units }: { cut: Fingers; at: (string | number)[]; units: Units }) {
  const inches = units === "inch";
  return (
    <div className="grid grid-cols-2 gap-3">
      <Pick
        label={worded("fingersPanel.held")}
        value={cut.hold.kind}
        options={HOLDS}
        onChange={(k) => change([...at, "hold"], newHold(k))}
      />
      {cut.hold.kind === "elevation" && (
        <Stepper
          label={worded("fingersPanel.elevation")}
          value={cut.hold.elevationDeg}
          step={15}
          {...within("elevation", "elevationDeg")}
          unit="°"
          onChange={(v) => change([...at, "hold", "elevationDeg"], v)}
        />
      )}
      {cut.hold.kind === "toward" && (
        <Pick
          label={worded("fingersPanel.side")}
          value={cut.hold.facing}
          options={FACINGS}
          onChange={(v) => change([...at, "hold", "facing"], v)}
        />
      )}
      <Pick
        label={worded("common.cut")}
        value={cut.blade ?? "blunt"}
        options={BLADES}
        onChange={(v) => change([...at, "blade"], v)}
      />
      <Pick
        label={worded("fingersPanel.guide")}
        value={cut.guide.kind}
        options={GUIDES}
        onChange={(k) => change([...at, "guide"], newGuide(k))}
      />
      {(cut.guide.kind === "fixed" || cut.guide.kind === "seen" || cut.guide.kind === "two") && (
        <Pick
          label={
            cut.guide.kind === "fixed" ? worded("fingersPanel.fixed-at") : worded("fingersPanel.guide-at")
          }
          value={cut.guide.place}
          options={PLACES}
          onChange={(v) => change([...at, "guide", "place"], v)}
        />
      )}
      {cut.guide.kind === "fixed" && (
        <Pick
          label={worded("fingersPanel.brought-there")}
          value={cut.guide.gather}
          options={GATHERS}
          onChange={(v) => change([...at, "guide", "gather"], v)}
        />
      )}
      {cut.guide.kind === "two" && (
        <Pick
          label={worded("fingersPanel.and-at")}
          value={cut.guide.far}
          options={PLACES}
          onChange={(v) => change([...at, "guide", "far"], v)}
        />
      )}
      <Pick
        label={worded("fingersPanel.line")}
        value={cut.line.kind}
        options={LINES}
        onChange={(k) => setLine(cut, at, k)}
      />
      {cut.line.kind === "flat" && (
        <>
          <Pick
            label={worded("fingersPanel.line-faces")}
            value={cut.line.facing}
            options={FACINGS}
            onChange={(v) => change([...at, "line", "facing"], v)}
          />
          <Stepper
            label={worded("fingersPanel.finger-angle")}
            value={cut.line.fingerDeg}
            step={5}
            {...within("flat", "fingerDeg")}
            unit="°"
            onChange={(v) => change([...at, "line", "fingerDeg"], v)}
          />
        </>
      )}
      {cut.line.kind === "level" && (
        <>
          <Pick
            label={worded("fingersPanel.set-at")}
            value={cut.line.place}
            options={PLACES}
            onChange={(v) => change([...at, "line", "place"], v)}
          />
          <Stepper
            label={worded("fingersPanel.falls-toward-the-back")}
            value={cut.line.fallsDeg}
            step={5}
            {...within("level", "fallsDeg")}
            unit="°"
            onChange={(v) => change([...at, "line", "fallsDeg"], v)}
          />
        </>
      )}
      {cut.line.kind === "slope" && (
        <>
          <Pick
            label={worded("fingersPanel.slopes-from")}
            value={cut.line.place}
            options={PLACES}
            onChange={(v) => change([...at, "line", "place"], v)}
          />
          <Pick
            label="to"
            value={cut.line.far}
            options={PLACES}
            onChange={(v) => change([...at, "line", "far"], v)}
          />
          <Stepper
            label={worded("common.length-there")}
            value={toShown(cut.line.farMm, units)}
            step={lengthStep(units)}
            least={leastStep(units)}
            min={0}
            max={inches ? 59 : 150}
            unit={unitOf(units)}
            onChange={(v) => change([...at, "line", "farMm"], toMm(v, units))}
          />
        </>
      )}
      <Stepper
        label={worded("common.bite")}
        value={inches ? toShown(cut.biteMm, units) : cut.biteMm}
        step={inches ? 0.125 : 1}
        min={inches ? 0.125 : within("fingers", "biteMm").min}
        max={inches ? 2.25 : within("fingers", "biteMm").max}
        unit={inches ? "in" : "mm"}
        onChange={(v) => change([...at, "biteMm"], inches ? toMm(v, units) : v)}
      />
      {cut.line.kind !== "off" && <HandPanel cut={cut} at={at} units={units} />}
    </div>
  );
}
