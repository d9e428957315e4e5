import { useEffect } from "react";
import { VIEW_NAMES } from "../draw/views";
import { look, type Shown, turnTo, useLook } from "../store/lookStore";
import { choose, useChosen, usePlan } from "../store/planStore";
import { worded } from "../words/worded";
import { MOST_WEEKS } from "./worn";

const SHOWN: Record<string, Shown> = { b: "bare", s: "standing", f: "fallen" };

/** What each key of the bench does, as it is told by "?". A foot pedal sends Page Down and Page Up. */
export const BENCH_KEYS = [
  [worded("useBenchKeys.page-down-pedal-right"), worded("useBenchKeys.next-move")],
  [worded("useBenchKeys.page-up-pedal-left"), worded("useBenchKeys.move-before")],
  ["1 to 5", worded("useBenchKeys.seen-from-the", { views: VIEW_NAMES.join(", ") })],
  [worded("useBenchKeys.arrow-keys-on-the"), worded("useBenchKeys.turn-it-freely")],
  ["b, s, f", worded("useBenchKeys.hair-bare-standing-fallen")],
  ["w", worded("useBenchKeys.the-whole-plan-or")],
  ["x", worded("useBenchKeys.the-shape-before-seen")],
  ["i, o", worded("useBenchKeys.next-bite-bite-before")],
  ["+ and −", worded("useBenchKeys.a-week-of-growth")],
  [worded("useBenchKeys.ctrl-z-ctrl-shift"), worded("useBenchKeys.undo-redo")],
  [worded("useBenchKeys.escape"), worded("useBenchKeys.shut-what-is-open")],
  ["?", worded("useBenchKeys.these-keys")],
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
