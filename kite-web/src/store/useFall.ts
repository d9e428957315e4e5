import { useEffect, useState } from "react";
import { type FallData, readFall } from "../api/binary";
import { bytes } from "../api/http";
import type { PlanDocument } from "../api/types";

type Shown = { fall?: FallData; message: string; busy: boolean };

const SETTLE_MS = 250;

/**
 * The hair of a document as it falls some weeks later: coarse at once, fine when nothing changes any more; coarse alone
 * where only what is read of it is wanted.
 */
export function useFall(document: PlanDocument | null, week: number, wanted: boolean, coarse = false): Shown {
  const [shown, setShown] = useState<Shown>({ message: "", busy: true });
  useEffect(() => {
    if (!document || !wanted) return;
    const abort = new AbortController();
    setShown((s) => ({ ...s, busy: true }));
    const ask = (preview: boolean) =>
      bytes(`/api/fall?week=${week}&preview=${preview}`, document, abort.signal).then((b) => {
        setShown({ fall: readFall(b), message: "", busy: preview && !coarse });
        if (!coarse) performance.mark(preview ? "kite-fall-coarse" : "kite-fall-fine");
      });
    let timer: ReturnType<typeof setTimeout> | undefined;
    ask(true)
      .then(() => {
        if (!coarse) timer = setTimeout(() => ask(false).catch(failed), SETTLE_MS);
      })
      .catch(failed);
    function failed(e: Error) {
      if (!abort.signal.aborted) setShown((s) => ({ ...s, message: e.message, busy: false }));
    }
    return () => {
      abort.abort();
      clearTimeout(timer);
    };
  }, [document, week, wanted, coarse]);
  return shown;
}
