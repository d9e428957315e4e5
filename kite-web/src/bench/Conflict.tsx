import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, said } from "../api/http";
import type { PlanDocument } from "../api/types";
import { lengthPaint } from "../draw/coats";
import { HeadSvg } from "../draw/HeadSvg";
import { useHead } from "../parts/useHead";
import { useLook } from "../store/lookStore";
import { plan as kept, usePlan } from "../store/planStore";
import type { Units } from "../store/units";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";

/** Two people changed one plan: both heads, what is different, and the choice. */
export function Conflict({ units }: { units: Units }) {
  const save = usePlan((s) => s.save);
  if (save !== "conflict") return null;
  return <Choice units={units} />;
}

function Choice({ units }: { units: Units }) {
  const id = usePlan((s) => s.id);
  const mine = usePlan((s) => s.document);
  const message = usePlan((s) => s.saveMessage);
  const theirs = useQuery({
    queryKey: ["theirs", id],
    queryFn: () => said(api.GET("/api/plans/{id}", { params: { path: { id } } })),
    staleTime: 0,
    gcTime: 0,
  }).data?.document;
  const differ = useQuery({
    queryKey: ["differences", mine, theirs],
    queryFn: () =>
      theirs && mine
        ? said(api.POST("/api/edit/differences", { body: { document: theirs, other: mine } }))
        : [],
    enabled: Boolean(mine && theirs),
    gcTime: 0,
  }).data;
  return (
    <div
      role="alertdialog"
      aria-label={worded("conflict.changed-elsewhere")}
      className="fixed inset-0 z-50 grid place-items-center bg-base-content/40 p-4"
    >
      <div className="grid max-h-full w-full max-w-3xl gap-3 overflow-y-auto rounded-box border-2 border-base-content bg-base-100 p-5">
        <h2 className="font-bold text-xl">{worded("conflict.two-people-changed-this")}</h2>
        <p>{message}</p>
        <div className="grid grid-cols-2 gap-4">
          <One name={worded("conflict.mine-on-this-screen")} document={mine} units={units} />
          <One name={worded("conflict.theirs-in-the-shops")} document={theirs ?? null} units={units} />
        </div>
        {differ && differ.length > 0 && (
          <ul className="text-sm" aria-label={worded("conflict.what-mine-has-differently")}>
            {differ.map((d) => (
              <li key={d}>{worded("conflict.mine", { d })}</li>
            ))}
          </ul>
        )}
        <div className="grid grid-cols-2 gap-4">
          <button type="button" className="btn btn-neutral touch" onClick={() => void kept.keepMine()}>
            {worded("conflict.keep-mine")}
          </button>
          <button type="button" className="btn touch" onClick={() => void kept.takeTheirs()}>
            {worded("conflict.take-theirs")}
          </button>
        </div>
      </div>
    </div>
  );
}

function One({ name, document, units }: { name: string; document: PlanDocument | null; units: Units }) {
  const view = useLook((s) => s.view);
  const { outcome } = useOutcome(document);
  const { head, ramp } = useHead(document);
  const paint = useMemo(
    () => (outcome && ramp ? lengthPaint(outcome.state(outcome.count - 1), ramp) : undefined),
    [outcome, ramp],
  );
  return (
    <figure className="grid gap-1">
      <figcaption className="text-center font-bold">{name}</figcaption>
      <div className="h-64">
        {head && paint && (
          <HeadSvg
            head={head}
            paint={paint}
            view={view}
            units={units}
            label={worded("conflict.lengths-from-the", { name, view })}
          />
        )}
      </div>
    </figure>
  );
}
