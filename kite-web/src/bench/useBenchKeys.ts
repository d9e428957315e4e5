import { useEffect } from "react";
import { VIEW_NAMES } from "../draw/views";
import { look, type Shown, turnTo, useLook } from "../store/lookStore";
import { choose, useChosen, usePlan } from "../store/planStore";
import { MOST_WEEKS } from "./HairControls";

const SHOWN: Record<string, Shown> = { b: "bare", s: "standing", f: "fallen" };

/** What each key of the bench does, as it is told by "?". A foot pedal sends Page Down and Page Up. */
export const BENCH_KEYS = [
  ["Page Down, pedal right", "next move"],
  ["Page Up, pedal left", "move before"],
  ["1 to 5", `seen from the ${VIEW_NAMES.join(", ")}`],
  ["Arrow keys on the head", "turn it freely"],
  ["b, s, f", "hair bare, standing, fallen"],
  ["w", "the whole plan, or the chosen move"],
  ["x", "the shape before, seen through"],
  ["i, o", "next bite, bite before"],
  ["+ and −", "a week of growth more, less"],
  ["Ctrl Z, Ctrl Shift Z", "undo, redo"],
  ["Escape", "shut what is open"],
  ["?", "these keys"],
] as const;

function move(by: number): void {
  const count = usePlan.getState().document?.moves.length ?? 0;
  choose(Math.min(count - 1, Math.max(0, useChosen.getState().chosen + by)));
}

function grow(by: number): void {
  const week = Math.min(MOST_WEEKS, Math.max(0, useLook.getState().week + by));
  look({ week, shown: "fallen" });
}

function act(key: string, help: () => void): boolean {
  const { whole, xray, bite } = useLook.getState();
  const view = VIEW_NAMES[Number(key) - 1];
  const shown = SHOWN[key];
  if (key === "PageDown") move(1);
  else if (key === "PageUp") move(-1);
  else if (view) turnTo(view);
  else if (shown) look({ shown });
  else if (key === "w") look({ whole: !whole });
  else if (key === "x") look({ xray: !xray });
  else if (key === "i") look({ bite: (bite ?? 0) + 1, shown: "bare" });
  else if (key === "o") look({ bite: bite === null || bite < 2 ? null : bite - 1 });
  else if (key === "+" || key === "=") grow(1);
  else if (key === "-") grow(-1);
  else if (key === "?") help();
  else return false;
  return true;
}

/** Keys of the bench; none while something is typed. */
export function useBenchKeys(help: () => void): void {
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey) return;
      if (e.target instanceof HTMLElement && e.target.matches("input:not([type=range]), textarea, select"))
        return;
      if (act(e.key, help)) e.preventDefault();
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  }, [help]);
}
