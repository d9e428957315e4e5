import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, said } from "../api/http";
import { StillHead } from "../draw/StillHead";
import { Loading, Trouble } from "../frame/States";
import { Photos } from "../parts/Photos";
import { cents, priced } from "../parts/price";
import { useDid, useKit } from "../parts/useKit";
import { endSitting, sendKept, sitDownAt, useChair } from "../store/chairStore";
import { stands, workedMs } from "../store/sitting";
import { worded } from "../words/worded";
import { AfterCut } from "./AfterCut";
import { ToolsUsed, usedIn } from "./ToolsUsed";

export function Finish() {
  const id = Number(useParams().id);
  const go = useNavigate();
  const queries = useQueryClient();
  const plan = useQuery({
    queryKey: ["finish-plan", id],
    queryFn: () => said(api.GET("/api/plans/{id}", { params: { path: { id } } })),
  });
  const { sitting, planId } = useChair();
  useEffect(() => {
    if (useChair.getState().planId !== id || !useChair.getState().sitting) void sitDownAt(id);
  }, [id]);
  const kept = planId === id ? sitting : null;
  const done = kept ? stands(kept) : null;
  const [unbegun] = useState(() => crypto.randomUUID());
  const [finishedAt] = useState(() => new Date().toISOString());
  const [remarks, setRemarks] = useState("");
  const [typed, setPrice] = useState<string>();
  const [used, setUsed] = useState<ReadonlySet<number>>(new Set());
  const [untold, setUntold] = useState(false);
  const today = useQuery({ queryKey: ["today"], queryFn: () => said(api.GET("/api/today")) });
  // What is asked for what it was booked for, until somebody says otherwise.
  const booked = today.data?.appointments.find((a) => a.clientId === plan.data?.clientId && a.priceCents);
  const price = typed ?? priced(booked?.priceCents);
  const kit = useKit(plan.data?.clientId, id);
  const did = useDid();
  const store = useMutation({
    mutationFn: async () => {
      await sendKept(id);
      const added = await said(
        api.POST("/api/visits", {
          body: {
            token: kept?.token ?? unbegun,
            planId: id,
            startedAt: kept?.startedAt ?? finishedAt,
            finishedAt,
            remarks,
            priceCents: cents(price),
          },
        }),
      );
      const clientId = plan.data?.clientId;
      for (const t of usedIn(kit.data ?? []))
        if (used.has(t.id)) await did.mutateAsync({ tool: t.id, act: "used", clientId });
      return added;
    },
    onSuccess: async () => {
      endSitting(id);
      await queries.invalidateQueries({ queryKey: ["client", plan.data?.clientId] });
      go(`/clients/${plan.data?.clientId}`);
    },
  });
  if (plan.isPending) return <Loading what={worded("finish.the-visit")} />;
  if (plan.error) return <Trouble error={plan.error} retry={() => plan.refetch()} />;
  const minutes = kept && done ? Math.round(workedMs(kept, done, Date.parse(finishedAt)) / 60_000) : 0;
  const document = done?.document ?? plan.data.document;
  const cut = document.moves.filter((m) => m.job !== "slip");
  return (
    <div className="mx-auto grid w-full max-w-5xl gap-8 px-6 py-5 md:grid-cols-[1fr_1.3fr]">
      <div className="grid content-start gap-x-2 gap-y-4 sm:grid-cols-2">
        {[true, false].flatMap((before) =>
          ["right", "back"].map((view) => (
            <figure key={`${before}${view}`}>
              <StillHead
                of={`plans/${id}`}
                version={plan.data.version}
                view={view}
                asked={before ? { before } : undefined}
                name={plan.data.document.title}
                className="w-full"
              />
              {view === "right" && (
                <figcaption className="font-bold">
                  {before ? worded("finish.before") : worded("finish.after")}
                </figcaption>
              )}
            </figure>
          )),
        )}
        <div className="grid gap-4 sm:col-span-2">
          <ToolsUsed
            planId={id}
            clientId={plan.data.clientId}
            used={used}
            toggle={(t) => {
              const next = new Set(used);
              if (!next.delete(t)) next.add(t);
              setUsed(next);
            }}
            all={(ids) => setUsed(new Set(ids))}
          />
          <p className="border-accent border-l-4 pl-3">{worded("finish.tools-into-the-disinfectant")}</p>
          <Photos clientId={plan.data.clientId} sitting={kept?.startedAt ? kept.token : undefined} />
        </div>
      </div>
      <div className="grid content-start gap-4">
        <h1 className="font-bold text-3xl">{plan.data.clientName}</h1>
        <p className="text-xl">
          {kept?.startedAt
            ? worded("finish.of-moves-min", {
                title: document.title,
                done: cut.filter((m) => done?.done.has(m.id)).length,
                count: cut.length,
                minutes,
              })
            : worded("finish.nothing-written-down", { title: document.title })}
        </p>
        <AfterCut document={document} planId={id} clientId={plan.data.clientId} />
        <label className="grid gap-1 font-bold">
          {worded("finish.remarks-and-what-to")}
          <textarea
            className="textarea min-h-28 w-full font-normal text-lg"
            maxLength={2000}
            value={remarks}
            onChange={(e) => setRemarks(e.target.value)}
          />
        </label>
        <label className="flex flex-wrap items-center gap-3 font-bold">
          {worded("finish.price-if-the-shop")}
          <input
            className="input touch w-32 font-normal text-lg"
            inputMode="decimal"
            value={price}
            pattern="[0-9]+([.,][0-9]{1,2})?"
            onChange={(e) => setPrice(e.target.value.replace(/[^0-9.,]/g, ""))}
          />
        </label>
        {store.error && <Trouble error={store.error} />}
        {untold && (
          <p role="alert" className="border-accent border-l-8 bg-base-200 p-3 text-lg">
            {worded("finish.no-tool-is-ticked", { clientName: plan.data.clientName })}
          </p>
        )}
        <div className="sticky bottom-0 flex gap-4 bg-base-100 py-2">
          <Link to={`/plans/${id}/chair`} className="btn h-16 text-xl">
            {worded("finish.back-to-the-chair")}
          </Link>
          <button
            type="button"
            className="btn btn-primary h-16 flex-1 text-2xl"
            disabled={store.isPending}
            onClick={() => {
              const none = used.size === 0 && usedIn(kit.data ?? []).length > 0;
              if (none && !untold) setUntold(true);
              else store.mutate();
            }}
          >
            {worded("finish.finish-visit")}
          </button>
        </div>
      </div>
    </div>
  );
}
