import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import type { ServiceRow } from "../api/types";
import { Problem } from "../frame/Problem";
import { Loading, Trouble } from "../frame/States";
import { cents, priced } from "../parts/price";
import { RemoveRow } from "../parts/RemoveRow";
import { worded } from "../words/worded";

type Row = { id?: number; name: string; minutes: string; price: string };

const shown = (s: ServiceRow): Row => ({
  id: s.id,
  name: s.name,
  minutes: String(s.minutes),
  price: priced(s.priceCents),
});

/** What the shop offers: how long it takes and what is asked for it. */
export function Services({ owner }: { owner: boolean }) {
  const queries = useQueryClient();
  const kept = useQuery({
    queryKey: ["services"],
    queryFn: async () => (await said(api.GET("/api/shop/services"))).services,
  });
  const [mine, setMine] = useState<Row[] | null>(null);
  const keep = useMutation({
    mutationFn: (rows: Row[]) =>
      said(
        api.PUT("/api/shop/services", {
          body: {
            services: rows
              .filter((r) => r.name.trim() !== "")
              .map((r) => ({
                id: r.id,
                name: r.name,
                minutes: Number(r.minutes),
                priceCents: cents(r.price),
              })),
          },
        }),
      ),
    onSuccess: (s) => {
      queries.setQueryData(["services"], s.services);
      setMine(null);
    },
  });
  if (kept.isPending) return <Loading what={worded("services.what-is-offered")} />;
  if (kept.error) return <Trouble error={kept.error} retry={() => kept.refetch()} />;
  const rows = mine ?? kept.data.map(shown);
  const set = (i: number, row: Partial<Row>) => setMine(rows.map((r, k) => (k === i ? { ...r, ...row } : r)));
  return (
    <div className="grid gap-3">
      {rows.length === 0 && <p className="soft">{worded("services.nothing-yet")}</p>}
      {rows.map((r, i) => (
        <fieldset
          // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place in the list
          key={i}
          disabled={!owner}
          className="flex flex-wrap items-end gap-3 bg-base-200 p-3"
        >
          <Field
            name={worded("services.called")}
            wide
            value={r.name}
            max={60}
            set={(name) => set(i, { name })}
          />
          <Field
            name={worded("services.minutes")}
            value={r.minutes}
            max={3}
            set={(v) => set(i, { minutes: v.replace(/\D/g, "") })}
          />
          <Field
            name={worded("services.price")}
            value={r.price}
            max={10}
            set={(v) => set(i, { price: v.replace(/[^0-9.,]/g, "") })}
          />
          {owner && <RemoveRow out={() => setMine(rows.filter((_, k) => k !== i))} />}
        </fieldset>
      ))}
      {owner ? (
        <div className="flex flex-wrap gap-3">
          <button
            type="button"
            className="btn touch text-lg"
            onClick={() => setMine([...rows, { name: "", minutes: "45", price: "" }])}
          >
            {worded("services.one-more")}
          </button>
          <button
            type="button"
            className="btn btn-primary touch text-lg"
            disabled={mine === null || keep.isPending}
            onClick={() => keep.mutate(rows)}
          >
            {mine === null ? worded("services.kept") : worded("services.keep")}
          </button>
        </div>
      ) : (
        <p className="soft">{worded("services.an-owner-sets-them")}</p>
      )}
      <Problem error={keep.error} />
    </div>
  );
}

type FieldProps = { name: string; value: string; max: number; wide?: boolean; set: (v: string) => void };

function Field({ name, value, max, wide, set }: FieldProps) {
  return (
    <label className={`grid gap-1 text-sm ${wide ? "min-w-48 flex-1" : "w-24"}`}>
      {name}
      <input
        className="input touch w-full text-lg"
        inputMode={wide ? "text" : "decimal"}
        maxLength={max}
        value={value}
        onChange={(e) => set(e.target.value)}
      />
    </label>
  );
}
