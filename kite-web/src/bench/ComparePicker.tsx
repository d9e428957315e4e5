import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import type { PlanDocument } from "../api/types";
import { MOST_WEEKS } from "../parts/worn";
import { compareWith } from "../store/compareStore";
import { usePlan } from "../store/planStore";
import { worded } from "../words/worded";
import { Menu } from "./Menu";

const WEEKS = [2, 4, 6, 8, 12, MOST_WEEKS];

/** What to hold the plan against: itself some weeks on, the client's other plans, a family on this head. */
export function ComparePicker({ id, clientId }: { id: number; clientId: number }) {
  return (
    <Menu name={worded("comparePicker.compare")}>
      {(shut) => <Choices id={id} clientId={clientId} shut={shut} />}
    </Menu>
  );
}

function Choices({ id, clientId, shut }: { id: number; clientId: number; shut: () => void }) {
  const [problem, setProblem] = useState("");
  const client = useQuery({
    queryKey: ["client", clientId],
    queryFn: () => said(api.GET("/api/clients/{id}", { params: { path: { id: clientId } } })),
  });
  const families = useQuery({
    queryKey: ["families"],
    queryFn: () => said(api.GET("/api/families")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const document = usePlan((s) => s.document);
  const take = async (key: string, name: string, read: () => Promise<PlanDocument>, week = 0) => {
    try {
      compareWith({ key, name, document: await read(), week });
      shut();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : worded("common.that-did-not-work"));
    }
  };
  const others = client.data?.plans.filter((p) => p.id !== id) ?? [];
  return (
    <>
      {problem && <p role="alert">{problem}</p>}
      <b>{worded("comparePicker.this-plan-grown")}</b>
      <span className="flex flex-wrap gap-1">
        {WEEKS.map((w) => (
          <button
            key={w}
            type="button"
            className="btn touch"
            onClick={() => document && void take(`week/${w}`, document.title, async () => document, w)}
          >
            {worded("comparePicker.weeks", { weeks: w })}
          </button>
        ))}
      </span>
      {others.length > 0 && <b className="mt-2">{worded("comparePicker.other-plans-for-this")}</b>}
      {others.map((p) => (
        <button
          key={p.id}
          type="button"
          className="touch cursor-pointer text-left underline"
          onClick={() =>
            void take(
              `plan/${p.id}`,
              p.title,
              async () =>
                (await said(api.GET("/api/plans/{id}", { params: { path: { id: p.id } } }))).document,
            )
          }
        >
          {p.title}
        </button>
      ))}
      <b className="mt-2">{worded("comparePicker.a-shape-on-this")}</b>
      {families.data?.map((f) => (
        <button
          key={f.id}
          type="button"
          className="touch cursor-pointer text-left underline"
          onClick={() =>
            void take(`family/${f.id}`, f.title, () =>
              said(
                api.GET("/api/clients/{clientId}/families/{family}", {
                  params: { path: { clientId, family: f.id } },
                }),
              ),
            )
          }
        >
          {f.title}
        </button>
      ))}
    </>
  );
}
