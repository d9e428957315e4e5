import { within } from "../api/range";
import type { Outline } from "../api/types";
import { change } from "../store/planStore";
import { NAPE_FORMS } from "./napeForms";
import { Pick } from "./Pick";
import { Stepper } from "./Stepper";

const TAPER = [
  ["lengthMm", "At the hairline"],
  ["farMm", "Where it ends"],
  ["sideburnMm", "High at the sideburn"],
  ["behindEarMm", "High behind the ear"],
  ["napeMm", "High at the nape"],
] as const;

const OVER = [
  ["", "The bare blade"],
  ["clipper", "Clipper over a comb turned in a C"],
  ["scissors", "Scissors over a comb turned in a C"],
] as const;

/** The numbers of an outline but how far it is raised. */
export function EdgePanel({ outline, at }: { outline: Outline; at: (string | number)[] }) {
  if (outline.kind === "nape")
    return (
      <div className="grid grid-cols-2 gap-3">
        <Pick
          label="Nape shape"
          value={outline.form}
          options={NAPE_FORMS}
          onChange={(v) => change([...at, "form"], v)}
        />
        <Stepper
          label="Corners rounded by"
          value={outline.cornerRadiusMm}
          step={1}
          {...within("napeLine", "cornerRadiusMm")}
          unit="mm"
          onChange={(v) => change([...at, "cornerRadiusMm"], v)}
        />
      </div>
    );
  if (outline.kind !== "taper") return null;
  return (
    <div className="grid grid-cols-2 gap-3">
      <Pick
        label="Cut with"
        value={outline.over ?? ""}
        options={OVER}
        onChange={(v) => change([...at, "over"], v || undefined)}
      />
      {TAPER.map(([field, label]) => (
        <Stepper
          key={field}
          label={label}
          value={outline[field]}
          step={0.5}
          {...within("taper", field)}
          unit="mm"
          onChange={(v) => change([...at, field], v)}
        />
      ))}
    </div>
  );
}
