import { useEffect, useState } from "react";
import { type Outcome, readOutcome } from "../api/binary";
import { ApiError, bytes, type FieldProblem } from "../api/http";
import type { PlanDocument } from "../api/types";

type Shown = { outcome?: Outcome; problems: FieldProblem[]; message: string; busy: boolean };

const NOTHING: Shown = { problems: [], message: "", busy: true };

/** What comes of the document, computed by the server; an answer overtaken by a newer change is dropped. */
export function useOutcome(document: PlanDocument | null): Shown {
  const [shown, setShown] = useState<Shown>(NOTHING);
  useEffect(() => {
    if (!document) {
      setShown(NOTHING);
      return;
    }
    const abort = new AbortController();
    setShown((s) => ({ ...s, busy: true }));
    bytes("/api/outcome", document, abort.signal)
      .then((b) => {
        setShown({ outcome: readOutcome(b), problems: [], message: "", busy: false });
        performance.mark("kite-outcome");
      })
      .catch((e) => {
        if (abort.signal.aborted) return;
        const problems = e instanceof ApiError ? e.problems : [];
        setShown((s) => ({ ...s, problems, message: e.message, busy: false }));
      });
    return () => abort.abort();
  }, [document]);
  return shown;
}
