import type { Styling, Way } from "../api/types";
import { change, usePlan } from "../store/planStore";

const WAYS: Record<Way, string> = {
  natural: "as it falls",
  forward: "forward",
  back: "back",
  left: "to the left",
  right: "to the right",
  up: "up",
};
const MOST_WEEKS = 16;

type Props = { week: number; setWeek: (week: number) => void };

/** How the hair is worn, and how many weeks it has grown. */
export function HairControls({ week, setWeek }: Props) {
  const styling: Styling = usePlan((s) => s.document?.styling) ?? {};
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
      <label className="flex items-center gap-2">
        Worn
        <select
          className="select touch w-auto"
          value={styling.way ?? "natural"}
          onChange={(e) => change(["styling"], { ...styling, way: e.target.value })}
        >
          {Object.entries(WAYS).map(([way, name]) => (
            <option key={way} value={way}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label className="flex min-w-56 flex-1 items-center gap-3">
        <span className="w-24 whitespace-nowrap">
          {week === 0 ? "just cut" : `${week} ${week === 1 ? "week" : "weeks"}`}
        </span>
        <input
          type="range"
          className="range flex-1"
          aria-label="Weeks of growth"
          min={0}
          max={MOST_WEEKS}
          step={1}
          value={week}
          onChange={(e) => setWeek(Number(e.target.value))}
        />
      </label>
    </div>
  );
}
