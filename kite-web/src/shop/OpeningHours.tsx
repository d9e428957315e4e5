import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import type { OpeningRow } from "../api/types";
import { Problem } from "../frame/Problem";
import { Loading, Trouble } from "../frame/States";
import { RemoveRow } from "../parts/RemoveRow";
import { worded } from "../words/worded";
import { DAYS, daysOf, ruleOf, short, toggled } from "./openingRows";

const NAMES = {
  MO: worded("openingHours.mon"),
  TU: worded("openingHours.tue"),
  WE: worded("openingHours.wed"),
  TH: worded("openingHours.thu"),
  FR: worded("openingHours.fri"),
  SA: worded("openingHours.sat"),
  SU: worded("openingHours.sun"),
};

/** When chairs are offered: days of the week with their hours, as many rows as it takes. */
export function OpeningHours({ owner }: { owner: boolean }) {
  const queries = useQueryClient();
  const kept = useQuery({ queryKey: ["hours"], queryFn: () => said(api.GET("/api/shop/hours")) });
  const [mine, setMine] = useState<OpeningRow[] | null>(null);
  const keep = useMutation({
    mutationFn: (hours: OpeningRow[]) =>
      said(api.PUT("/api/shop/hours", { body: { hours: hours.filter((h) => !h.rule.endsWith("BYDAY=")) } })),
    onSuccess: async (h) => {
      queries.setQueryData(["hours"], h);
      setMine(null);
      await queries.invalidateQueries({ queryKey: ["diary"] });
    },
  });
  if (kept.isPending) return <Loading what={worded("openingHours.the-hours")} />;
  if (kept.error) return <Trouble error={kept.error} retry={() => kept.refetch()} />;
  const rows = mine ?? kept.data.hours;
  const set = (i: number, row: OpeningRow) => setMine(rows.map((r, k) => (k === i ? row : r)));
  return (
    <div className="grid gap-4">
      {rows.map((r, i) => {
        const days = daysOf(r.rule);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place in the list
          <fieldset key={i} disabled={!owner} className="flex flex-wrap items-center gap-3 bg-base-200 p-3">
            {days ? (
              <span className="join">
                {DAYS.map((d) => (
                  <button
                    key={d}
                    type="button"
                    aria-pressed={days.includes(d)}
                    className={`btn join-item touch ${days.includes(d) ? "btn-neutral" : ""}`}
                    onClick={() => set(i, toggled(r, d))}
                  >
                    {NAMES[d]}
                  </button>
                ))}
              </span>
            ) : (
              <code>{r.rule}</code>
            )}
            <Hour name="from" at={r.from} set={(from) => set(i, { ...r, from })} />
            <Hour name="to" at={r.to} set={(to) => set(i, { ...r, to })} />
            {owner && <RemoveRow out={() => setMine(rows.filter((_, k) => k !== i))} />}
          </fieldset>
        );
      })}
      {owner ? (
        <div className="flex flex-wrap gap-3">
          <button
            type="button"
            className="btn touch text-lg"
            onClick={() =>
              setMine([...rows, { rule: ruleOf(["SA"]), since: "2020-01-06", from: "09:00", to: "13:00" }])
            }
          >
            {worded("openingHours.more-hours")}
          </button>
          <button
            type="button"
            className="btn btn-primary touch text-lg"
            disabled={mine === null || keep.isPending}
            onClick={() => keep.mutate(rows)}
          >
            {mine === null ? worded("openingHours.kept") : worded("openingHours.keep-these-hours")}
          </button>
        </div>
      ) : (
        <p className="soft">{worded("openingHours.an-owner-of-the")}</p>
      )}
      <Problem error={keep.error} />
    </div>
  );
}

function Hour({ name, at, set }: { name: string; at: string; set: (at: string) => void }) {
  return (
    <label className="flex items-center gap-2">
      {name}
      <input
        inputMode="numeric"
        placeholder="09:00"
        maxLength={5}
        className="input touch w-24 text-lg tabular-nums"
        value={short(at)}
        onChange={(e) => set(e.target.value)}
      />
    </label>
  );
}
