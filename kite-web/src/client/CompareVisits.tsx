import { useQueries } from "@tanstack/react-query";
import { api, said } from "../api/http";
import { placeName } from "../api/names";
import type { Place, VisitLengths, VisitRow } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { Problem } from "../frame/Problem";
import { dayTold } from "../store/shopTime";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";

const day = (v: VisitRow) => dayTold(v.finishedAt);

/** One visit, planned against measured, or two side by side: heads first, then what was left where. */
export function CompareVisits({ rows, units }: { rows: VisitRow[]; units: Units }) {
  const asked = useQueries({
    queries: rows.map((v) => ({
      queryKey: ["visit-lengths", v.id],
      queryFn: () => said(api.GET("/api/visits/{id}/lengths", { params: { path: { id: v.id } } })),
      staleTime: Number.POSITIVE_INFINITY,
    })),
  });
  const failed = asked.find((a) => a.error)?.error;
  const told = asked.map((a) => a.data);
  const places = told[0]?.places.map((p) => p.place) ?? [];
  const at = (i: number, place: Place) => told[i]?.places.find((p) => p.place === place);
  return (
    <div className="mt-2 rounded-box border-2 border-base-300 p-3">
      <div className="flex gap-4">
        {rows.map((v) => (
          <figure key={v.id} className="flex-1">
            <span className="flex">
              {["right", "back"].map((view) => (
                <StillHead
                  key={view}
                  of={`visits/${v.id}`}
                  version={1}
                  view={view}
                  name={v.title}
                  className="h-40 min-w-0 flex-1"
                />
              ))}
            </span>
            <figcaption>
              <b>{v.title}</b>
              {worded("compareVisits.min", { day: day(v), minutes: v.minutes })}
            </figcaption>
          </figure>
        ))}
      </div>
      <Problem error={failed} />
      {rows.map((v, i) => (
        <Happened key={v.id} told={told[i]} day={rows.length > 1 ? day(v) : ""} units={units} />
      ))}
      {told.every(Boolean) && (
        <table className="mt-2 w-full">
          <thead>
            <tr className="text-left">
              <th>{worded("compareVisits.left-at")}</th>
              {rows.map((v) => (
                <th key={v.id}>{rows.length === 1 ? worded("compareVisits.planned") : day(v)}</th>
              ))}
              {rows.length === 1 && <th>{worded("compareVisits.measured")}</th>}
            </tr>
          </thead>
          <tbody>
            {places.map((p) => {
              const [a, b] = [at(0, p), at(1, p)];
              const far = b && a && Math.abs(a.plannedMm - b.plannedMm) > 5;
              return (
                <tr key={p} className={`border-base-300 border-t ${far ? "font-bold" : ""}`}>
                  <th className="text-left font-normal">{placeName(p)}</th>
                  {rows.map((v, i) => (
                    <td key={v.id} className="tabular-nums">
                      {lengthWords(at(i, p)?.plannedMm ?? 0, units)}
                    </td>
                  ))}
                  {rows.length === 1 && (
                    <td className="tabular-nums">
                      {a?.measuredMm === undefined ? "" : lengthWords(a.measuredMm, units)}
                    </td>
                  )}
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </div>
  );
}

type HappenedProps = { told?: VisitLengths; day: string; units: Units };

/** What went otherwise than planned: taken too much, left out. */
function Happened({ told, day, units }: HappenedProps) {
  if (!told || told.slips.length + told.skipped.length === 0) return null;
  return (
    <ul className="mt-2 border-accent border-l-4 pl-3">
      {told.slips.map((s, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: in the order they were
        <li key={i}>
          {day && `${day}: `}
          {worded("compareVisits.cut-too-short", {
            where: placeName(s.place),
            length: lengthWords(s.mm, units),
          })}
        </li>
      ))}
      {told.skipped.map((s) => (
        <li key={s.name}>
          {day && `${day}: `}
          {worded("compareVisits.left-out", { name: s.name, reason: s.reason || "–" })}
        </li>
      ))}
    </ul>
  );
}
