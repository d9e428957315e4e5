import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { get, send } from "../api/http";
import type { PlanView } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { Loading, Trouble } from "../frame/States";
import { endSitting, flush, keptSitting } from "../store/chairStore";
import { stands, workedMs } from "../store/sitting";
import { AfterCut } from "./AfterCut";

const CARE = [
  "Tools into disinfectant for the full contact time.",
  "New blade for the next client.",
  "Neck brushed, cape shaken out.",
];

export function Finish() {
  const id = Number(useParams().id);
  const go = useNavigate();
  const queries = useQueryClient();
  const plan = useQuery({ queryKey: ["finish-plan", id], queryFn: () => get<PlanView>(`/api/plans/${id}`) });
  const [session] = useState(() => {
    const kept = keptSitting(id);
    return kept
      ? { token: kept.token, startedAt: kept.startedAt, stands: stands(kept), kept }
      : { token: crypto.randomUUID(), startedAt: new Date().toISOString() };
  });
  const [finishedAt] = useState(() => new Date().toISOString());
  const [remarks, setRemarks] = useState("");
  const done = session.stands?.done.size ?? 0;
  const store = useMutation({
    mutationFn: async () => {
      await flush();
      return send("POST", "/api/visits", {
        token: session.token,
        planId: id,
        startedAt: session.startedAt,
        finishedAt,
        movesDone: done,
        remarks,
      });
    },
    onSuccess: async () => {
      endSitting(id);
      await queries.invalidateQueries({ queryKey: ["client", plan.data?.clientId] });
      go(`/clients/${plan.data?.clientId}`);
    },
  });
  if (plan.isPending) return <Loading what="the visit" />;
  if (plan.error) return <Trouble error={plan.error} retry={() => plan.refetch()} />;
  const minutes =
    session.kept && session.stands
      ? Math.round(workedMs(session.kept, session.stands, Date.parse(finishedAt)) / 60_000)
      : 0;
  const document = session.stands?.document ?? plan.data.document;
  const count = document.moves.length;
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
                before={before}
                name={plan.data.document.title}
                className="w-full"
              />
              {view === "right" && (
                <figcaption className="font-bold">{before ? "Before" : "After"}</figcaption>
              )}
            </figure>
          )),
        )}
        <ul className="grid gap-1 border-accent sm:col-span-2 border-l-4 pl-3">
          {CARE.map((c) => (
            <li key={c}>{c}</li>
          ))}
          <li>Local rules come first.</li>
        </ul>
      </div>
      <div className="grid content-start gap-4">
        <h1 className="font-bold text-3xl">{plan.data.clientName}</h1>
        <p className="text-xl">
          {plan.data.document.title} · {done} of {count} moves · {minutes} min
        </p>
        <AfterCut document={document} planId={id} clientId={plan.data.clientId} />
        <label className="grid gap-1 font-bold">
          Remarks, and what to try next time
          <textarea
            className="textarea min-h-28 w-full font-normal text-lg"
            maxLength={2000}
            value={remarks}
            onChange={(e) => setRemarks(e.target.value)}
          />
        </label>
        {store.error && <Trouble error={store.error} />}
        <div className="sticky bottom-0 flex gap-4 bg-base-100 py-2">
          <Link to={`/plans/${id}/chair`} className="btn h-16 text-xl">
            Back to the chair
          </Link>
          <button
            type="button"
            className="btn btn-primary h-16 flex-1 text-2xl"
            disabled={store.isPending}
            onClick={() => store.mutate()}
          >
            Tie off the visit
          </button>
        </div>
      </div>
    </div>
  );
}
