import type { GripRow } from "../api/types";
import { look, useLook } from "../store/lookStore";
import { worded } from "../words/worded";

/** One bite of the chosen move after another, as it lies in the hand, on the head and on the map. */
export function BiteBar({ grip, made }: { grip?: GripRow; made: number }) {
  const bite = useLook((s) => s.bite);
  const shown = useLook((s) => s.shown);
  const bites = grip?.bites ?? made;
  if (made === 0) return <b>{worded("biteBar.scalp-map")}</b>;
  // At first on hair; on painted lengths where that is what is looked at from then on.
  const on = bite !== null && shown === "bare" ? "bare" : "fallen";
  const step = (by: number) =>
    look({ bite: Math.min(bites, Math.max(1, (bite ?? 0) + by)), shown: on, whole: false, week: 0 });
  if (bite === null)
    return (
      <button type="button" className="btn touch" onClick={() => step(1)}>
        {worded("biteBar.show-the-bite")}
      </button>
    );
  return (
    <span className="flex items-center gap-1">
      <button
        type="button"
        className="btn touch px-2"
        aria-label={worded("biteBar.bite-before")}
        onClick={() => step(-1)}
      >
        ‹
      </button>
      <b className="tabular-nums">{worded("biteBar.bite-of", { bite: Math.min(bite, bites), bites })}</b>
      <button
        type="button"
        className="btn touch px-2"
        aria-label={worded("biteBar.next-bite")}
        onClick={() => step(1)}
      >
        ›
      </button>
      {shown === "fallen" && (
        <button
          type="button"
          className="btn touch px-2"
          onClick={() => useLook.setState((s) => ({ played: s.played + 1 }))}
        >
          {worded("biteBar.play")}
        </button>
      )}
      <button type="button" className="touch cursor-pointer underline" onClick={() => look({ bite: null })}>
        {worded("biteBar.hide")}
      </button>
    </span>
  );
}
