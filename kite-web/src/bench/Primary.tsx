import type { Cut } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { change } from "../store/planStore";
import { leastStep, lengthStep, toMm, toShown, type Units, unitOf } from "../store/units";
import { worded } from "../words/worded";
import { RAISE } from "./numbers";

/** The one number by which a move is known, large. */
export function Primary({ cut, at, units }: { cut: Cut; at: (string | number)[]; units: Units }) {
  if (cut.kind === "fingers") {
    const takesOver = cut.guide.kind === "seen" || cut.guide.kind === "two";
    return (
      <Stepper
        large
        label={
          cut.line.kind === "off"
            ? worded("primary.off-the-ends")
            : takesOver
              ? worded("primary.beyond-the-guide")
              : worded("primary.guide-length")
        }
        value={toShown(cut.line.lengthMm, units)}
        step={lengthStep(units)}
        least={leastStep(units)}
        min={0}
        max={units === "inch" ? 59 : 150}
        unit={unitOf(units)}
        onChange={(v) => change([...at, "line", "lengthMm"], toMm(v, units))}
      />
    );
  }
  if (cut.kind === "comb" && cut.offMm)
    return (
      <Stepper
        large
        label={worded("primary.off-the-ends")}
        value={cut.offMm}
        step={0.5}
        min={0.5}
        max={60}
        unit="mm"
        onChange={(v) => change([...at, "offMm"], v)}
      />
    );
  if (cut.kind === "comb")
    return (
      <Stepper
        large
        label={worded("primary.off-the-skin-at")}
        value={cut.gapMm}
        step={0.5}
        least={0.5}
        min={0}
        max={60}
        unit="mm"
        onChange={(v) => change([...at, "gapMm"], v)}
      />
    );
  if (cut.kind === "guard")
    return (
      <Stepper
        large
        label={worded("primary.guard-number")}
        value={cut.number}
        step={0.5}
        least={0.5}
        min={0}
        max={12}
        unit=""
        onChange={(v) => change([...at, "number"], v)}
      />
    );
  if (cut.kind !== "edge" || cut.outline.kind === "hardLine" || cut.outline.kind === "taper") return null;
  const [label, { min, max }] = RAISE[cut.outline.kind];
  return (
    <Stepper
      large
      label={label}
      value={cut.outline.raiseMm}
      step={1}
      min={min}
      max={max}
      unit="mm"
      onChange={(v) => change([...at, "outline", "raiseMm"], v)}
    />
  );
}
