import type { MouseEvent, ReactNode } from "react";
import { worded } from "../words/worded";

type Props = {
  begun: boolean;
  start: () => void;
  ask: boolean;
  first: boolean;
  done: boolean;
  last: boolean;
  bites: number;
  allBites: number;
  yes: () => void;
  back: () => void;
  bite: () => void;
  next: () => void;
};

/** A double tap and its ghost are one touch. */
const once = (act: () => void) => (e: MouseEvent) => {
  if (e.detail <= 1) act();
};

/** What a wet hand or the pedal reaches: a bite more, the move done, back. */
export function Hands({
  begun,
  start,
  ask,
  first,
  done,
  last,
  bites,
  allBites,
  yes,
  back,
  bite,
  next,
}: Props) {
  if (!begun)
    return (
      <Bottom className="">
        <button type="button" className="btn btn-primary h-20 w-full text-3xl" onClick={once(start)}>
          {worded("hands.start")}
        </button>
      </Bottom>
    );
  if (ask)
    return (
      <Bottom className="grid grid-cols-[1fr_3fr] gap-3">
        <Back first={first} back={back} />
        <button type="button" className="btn btn-primary h-20 text-3xl" onClick={once(yes)}>
          {worded("hands.ask-the-client-they")}
        </button>
      </Bottom>
    );
  const biting = !done && bites < allBites && allBites > 1;
  return (
    <Bottom className={`grid gap-3 ${biting ? "grid-cols-[1fr_1.6fr_1.6fr]" : "grid-cols-[1fr_3fr]"}`}>
      <Back first={first} back={back} />
      {biting && (
        <button
          type="button"
          className="btn btn-secondary h-20 text-2xl tabular-nums"
          aria-label={worded("hands.bite-of-cut", { bites: bites + 1, allBites })}
          onClick={once(bite)}
        >
          {worded("hands.bite-of", { bites: bites + 1, allBites })}
        </button>
      )}
      <button type="button" className="btn btn-primary h-20 text-3xl" onClick={once(next)}>
        {last ? worded("hands.done-check") : worded("hands.done-next")}
      </button>
    </Bottom>
  );
}

function Back({ first, back }: { first: boolean; back: () => void }) {
  return (
    <button type="button" className="btn h-20 text-2xl" disabled={first} onClick={back}>
      {worded("hands.back")}
    </button>
  );
}

/** In reach of the thumb, however far the rest is scrolled. */
function Bottom({ className, children }: { className: string; children: ReactNode }) {
  return <div className={`sticky bottom-0 z-10 bg-base-100 py-1 ${className}`}>{children}</div>;
}
