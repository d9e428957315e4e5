import type { PickGroup, SitDocument } from "../api/types";
import { isPicked, pick } from "./sitStore";
import { TILE } from "./usePickStrips";

type RowsProps = { groups: PickGroup[]; document: SitDocument; strips: Record<string, string> };

/** Several picks, two beside each other where they fit. */
export function PickRows({ groups, document, strips }: RowsProps) {
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-4">
      {groups.map((g) => (
        <PickRow key={g.id} group={g} document={document} strip={strips[g.id]} />
      ))}
    </div>
  );
}

type Props = { group: PickGroup; document: SitDocument; strip?: string };

/** A pick: drawn heads in a row, one of them chosen. Arrow keys move, as in any group of radio buttons. */
function PickRow({ group, document, strip }: Props) {
  return (
    <fieldset className="min-w-0">
      <legend className="font-bold text-lg">{group.title}</legend>
      <p className="soft text-sm" style={{ maxWidth: Math.max(3, group.options.length) * (TILE.width + 12) }}>
        {group.why}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {group.options.map((o, i) => {
          const on = isPicked(document, o.set);
          return (
            <label
              key={o.id}
              className={`pick cursor-pointer overflow-hidden rounded-box border-2 bg-base-200 ${on ? "border-primary" : "border-base-300"}`}
              style={{ width: TILE.width + 4 }}
            >
              <input
                type="radio"
                name={group.id}
                className="sr-only"
                checked={on}
                onChange={() => pick(o.set)}
                aria-label={`${group.title}: ${o.title}`}
              />
              <span
                aria-hidden="true"
                className="block"
                style={{
                  height: TILE.height,
                  backgroundImage: strip && `url(${strip})`,
                  backgroundSize: `${TILE.width * group.options.length}px ${TILE.height}px`,
                  backgroundPosition: `${-TILE.width * i}px 0`,
                }}
              />
              <span
                aria-hidden="true"
                className={`block px-1 py-0.5 text-center ${on ? "bg-primary font-bold text-primary-content" : ""}`}
              >
                {o.title}
              </span>
            </label>
          );
        })}
      </div>
    </fieldset>
  );
}
