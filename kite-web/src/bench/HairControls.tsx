import type { Styling, Way } from "../api/types";
import { look, useLook } from "../store/lookStore";
import { change, usePlan } from "../store/planStore";
import { Longest } from "./Longest";

const WAYS: Record<Way, string> = {
  natural: "as it falls",
  forward: "forward",
  back: "back",
  left: "to the left",
  right: "to the right",
  up: "up",
};
export const MOST_WEEKS = 16;

export const weekWords = (week: number) =>
  week === 0 ? "just cut" : `${week} ${week === 1 ? "week" : "weeks"}`;

/** How the hair is worn, and how many weeks it has grown; growth lets the hair fall. */
export function HairControls() {
  const week = useLook((s) => s.week);
  const styling: Styling = usePlan((s) => s.document?.styling) ?? {};
  return (
    <div className="z-10 flex items-center justify-end gap-x-2 rounded-box bg-base-100/85 lg:absolute lg:right-0 lg:bottom-0">
      <label>
        <span className="sr-only">Worn</span>
        <select
          className="select touch w-40"
          value={styling.way ?? "natural"}
          onChange={(e) => {
            change(["styling"], { ...styling, way: e.target.value });
            look({ shown: "fallen" });
          }}
        >
          {Object.entries(WAYS).map(([way, name]) => (
            <option key={way} value={way}>
              worn {name}
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-2">
        <span className="w-20 whitespace-nowrap text-right">{weekWords(week)}</span>
        <input
          type="range"
          className="range w-24 xl:w-36"
          aria-label="Weeks of growth"
          min={0}
          max={MOST_WEEKS}
          step={1}
          value={week}
          onChange={(e) => look({ week: Number(e.target.value), shown: "fallen" })}
        />
      </label>
      <Longest />
    </div>
  );
}
