import type { Walk } from "../api/types";
import { lengthWords, stepOf, toMm, toShown, type Units, unitOf } from "../store/units";
import { worded } from "../words/worded";
import { marksOf, nearestAt, WALK_NAMES } from "./walks";

type TableProps = { walk: Walk; units: Units; set?: (atMm: number, lengthMm: number) => void };

/** The same in numbers: what is left at every named place of the walk, to be typed over. */
export function ProfileTable({ walk, units, set }: TableProps) {
  const end = walk.afterMove.at(-1)?.lengthMm ?? walk.beforeMm;
  return (
    <table
      className="table-sm table"
      aria-label={worded("profileTable.lengths", { walk: WALK_NAMES[walk.walk] })}
    >
      <thead>
        <tr className="text-base-content">
          <th>{worded("profileTable.place")}</th>
          <th>{worded("profileTable.now")}</th>
          <th>{worded("profileTable.left-in-the-end", { unitOf: unitOf(units) })}</th>
        </tr>
      </thead>
      <tbody>
        {marksOf(walk).map(({ place, name, atMm }) => (
          <tr key={place}>
            <th scope="row" className="font-normal">
              {name}
            </th>
            <td>{lengthWords(walk.beforeMm[nearestAt(walk, atMm)] as number, units)}</td>
            <td>
              <Cell
                label={worded("profileTable.length-at-the-in", { name, unitOf: unitOf(units) })}
                mm={end[nearestAt(walk, atMm)] as number}
                units={units}
                set={set && ((mm) => set(atMm, mm))}
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type CellProps = { label: string; mm: number; units: Units; set?: (mm: number) => void };

function Cell({ label, mm, units, set }: CellProps) {
  const shown = toShown(mm, units);
  if (!set) return <b>{shown}</b>;
  return (
    <input
      key={shown}
      type="number"
      className="input touch w-24 text-right font-bold"
      aria-label={label}
      defaultValue={shown}
      min={0}
      max={toShown(1500, units)}
      step={stepOf(units) / 5}
      onBlur={(e) => {
        const v = Number(e.target.value);
        if (e.target.value !== "" && v !== shown && v >= 0) set(toMm(v, units));
      }}
      onKeyDown={(e) => e.key === "Enter" && (e.target as HTMLInputElement).blur()}
    />
  );
}
