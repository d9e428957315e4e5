import { within } from "../api/range";
import type { Outline } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { change } from "../store/planStore";
import { worded } from "../words/worded";
import { NAPE_FORMS } from "./napeForms";
import { Pick } from "./Pick";

const TAPER = [
  ["lengthMm", worded("edgePanel.at-the-hairline")],
  ["farMm", worded("edgePanel.where-it-ends")],
  ["sideburnMm", worded("edgePanel.high-at-the-sideburn")],
  ["behindEarMm", worded("edgePanel.high-behind-the-ear")],
  ["napeMm", worded("edgePanel.high-at-the-nape")],
] as const;

const OVER = [
  ["", worded("edgePanel.the-bare-blade")],
  ["clipper", worded("edgePanel.clipper-over-a-comb")],
  ["scissors", worded("edgePanel.scissors-over-a-comb")],
] as const;

/** The numbers of an outline but how far it is raised. */
export function EdgePanel({ outline, at }: { outline: Outline; at: (string | number)[] }) {
  if (outline.kind === "nape")
    return (
      <div className="grid grid-cols-2 gap-3">
        <Pick
          label={worded("common.nape-shape")}
          value={outline.form}
          options={NAPE_FORMS}
          onChange={(v) => change([...at, "form"], v)}
        />
        <Stepper
          label={worded("edgePanel.corners-rounded-by")}
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
        label={worded("edgePanel.cut-with")}
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
