import { useMemo } from "react";
import type { PlanDocument, Repairs } from "../api/types";
import { DrawnStill } from "../draw/DrawnStill";
import type { ViewName } from "../draw/views";
import { ask as asks } from "../store/asks";
import { write } from "../store/chairStore";
import { sideOf } from "../store/lookStore";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";

type Way = Repairs["repairs"][number];

const TITLES: Record<Way["kind"], string> = {
  leave: worded("waysOut.leave-it"),
  soften: worded("waysOut.soften-round-it"),
  match: worded("waysOut.match-the-other-side"),
};

type Props = { document: PlanDocument; slip: string; shut: () => void };

/** At most three ways out of a slip, each as it will look and with what else it takes; one touch takes it. */
export function WaysOut({ document, slip, shut }: Props) {
  // Every tap, here or in another tab, makes the document anew; what can be done is asked again only if it changed.
  const told = JSON.stringify({ document, slip });
  const body = useMemo<{ document: PlanDocument; slip: string }>(() => JSON.parse(told), [told]);
  const { data, message } = useAnswer(asks.repairs, body);
  if (message)
    return (
      <div className="grid gap-2">
        <p role="alert" className="border-error border-l-4 pl-3 text-lg">
          {worded("slip.written-down", { message })}
        </p>
        <button type="button" className="btn h-14 text-xl" onClick={shut}>
          {worded("slip.go-on")}
        </button>
      </div>
    );
  if (!data)
    return (
      <p role="status" className="text-xl">
        {worded("waysOut.what-can-be-done")}
      </p>
    );
  const view = sideOf(data.place) ?? "back";
  const take = (w: Way) => {
    if (w.kind !== "leave") write({ kind: "replanned", plan: w.document });
    shut();
  };
  return (
    <div className="grid gap-3">
      <p className="text-2xl" role="status">
        {data.words}
      </p>
      {data.repairs.length === 1 ? (
        <button type="button" className="btn btn-primary h-14 text-xl" onClick={shut}>
          {worded("slip.go-on")}
        </button>
      ) : (
        <ul className="grid sm:grid-cols-3 gap-3">
          {data.repairs.map((w) => (
            <li key={w.kind} className="flex">
              <button
                type="button"
                className="flex w-full cursor-pointer flex-col gap-1 rounded-box border-2 border-base-300 p-2 text-left hover:border-primary focus-visible:border-primary"
                onClick={() => take(w)}
              >
                {w.kind === "leave" ? (
                  <Left document={w.document} view={view} />
                ) : (
                  <DrawnStill
                    document={w.document}
                    view={view}
                    name={TITLES[w.kind]}
                    className="h-36 w-full"
                  />
                )}
                <b className="text-xl">{TITLES[w.kind]}</b>
                <span className="text-base">{w.words}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** What it looks like when it is left: now, and as it grows. */
function Left({ document, view }: { document: PlanDocument; view: ViewName }) {
  const name = TITLES.leave;
  return (
    <span className="flex h-36 gap-1">
      <DrawnStill document={document} view={view} name={name} className="h-full min-w-0 flex-[3]" />
      <span className="flex min-w-0 flex-[2] flex-col">
        {[2, 4].map((week) => (
          <span key={week} className="flex min-h-0 flex-1 flex-col items-center">
            <DrawnStill
              document={document}
              view={view}
              week={week}
              name={worded("waysOut.after-weeks", { title: name, week })}
              className="min-h-0 w-full flex-1"
            />
            <span className="soft text-xs">{worded("waysOut.in-weeks", { week })}</span>
          </span>
        ))}
      </span>
    </span>
  );
}
