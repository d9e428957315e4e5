import { placeName } from "../api/names";
import type { PlanDocument } from "../api/types";
import { changes } from "../store/asks";
import { editPlan } from "../store/planStore";
import { Stepper } from "./Stepper";

type Section = PlanDocument["sections"][number];
type Between = {
  kind: string;
  by: string;
  min: number;
  max: number;
  minAt?: string;
  maxAt?: string;
};

/** Beyond this an end of a range is open: no hair lies there. */
const OPEN_MM = 350;
const OPEN_DEG = 180;

const BY: Record<string, [string, string]> = {
  aboveRidgeMm: ["above the ridge", "mm"],
  aboveHairlineMm: ["above the hairline", "mm"],
  fromApexMm: ["from the apex", "mm"],
  acrossMm: ["to the right of the centre", "mm"],
  fromCentreMm: ["from the centre", "mm"],
  forwardMm: ["in front of the ear canals", "mm"],
  belowApexMm: ["below the apex", "mm"],
  aroundDeg: ["round to the right", "°"],
};

type Edge = { limit: number; upper: boolean; name: string; value: number; unit: string };

/** The straight edges of a section as numbers, counted from what they are tied to. */
export function edgesOf(section: Section): Edge[] {
  return (section.limits as Between[]).flatMap((l, limit) => {
    if (l.kind !== "between") return [];
    const [from, unit] = BY[l.by] ?? [l.by, "mm"];
    const open = unit === "mm" ? OPEN_MM : OPEN_DEG;
    return [false, true].flatMap((upper) => {
      const value = upper ? l.max : l.min;
      const at = upper ? l.maxAt : l.minAt;
      if (Math.abs(value) >= open && !at) return [];
      const place = at ? `the ${placeName(at)}` : "";
      const name =
        unit === "mm"
          ? `${upper ? "Upper" : "Lower"} edge, ${place ? `from ${place}` : from}`
          : `${upper ? "Ends" : "Begins"} ${place ? `at ${place}, plus` : from}`;
      return [{ limit, upper, name, value, unit }];
    });
  });
}

type Props = { own: Section; sections: Section[]; shut: () => void };

/** What can be done to a section: its edges by number, split, joined, brought to the other side. */
export function SectionTools({ own, sections, shut }: Props) {
  const change = (what: string, other?: string) => {
    shut();
    void editPlan(changes.section({ what, section: own.id, other }));
  };
  return (
    <>
      <b>{own.name}</b>
      {edgesOf(own).map((e) => (
        <Stepper
          key={`${e.limit}/${e.upper}`}
          label={e.name}
          value={e.value}
          step={1}
          min={e.unit === "mm" ? -OPEN_MM : -OPEN_DEG}
          max={e.unit === "mm" ? OPEN_MM : OPEN_DEG}
          unit={e.unit}
          onChange={(value) =>
            void editPlan(
              changes.edge({
                section: own.id,
                limit: e.limit,
                upper: e.upper,
                fromX: 0,
                fromY: 0,
                x: 0,
                y: 0,
                value,
              }),
            )
          }
        />
      ))}
      <button type="button" className="btn touch" onClick={() => change("splitLevel")}>
        Split into lower and upper
      </button>
      <button type="button" className="btn touch" onClick={() => change("splitUpright")}>
        Split into front and back
      </button>
      <button type="button" className="btn touch" onClick={() => change("mirror")}>
        Bring to the other side
      </button>
      <label className="grid gap-1">
        Join with
        <select className="select touch" value="" onChange={(e) => change("join", e.target.value)}>
          <option value="">choose a section</option>
          {sections
            .filter((s) => s.id !== own.id)
            .map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
        </select>
      </label>
    </>
  );
}
