import { useEffect, useRef, useState } from "react";
import { api, lines } from "../api/http";
import type { PlanDocument } from "../api/types";
import { look } from "../store/lookStore";
import { plan, say, usePlan } from "../store/planStore";
import { worded } from "../words/worded";
import { Menu } from "./Menu";

type Line = { done?: number; of?: number; document?: PlanDocument; words?: string };

const WEEKS = [4, 6, 8, 12];

/** Sets the plan so that it looks the same longest: neither just cut nor due. */
export function Longest() {
  return (
    <Menu name={worded("longest.lasts")} up>
      {(shut) => <Choose shut={shut} />}
    </Menu>
  );
}

function Choose({ shut }: { shut: () => void }) {
  const [line, setLine] = useState<Line>();
  const [problem, setProblem] = useState("");
  const stop = useRef(new AbortController());
  useEffect(() => {
    const asked = stop.current;
    return () => asked.abort();
  }, []);
  const set = async (weeks: number) => {
    const base = usePlan.getState().document;
    if (!base) return;
    setProblem("");
    setLine({});
    try {
      await lines<Line>(
        api.POST("/api/same-longest", {
          body: { document: base, weeks },
          parseAs: "stream",
          signal: stop.current.signal,
        }),
        (l) => {
          setLine(l);
          if (!l.document) return;
          plan.replace(base, l.document);
          say(l.words ?? "");
          look({ week: weeks, shown: "fallen" });
          shut();
        },
      );
    } catch (e) {
      setLine(undefined);
      if (!stop.current.signal.aborted)
        setProblem(e instanceof Error ? e.message : worded("common.that-did-not-work"));
    }
  };
  return (
    <>
      <b>{worded("longest.looks-the-same-for")}</b>
      <p className="text-sm">{worded("longest.lengths-are-let-out")}</p>
      <div className="flex flex-wrap gap-1">
        {WEEKS.map((w) => (
          <button
            key={w}
            type="button"
            className="btn touch"
            disabled={line !== undefined}
            onClick={() => void set(w)}
          >
            {worded("longest.weeks", { weeks: w })}
          </button>
        ))}
      </div>
      {line && (
        <progress
          className="progress w-full"
          value={line.done ?? 0}
          max={line.of ?? 6}
          aria-label={worded("longest.settings-looked-at")}
        />
      )}
      {problem && (
        <p role="alert" className="border-error border-l-4 pl-2">
          {problem}
        </p>
      )}
    </>
  );
}
