import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, carriedOut, said } from "../api/http";
import type { AppointmentRow, PushedRow } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { clock, minuteOf } from "../parts/times";
import { worded } from "../words/worded";

type Props = { row: AppointmentRow; zone: string; done: () => void; shut: () => void };
type Paper = { personId: number; rows: PushedRow[] };

const STEP_MS = 5 * 60_000;

/** This appointment ends later: what that does to those after it, on paper until it is said yes to. */
export function Late({ row, zone, done, shut }: Props) {
  const [freeAt, setFreeAt] = useState(
    () => Math.ceil(Math.max(Date.parse(row.endsAt), Date.now()) / STEP_MS + 2) * STEP_MS,
  );
  const iso = new Date(freeAt).toISOString();
  const paper = useQuery({
    queryKey: ["late", row.personId, iso],
    queryFn: () =>
      said(api.GET("/api/diary/late", { params: { query: { personId: row.personId, freeAt: iso } } })),
    placeholderData: (last) => last,
  });
  const move = useMutation({
    mutationFn: (p: Paper) => carriedOut(api.POST("/api/diary/late", { body: p })),
    onSuccess: done,
    onError: () => paper.refetch(),
  });
  const rows = paper.data?.rows ?? [];
  const at = (t: string) => clock(minuteOf(t, zone));
  return (
    <Dialog title={worded("late.runs-late", { stylist: row.stylist })} shut={shut}>
      <p className="flex flex-wrap items-center gap-3 text-xl">
        {worded("late.free-at")} <b className="tabular-nums">{at(iso)}</b>
        <button
          type="button"
          className="btn touch"
          disabled={freeAt - STEP_MS < Date.parse(row.endsAt)}
          onClick={() => setFreeAt(freeAt - STEP_MS)}
        >
          {worded("late.5-min-sooner")}
        </button>
        <button type="button" className="btn touch" onClick={() => setFreeAt(freeAt + STEP_MS)}>
          {worded("late.5-min-later")}
        </button>
      </p>
      {rows.length === 0 ? (
        <p>{worded("late.nobody-after-it-has")}</p>
      ) : (
        <ul className="grid gap-1 text-lg">
          {rows.map((r) => (
            <li key={r.id} className="flex gap-3 border-secondary border-l-4 bg-base-200 p-2">
              <b className="flex-1">{r.clientName}</b>
              <span className="tabular-nums line-through">{at(r.wasAt)}</span>
              <span className="font-bold tabular-nums">{at(r.startsAt)}</span>
            </li>
          ))}
        </ul>
      )}
      <Problem error={paper.error ?? move.error} />
      {rows.length > 0 && paper.data && (
        <button
          type="button"
          className="btn btn-primary touch text-lg"
          disabled={move.isPending}
          onClick={() => paper.data && move.mutate(paper.data)}
        >
          {worded("late.move", {
            count: rows.length === 1 ? "it" : worded("late.all", { count: rows.length }),
          })}
        </button>
      )}
    </Dialog>
  );
}
