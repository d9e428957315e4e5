import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import { Problem } from "../frame/Problem";
import { Loading, Trouble } from "../frame/States";
import { worded } from "../words/worded";

type Shop = { name: string; zone: string };

/** What the shop is called, and by which clock it goes. */
export function Called({ owner }: { owner: boolean }) {
  const queries = useQueryClient();
  const kept = useQuery({ queryKey: ["shop"], queryFn: () => said(api.GET("/api/shop")) });
  const [mine, setMine] = useState<Shop | null>(null);
  const keep = useMutation({
    mutationFn: (shop: Shop) => said(api.PUT("/api/shop", { body: shop })),
    onSuccess: async (s) => {
      queries.setQueryData(["shop"], s);
      setMine(null);
      // Who is signed in knows the shop's zone: times are told by it everywhere.
      await queries.invalidateQueries({ queryKey: ["me"] });
      await queries.invalidateQueries({ queryKey: ["today"] });
      await queries.invalidateQueries({ queryKey: ["diary"] });
    },
  });
  if (kept.isPending) return <Loading what={worded("called.the-shop")} />;
  if (kept.error) return <Trouble error={kept.error} retry={() => kept.refetch()} />;
  const shop = mine ?? kept.data;
  return (
    <fieldset disabled={!owner} className="grid max-w-xl gap-3">
      <label className="grid gap-1 font-bold">
        {worded("called.name")}
        <input
          className="input touch w-full font-normal text-lg"
          maxLength={120}
          value={shop.name}
          onChange={(e) => setMine({ ...shop, name: e.target.value })}
        />
      </label>
      <label className="grid gap-1 font-bold">
        {worded("called.zone")}
        <input
          className="input touch w-full font-normal text-lg"
          list="zones"
          value={shop.zone}
          onChange={(e) => setMine({ ...shop, zone: e.target.value })}
        />
        <datalist id="zones">
          {Intl.supportedValuesOf("timeZone").map((z) => (
            <option key={z} value={z} />
          ))}
        </datalist>
      </label>
      <p className="soft">{worded("called.appointments-stay")}</p>
      {owner && (
        <button
          type="button"
          className="btn btn-primary touch justify-self-start text-lg"
          disabled={mine === null || keep.isPending}
          onClick={() => keep.mutate(shop)}
        >
          {mine === null ? worded("called.kept") : worded("called.keep")}
        </button>
      )}
      <Problem error={keep.error} />
    </fieldset>
  );
}
