import { placeName } from "../api/names";
import type { PlanDocument } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { changes } from "../store/asks";
import { editPlan } from "../store/planStore";
import { worded } from "../words/worded";

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
  aboveRidgeMm: [worded("sectionTools.above-the-ridge"), "mm"],
  aboveHairlineMm: [worded("sectionTools.above-the-hairline"), "mm"],
  fromApexMm: [worded("sectionTools.from-the-apex"), "mm"],
  acrossMm: [worded("sectionTools.to-the-right-of"), "mm"],
  fromCentreMm: [worded("sectionTools.from-the-centre"), "mm"],
  forwardMm: [worded("sectionTools.in-front-of-the"), "mm"],
  belowApexMm: [worded("sectionTools.below-the-apex"), "mm"],
  aroundDeg: [worded("sectionTools.round-to-the-right"), "°"],
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
      const place = at ? worded("sectionTools.the", { place: placeName(at) }) : "";
      const name =
        unit === "mm"
          ? worded("sectionTools.edge", {
              which: upper ? worded("sectionTools.upper") : worded("sectionTools.lower"),
              place: place ? worded("sectionTools.from", { place }) : from,
            })
          : `${upper ? worded("sectionTools.ends") : worded("sectionTools.begins")} ${place ? worded("sectionTools.at-plus", { place }) : from}`;
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
        {worded("sectionTools.split-into-lower-and")}
      </button>
      <button type="button" className="btn touch" onClick={() => change("splitUpright")}>
        {worded("sectionTools.split-into-front-and")}
      </button>
      <button type="button" className="btn touch" onClick={() => change("mirror")}>
        {worded("sectionTools.bring-to-the-other")}
      </button>
      <label className="grid gap-1">
        {worded("sectionTools.join-with")}
        <select className="select touch" value="" onChange={(e) => change("join", e.target.value)}>
          <option value="">{worded("sectionTools.choose-a-section")}</option>
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
