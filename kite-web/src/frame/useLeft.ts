import { useEffect, useReducer, useRef } from "react";
import { ring } from "./bell";

/** Whole seconds until a time, 0 once it is over; a bell as it comes to that, and none when it is called off. */
export function useLeft(until: number): number {
  const [, tick] = useReducer((n: number) => n + 1, 0);
  const leftSec = Math.max(0, Math.ceil((until - Date.now()) / 1000));
  const waits = leftSec > 0;
  const waitedFor = useRef<number | null>(null);
  useEffect(() => {
    if (waits) waitedFor.current = until;
    else {
      if (waitedFor.current !== null && Date.now() >= waitedFor.current) ring();
      waitedFor.current = null;
    }
  }, [waits, until]);
  useEffect(() => {
    if (!waits) return;
    const clock = setInterval(tick, 1000);
    return () => clearInterval(clock);
  }, [waits]);
  return leftSec;
}

/** Minutes and seconds, as a clock that runs down shows them. */
export const runningDown = (sec: number): string =>
  `${Math.floor(sec / 60)}:${String(sec % 60).padStart(2, "0")}`;
