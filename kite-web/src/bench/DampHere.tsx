import type { Move } from "../api/types";
import { change } from "../store/planStore";
import { worded } from "../words/worded";

const DAMPS: readonly (readonly [Move["damp"], string])[] = [
  ["wet", worded("handlingPanel.wet")],
  ["damp", worded("handlingPanel.damp")],
  ["dry", worded("handlingPanel.dry")],
];

/** How wet the hair of a move is, changed where it stands. */
export function DampHere({ move, index }: { move: Move; index: number }) {
  return (
    <select
      aria-label={worded("handlingPanel.hair-is")}
      className="cursor-pointer appearance-none border-primary border-b-2 border-dotted bg-transparent font-bold leading-8"
      value={move.damp}
      onChange={(e) =>
        change(["moves", index, "damp"], DAMPS.find(([d]) => d === e.target.value)?.[0] ?? move.damp)
      }
    >
      {DAMPS.map(([damp, name]) => (
        <option key={damp} value={damp}>
          {name}
        </option>
      ))}
    </select>
  );
}
