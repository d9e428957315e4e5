import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { format } from "date-fns";
import { useState } from "react";
import { api, said } from "../api/http";
import type { ClosedRow } from "../api/types";
import { Problem } from "../frame/Problem";
import { Loading, Trouble } from "../frame/States";
import { long } from "../parts/times";
import { worded } from "../words/worded";

/** Holidays and single days on which no chair is offered. */
export function ClosedDays({ owner }: { owner: boolean }) {
  const queries = useQueryClient();
  const today = format(new Date(), "yyyy-MM-dd");
  const [next, setNext] = useState<ClosedRow>({ from: today, to: today, why: "" });
  const kept = useQuery({ queryKey: ["closed"], queryFn: () => said(api.GET("/api/shop/closed")) });
  const keep = useMutation({
    mutationFn: (days: ClosedRow[]) => said(api.PUT("/api/shop/closed", { body: { days } })),
    onSuccess: async (c) => {
      queries.setQueryData(["closed"], c);
      setNext({ from: today, to: today, why: "" });
      await queries.invalidateQueries({ queryKey: ["diary"] });
    },
  });
  if (kept.isPending) return <Loading what={worded("closedDays.the-days")} />;
  if (kept.error) return <Trouble error={kept.error} retry={() => kept.refetch()} />;
  const days = kept.data.days;
  return (
    <section className="mt-6 grid gap-3">
      <h2 className="font-bold text-xl">{worded("closedDays.closed")}</h2>
      {days.length === 0 && <p className="soft">{worded("closedDays.no-day")}</p>}
      <ul className="grid gap-2">
        {days.map((d, i) => (
          <li key={`${d.from}${d.to}${d.why}`} className="flex flex-wrap items-center gap-3 bg-base-200 p-2">
            <b>
              {d.from === d.to
                ? long(d.from)
                : worded("closedDays.from-to", { from: long(d.from), to: long(d.to) })}
            </b>
            <span className="flex-1">{d.why}</span>
            {owner && (
              <button
                type="button"
                className="btn touch"
                disabled={keep.isPending}
                onClick={() => keep.mutate(days.filter((_, k) => k !== i))}
              >
                {worded("common.remove")}
              </button>
            )}
          </li>
        ))}
      </ul>
      {owner && (
        <div className="flex flex-wrap items-end gap-3">
          <Day
            name={worded("closedDays.from")}
            at={next.from}
            set={(from) => setNext({ ...next, from, to: next.to < from ? from : next.to })}
          />
          <Day name={worded("closedDays.to")} at={next.to} set={(to) => setNext({ ...next, to })} />
          <label className="grid flex-1 gap-1 text-sm">
            {worded("closedDays.why")}
            <input
              className="input touch w-full min-w-40 text-lg"
              maxLength={80}
              value={next.why}
              onChange={(e) => setNext({ ...next, why: e.target.value })}
            />
          </label>
          <button
            type="button"
            className="btn btn-primary touch"
            disabled={keep.isPending}
            onClick={() => keep.mutate([...days, next])}
          >
            {worded("closedDays.close")}
          </button>
        </div>
      )}
      <Problem error={keep.error} />
    </section>
  );
}

function Day({ name, at, set }: { name: string; at: string; set: (day: string) => void }) {
  return (
    <label className="grid gap-1 text-sm">
      {name}
      <input
        type="date"
        className="input touch w-44 text-lg"
        value={at}
        onChange={(e) => e.target.value && set(e.target.value)}
      />
    </label>
  );
}
