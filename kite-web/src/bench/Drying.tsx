import type { Dried, Styling } from "../api/types";
import { look } from "../store/lookStore";
import { change, usePlan } from "../store/planStore";
import { worded } from "../words/worded";

const DRIED: Record<Dried, string> = {
  air: worded("drying.by-the-air"),
  cloth: worded("drying.with-a-cloth"),
  nozzle: worded("drying.with-a-nozzle"),
  diffuser: worded("drying.with-a-diffuser"),
  ventBrush: worded("drying.on-a-vent-brush"),
  flatBrush: worded("drying.on-a-flat-brush"),
  roundBrush: worded("drying.on-a-round-brush"),
  iron: worded("drying.with-an-iron"),
};
/** When it is looked at: how long after drying, and how damp the air has been. */
export const LATER = {
  now: { name: worded("drying.just-dried"), hours: 0, dampAir: 0 },
  evening: { name: worded("drying.by-evening"), hours: 10, dampAir: 0.2 },
  rain: { name: worded("drying.after-rain"), hours: 4, dampAir: 1 },
  morning: { name: worded("drying.next-morning"), hours: 22, dampAir: 0.2 },
} as const;
/** With what the fallen hair was dried, and when it is looked at: hours and damp air undo it. */
export function Drying() {
  const styling: Styling = usePlan((s) => s.document?.styling) ?? {};
  return (
    <div className="flex gap-x-1">
      <label>
        <span className="sr-only">{worded("drying.dried")}</span>
        <select
          className="select touch w-44"
          value={styling.dried ?? "air"}
          onChange={(e) => {
            change(["styling"], { ...styling, dried: e.target.value });
            look({ shown: "fallen" });
          }}
        >
          {Object.entries(DRIED).map(([dried, name]) => (
            <option key={dried} value={dried}>
              {worded("drying.dried-2", { name })}
            </option>
          ))}
        </select>
      </label>
      <label>
        <span className="sr-only">{worded("drying.when")}</span>
        <select
          className="select touch w-34"
          value={
            Object.entries(LATER).find(
              ([, l]) => l.hours === (styling.hours ?? 0) && l.dampAir === (styling.dampAir ?? 0),
            )?.[0] ?? "now"
          }
          onChange={(e) => {
            const { hours, dampAir } = LATER[e.target.value as keyof typeof LATER];
            change(["styling"], { ...styling, hours, dampAir });
            look({ shown: "fallen" });
          }}
        >
          {Object.entries(LATER).map(([when, l]) => (
            <option key={when} value={when}>
              {l.name}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
