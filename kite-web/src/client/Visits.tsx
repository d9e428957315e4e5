import { useState } from "react";
import type { VisitRow } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { Empty } from "../frame/States";
import { Trail } from "../frame/Trail";
import type { Units } from "../store/units";
import { CompareVisits } from "./CompareVisits";

const dated = (at: string) =>
  new Date(at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" });

/** The string of visits, the newest first; any two of them held against each other. */
export function Visits({ rows, units }: { rows: VisitRow[]; units: Units }) {
  const [picked, setPicked] = useState<number[]>([]);
  const pick = (id: number) =>
    setPicked((p) => (p.includes(id) ? p.filter((x) => x !== id) : [...p, id].slice(-2)));
  const chosen = rows.filter((v) => picked.includes(v.id));
  return (
    <section aria-label="Visits">
      <h2 className="mt-5 font-bold text-xl">Visits</h2>
      {rows.length === 0 && <Empty>No visit yet. It is written here when a cut is finished.</Empty>}
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
                {dated(v.finishedAt)} · {v.stylist} · {v.minutes} min · {v.movesDone} moves
                {v.priceCents !== undefined && ` · ${(v.priceCents / 100).toFixed(2)}`}
              </p>
              {v.remarks && <p>{v.remarks}</p>}
              <Trail of={{ what: "visit", id: v.id }} />
            </div>
            <button
              type="button"
              className="btn touch self-center"
              aria-pressed={picked.includes(v.id)}
              onClick={() => pick(v.id)}
            >
              {picked.includes(v.id) ? "Put back" : "Look at"}
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
