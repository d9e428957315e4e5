import type { RankLine } from "../api/types";
import { worded } from "../words/worded";

/** How far the fitting of the families is. */
export function Fitting({ line }: { line: RankLine }) {
  return (
    <p className="mt-2 flex items-center gap-3" aria-live="polite">
      <progress
        className="progress w-40"
        value={line.done ?? 0}
        max={line.of ?? 20}
        aria-label={worded("fitting.fitting")}
      />
      {worded("fitting.fitting-shapes-to-this")}
    </p>
  );
}
