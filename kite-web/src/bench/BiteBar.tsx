import type { GripRow } from "../api/types";
import { look, useLook } from "../store/lookStore";

/** One bite of the chosen move after another, as it lies in the hand, on the head and on the map. */
export function BiteBar({ grip, made }: { grip?: GripRow; made: number }) {
  const bite = useLook((s) => s.bite);
  const bites = grip?.bites ?? made;
  if (made === 0) return <b>Scalp map</b>;
  const step = (by: number) =>
    look({ bite: Math.min(bites, Math.max(1, (bite ?? 0) + by)), shown: "bare", whole: false });
  if (bite === null)
    return (
      <button type="button" className="btn touch" onClick={() => step(1)}>
        Show the bite
      </button>
    );
  return (
    <span className="flex items-center gap-1">
      <button type="button" className="btn touch px-2" aria-label="Bite before" onClick={() => step(-1)}>
        ‹
      </button>
      <b className="tabular-nums">
        bite {Math.min(bite, bites)} of {bites}
      </b>
      <button type="button" className="btn touch px-2" aria-label="Next bite" onClick={() => step(1)}>
        ›
      </button>
      <button type="button" className="touch cursor-pointer underline" onClick={() => look({ bite: null })}>
        hide
      </button>
    </span>
  );
}
