import { useEffect } from "react";
import { useLocation } from "react-router";
import { worded } from "../words/worded";
import { STEPS, stepOn } from "./steps";
import { useWalk } from "./useWalk";

/** What to try next on the first walk; goes on by itself with the screens, and is left at any point. */
export function Walk() {
  const { at, set } = useWalk();
  const { pathname } = useLocation();
  useEffect(() => {
    if (at !== null && stepOn(at, pathname) !== at) set(stepOn(at, pathname));
  }, [at, pathname, set]);
  const step = at === null ? undefined : STEPS[at];
  if (at === null || !step) return null;
  const last = at === STEPS.length - 1;
  const here = step.on.test(pathname);
  // Steps of one screen follow a touch; the next screen's comes with the screen.
  const follows = !last && here && STEPS[at + 1]?.on === step.on;
  return (
    <aside
      aria-label={worded("walk.first-walk")}
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-secondary border-l-8 bg-base-200 px-4 py-1"
    >
      <span className="tabular-nums">{worded("walk.of", { at: at + 1, count: STEPS.length })}</span>
      <p role="status" className="min-w-60 flex-1 text-lg leading-snug">
        {here ? step.words : worded("walk.away", { words: step.words })}
      </p>
      {follows && (
        <button type="button" className="btn btn-neutral touch" onClick={() => set(at + 1)}>
          {worded("walk.next")}
        </button>
      )}
      <button type="button" className="btn touch" onClick={() => set(null)}>
        {last ? worded("walk.done") : worded("walk.leave")}
      </button>
    </aside>
  );
}
