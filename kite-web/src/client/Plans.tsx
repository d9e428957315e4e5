import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useLocation } from "react-router";
import type { ClientView } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { Empty } from "../frame/States";
import { deletePlan, putAway } from "../store/putAway";
import { dayTold } from "../store/shopTime";
import { worded } from "../words/worded";

type Plan = ClientView["plans"][number];

/** A client's plans, and behind a touch those put away. */
export function Plans({ clientId, plans }: { clientId: number; plans: Plan[] }) {
  const justNow = (useLocation().state as { away?: number } | null)?.away;
  const used = plans.filter((p) => !p.away);
  const away = plans.filter((p) => p.away);
  return (
    <>
      {used.length === 0 && <Empty>{worded("clientPage.no-plan-yet-pick")}</Empty>}
      <ul className="mt-2 grid gap-3 sm:grid-cols-2">
        {used.map((p) => (
          <li key={p.id}>
            <Link
              to={`/plans/${p.id}`}
              className="flex gap-3 rounded-box border-2 border-base-300 bg-base-200 p-3"
            >
              <StillHead of={`plans/${p.id}`} version={p.version} name={p.title} className="h-36 w-28" />
              <span className="grid content-start gap-1">
                <b className="text-lg">{p.title}</b>
                <Changed plan={p} />
                <span className="font-bold text-primary">{worded("clientPage.open-the-bench")}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {away.length > 0 && (
        <details className="mt-3" open={away.some((p) => p.id === justNow)}>
          <summary className="touch flex cursor-pointer items-center underline">
            {worded("plans.put-away", { count: away.length })}
          </summary>
          <ul className="grid gap-2">
            {away.map((p) => (
              <PutAway key={p.id} clientId={clientId} plan={p} />
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function Changed({ plan }: { plan: Plan }) {
  return <span className="soft">{worded("clientPage.changed", { day: dayTold(plan.updatedAt) })}</span>;
}

/** Brought back by a touch; deleted by two. */
function PutAway({ clientId, plan }: { clientId: number; plan: Plan }) {
  const queries = useQueryClient();
  const [sure, setSure] = useState(false);
  const [problem, setProblem] = useState("");
  const settled = {
    onSuccess: () => queries.invalidateQueries({ queryKey: ["client", clientId] }),
    onError: (e: Error) => {
      setSure(false);
      setProblem(e.message);
    },
  };
  const back = useMutation({ mutationFn: () => putAway(plan.id, false), ...settled });
  const gone = useMutation({ mutationFn: () => deletePlan(plan.id), ...settled });
  return (
    <li className="rounded-box border-2 border-base-300 p-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <b className="min-w-0 flex-1">
          {plan.title} <Changed plan={plan} />
        </b>
        <button type="button" className="btn touch" disabled={back.isPending} onClick={() => back.mutate()}>
          {worded("plans.bring-back")}
        </button>
        {sure ? (
          <button
            type="button"
            className="btn btn-error touch"
            disabled={gone.isPending}
            onClick={() => gone.mutate()}
          >
            {worded("plans.delete-for-good")}
          </button>
        ) : (
          <button type="button" className="btn touch" onClick={() => setSure(true)}>
            {worded("plans.delete")}
          </button>
        )}
      </div>
      {problem && (
        <p role="alert" className="mt-2 border-error border-l-4 pl-3">
          {problem}
        </p>
      )}
    </li>
  );
}
