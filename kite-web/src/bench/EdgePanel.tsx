import type { Outline } from "../api/types";
import { change } from "../store/planStore";
import { Stepper } from "./Stepper";

const RAISE = {
  halfMoon: ["Off the ear", -80, 20],
  sideburn: ["Above its natural end", -60, 40],
  nape: ["Above the hairline", -300, 40],
} as const;

const TAPER = [
  ["lengthMm", "At the hairline", 0, 30],
  ["farMm", "Where it ends", 1, 80],
  ["sideburnMm", "High at the sideburn", 2, 120],
  ["behindEarMm", "High behind the ear", 2, 120],
  ["napeMm", "High at the nape", 2, 120],
] as const;

/** The numbers of an outline. */
export function EdgePanel({ outline, at }: { outline: Outline; at: (string | number)[] }) {
  if (outline.kind === "hardLine") return null;
  if (outline.kind === "taper")
    return (
      <div className="grid grid-cols-2 gap-3">
        {TAPER.map(([field, label, min, max]) => (
          <Stepper
            key={field}
            label={label}
            value={outline[field]}
            step={0.5}
            min={min}
            max={max}
            unit="mm"
            onChange={(v) => change([...at, field], v)}
          />
        ))}
      </div>
    );
  const [label, min, max] = RAISE[outline.kind];
  return (
    <Stepper
      large
      label={label}
      value={outline.raiseMm}
      step={1}
      min={min}
      max={max}
      unit="mm"
      onChange={(v) => change([...at, "raiseMm"], v)}
    />
  );
}
