import type { Styling } from "../api/types";
import { MOST_WEEKS, WAYS, weekWords } from "../parts/worn";
import { bitesOnHair, look, useLook } from "../store/lookStore";
import { change, usePlan } from "../store/planStore";
import { worded } from "../words/worded";
import { Longest } from "./Longest";

/** How the hair is worn, and how many weeks it has grown; growth lets the hair fall. */
export function HairControls() {
  const week = useLook((s) => s.week);
  const styling: Styling = usePlan((s) => s.document?.styling) ?? {};
  const inHand = useLook(bitesOnHair);
  // Hair that is being cut is neither worn nor grown.
  if (inHand) return null;
  return (
    <div className="z-10 flex flex-wrap items-center justify-end gap-x-2 rounded-box bg-base-100/85 lg:absolute lg:right-0 lg:bottom-0">
      <label>
        <span className="sr-only">{worded("hairControls.worn")}</span>
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
              {worded("hairControls.worn-2", { name })}
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-2">
        <span className="w-20 whitespace-nowrap text-right">{weekWords(week)}</span>
        <input
          type="range"
          className="range w-24 xl:w-36"
          aria-label={worded("hairControls.weeks-of-growth")}
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
