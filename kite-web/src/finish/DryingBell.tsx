import { useState } from "react";
import { runningDown, useLeft } from "../frame/useLeft";
import { worded } from "../words/worded";

const MINUTES = [3, 5, 10];

/** Hands are in the hair while it dries: a bell after so many minutes. */
export function DryingBell() {
  const [until, setUntil] = useState(0);
  const leftSec = useLeft(until);
  return (
    <fieldset className="mt-2 flex flex-wrap items-center gap-2">
      <legend className="sr-only">{worded("dryingBell.ring")}</legend>
      {leftSec > 0 ? (
        <>
          <span role="timer" className="border-accent border-l-4 pl-2 text-lg tabular-nums">
            {worded("dryingBell.rings-in", { left: runningDown(leftSec) })}
          </span>
          <button type="button" className="btn touch" onClick={() => setUntil(0)}>
            {worded("dryingBell.no-bell")}
          </button>
        </>
      ) : (
        MINUTES.map((minutes) => (
          <button
            key={minutes}
            type="button"
            className="btn touch"
            onClick={() => setUntil(Date.now() + minutes * 60_000)}
          >
            {worded("dryingBell.in-minutes", { minutes })}
          </button>
        ))
      )}
    </fieldset>
  );
}
