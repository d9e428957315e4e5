import { useEffect, useRef, useState } from "react";
import { type FallData, readFall } from "../api/binary";
import { api, said } from "../api/http";
import type { PlanDocument } from "../api/types";

type Shown = { fall?: FallData; message: string; busy: boolean };

/** Changes nearer together than this are a drag or a slider: coarse while it goes on, fine when it rests. */
const DRAG_MS = 350;
const SETTLE_MS = 200;

type Fine = "settled" | "never";

/**
 * The hair of a document as it falls some weeks later. One change by itself is answered fine at once; while changes
 * follow each other the coarse fall comes first. Where only what is read of it is wanted, fine is never asked.
 */
export function useFall(
  document: PlanDocument | null,
  week: number,
  wanted: boolean,
  fine: Fine = "settled",
): Shown {
  const [shown, setShown] = useState<Shown>({ message: "", busy: true });
  const changedAt = useRef(Number.NEGATIVE_INFINITY);
  useEffect(() => {
    if (!document || !wanted) return;
    const abort = new AbortController();
    const now = performance.now();
    const dragged = now - changedAt.current < DRAG_MS;
    changedAt.current = now;
    setShown((s) => ({ ...s, busy: true }));
    let timer: ReturnType<typeof setTimeout> | undefined;
    const ask = (preview: boolean) =>
      said(
        api.POST("/api/fall", {
          params: { query: { week, preview } },
          body: document,
          signal: abort.signal,
          parseAs: "arrayBuffer",
        }),
      ).then((b) => {
        const fall = readFall<FallData>(b);
        const { coarse } = fall.reading;
        setShown({ fall, message: "", busy: coarse && fine !== "never" });
        if (fine !== "never") performance.mark(coarse ? "kite-fall-coarse" : "kite-fall-fine");
        // Few strands where others waited: the rest once more, a little later.
        if (coarse && fine !== "never") timer = setTimeout(() => ask(false).catch(failed), SETTLE_MS);
      });
    const first = fine === "never" || dragged;
    ask(first).catch(failed);
    function failed(e: Error) {
      if (!abort.signal.aborted) setShown((s) => ({ ...s, message: e.message, busy: false }));
    }
    return () => {
      abort.abort();
      clearTimeout(timer);
    };
  }, [document, week, wanted, fine]);
  return shown;
}
