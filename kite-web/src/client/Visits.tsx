import { useState } from "react";
import type { VisitRow } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { Empty } from "../frame/States";
import { Trail } from "../frame/Trail";
import { priced } from "../parts/price";
import { sightName } from "../parts/sights";
import { momentTold } from "../store/shopTime";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { CompareVisits } from "./CompareVisits";

/** The string of visits, the newest first; any two of them held against each other. */
export function Visits({ rows, units }: { rows: VisitRow[]; units: Units }) {
  const [picked, setPicked] = useState<number[]>([]);
  const pick = (id: number) =>
    setPicked((p) => (p.includes(id) ? p.filter((x) => x !== id) : [...p, id].slice(-2)));
  const chosen = rows.filter((v) => picked.includes(v.id));
  return (
    <section aria-label={worded("visits.visits")}>
      <h2 className="mt-5 font-bold text-xl">{worded("visits.visits")}</h2>
      {rows.length === 0 && <Empty>{worded("visits.no-visit-yet-it")}</Empty>}
      {chosen.length > 0 && <CompareVisits rows={chosen} units={units} />}
      <ol className="mt-2 grid gap-3">
        {rows.map((v) => (
          <li
            key={v.id}
            data-testid="visit"
            className={`flex gap-3 border-l-4 bg-base-200 p-3 ${picked.includes(v.id) ? "border-primary" : "border-secondary"}`}
          >
            <StillHead of={`visits/${v.id}`} version={1} name={v.title} className="h-20 w-16" />
            <div className="flex-1">
              <b>{v.title}</b>
              <p className="soft">
                {worded("visits.what-was-done", {
                  dated: momentTold(v.finishedAt),
                  stylist: v.stylist,
                  minutes: v.minutes,
                  movesDone: v.movesDone,
                })}
                {v.priceCents !== undefined && ` · ${priced(v.priceCents)}`}
              </p>
              {v.liked && <p>{worded("visits.the-client-said", { what: sightName(v.liked) })}</p>}
              {v.remarks && <p>{v.remarks}</p>}
              <Trail of={{ what: "visit", id: v.id }} />
            </div>
            <button
              type="button"
              className="btn touch self-center"
              aria-pressed={picked.includes(v.id)}
              onClick={() => pick(v.id)}
            >
              {picked.includes(v.id) ? worded("visits.put-back") : worded("visits.look-at")}
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
