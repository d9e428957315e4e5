import { PLACES } from "../api/names";
import type { Place } from "../api/types";
import { worded } from "../words/worded";

/** A place of the head by its name; it can be touched on the head as well. */
export function PlacePick({ place, choose }: { place: Place; choose: (p: Place) => void }) {
  return (
    <label className="grid gap-1 text-lg">
      {worded("slip.where")}
      <select
        className="select touch w-56 text-lg"
        value={place}
        onChange={(e) => choose(PLACES.find(([id]) => id === e.target.value)?.[0] ?? place)}
      >
        {PLACES.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
