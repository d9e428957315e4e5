import { useQuery } from "@tanstack/react-query";
import { keptJson } from "../api/http";
import type { PlanDocument } from "../api/types";
import { ShowClient } from "../parts/ShowClient";
import { worded } from "../words/worded";
import { DryingBell } from "./DryingBell";
import { NextVisit } from "./NextVisit";

type Props = { document: PlanDocument; planId: number; clientId: number };

/** How it is dried and set, what the client does at home, and when to come back. */
export function AfterCut({ document, planId, clientId }: Props) {
  const after = useQuery({
    queryKey: ["finishing", planId, JSON.stringify(document.styling ?? null)],
    queryFn: () => keptJson("/api/finishing", document),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (after.error) return <p role="alert">{after.error.message}</p>;
  if (!after.data) return <p role="status">{worded("afterCut.fetching-how-it-is")}</p>;
  const { steps, home, returnFrom, returnWords } = after.data;
  return (
    <>
      <section aria-label={worded("afterCut.drying-and-styling")}>
        <h2 className="font-bold text-xl">{worded("afterCut.drying-and-styling")}</h2>
        <ol className="mt-1 grid gap-1 text-lg">
          {steps.map((s, i) => (
            <li key={s.words} className="grid grid-cols-[1.6rem_4rem_1fr] gap-1">
              <b className="text-primary">{i + 1}</b>
              <span className="soft">{s.damp}</span>
              <span>{s.words}</span>
            </li>
          ))}
        </ol>
        <DryingBell />
      </section>
      <section aria-label={worded("afterCut.at-home")}>
        <h2 className="font-bold text-xl">{worded("afterCut.at-home")}</h2>
        <ul className="mt-1 text-lg">
          {home.map((h) => (
            <li key={h}>{h}</li>
          ))}
        </ul>
      </section>
      <NextVisit planId={planId} clientId={clientId} words={returnWords} weeks={returnFrom} />
      <div className="flex flex-wrap items-center gap-4">
        <ShowClient planId={planId} />
        <a className="touch flex items-center underline" href={`/api/plans/${planId}/card.pdf`} download>
          {worded("printouts.card-to-take-home")}
        </a>
      </div>
    </>
  );
}
