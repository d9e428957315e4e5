import { useState } from "react";
import { placeName } from "../api/names";
import type { Place, Round } from "../api/types";
import { write } from "../store/chairStore";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";

const LONGER = [0, 3, 5, 10, 15];
const SHORTER = LONGER.filter((mm) => mm > 0);

type LooksProps = {
  items: readonly number[];
  round: Round;
  checked: ReadonlyMap<number, number>;
  units: Units;
  shorter: (place: Place, move: string, mm: number) => void;
};

/** What to look at in one part; a touch on one that stands out asks by how much it is longer, or shorter. */
export function Looks({ items, round, checked, units, shorter }: LooksProps) {
  const [asked, setAsked] = useState<number | null>(null);
  return (
    <ul className="grid gap-2">
      {items.map((i) => {
        const mm = checked.get(i) ?? 0;
        const places = round.items[i]?.at ?? [];
        return (
          <li key={i}>
            <button
              type="button"
              aria-expanded={asked === i}
              className={`w-full cursor-pointer border-l-8 bg-base-200 p-3 text-left text-xl ${mm > 0 ? "border-accent" : "border-base-300"}`}
              onClick={() => setAsked(asked === i ? null : i)}
            >
              {mm > 0 && <b>{worded("checkRound.longer-by", { length: lengthWords(mm, units) })} </b>}
              {round.words[i]}
            </button>
            {asked === i && (
              <>
                <Misses
                  label={worded("checkRound.it-is-longer-there")}
                  of={LONGER}
                  chosen={checked.get(i)}
                  units={units}
                  tell={(longerMm) => {
                    write({ kind: "checked", item: i, longerMm });
                    setAsked(null);
                  }}
                />
                {places.map(
                  ({ place, move }) =>
                    move && (
                      <Misses
                        key={place}
                        label={worded("checkRound.it-is-shorter", { where: placeName(place) })}
                        of={SHORTER}
                        units={units}
                        tell={(by) => {
                          setAsked(null);
                          shorter(place, move, by);
                        }}
                      />
                    ),
                )}
              </>
            )}
          </li>
        );
      })}
    </ul>
  );
}

type MissesProps = {
  label: string;
  of: readonly number[];
  chosen?: number | undefined;
  units: Units;
  tell: (mm: number) => void;
};

/** By how much it is off, to be touched. */
function Misses({ label, of, chosen, units, tell }: MissesProps) {
  return (
    <fieldset className="mt-1 grid gap-1">
      <legend className="text-lg">{label}</legend>
      <span className="grid grid-cols-5 gap-2">
        {of.map((mm) => (
          <button
            key={mm}
            type="button"
            className={`btn h-16 text-xl ${mm === chosen ? "btn-neutral" : ""}`}
            onClick={() => tell(mm)}
          >
            {mm === 0 ? worded("checkRound.fine") : lengthWords(mm, units)}
          </button>
        ))}
      </span>
    </fieldset>
  );
}
