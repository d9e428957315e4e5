import { useEffect, useState } from "react";
import { type Outcome, readOutcome } from "../api/binary";
import { ApiError, bytesOf, type FieldProblem } from "../api/http";
import type { PlanDocument } from "../api/types";
import { awaits } from "./awaited";

type Shown = {
  outcome?: Outcome;
  /** The document it came of; while it is not the one asked for, the answer is still on its way. */
  of?: PlanDocument;
  problems: FieldProblem[];
  message: string;
};

const NOTHING: Shown = { problems: [], message: "" };

/**
 * What comes of the document, computed by the server; an answer overtaken by a newer change is dropped. When it is to
 * be kept, it stays on the device for when the server is gone.
 */
export function useOutcome(document: PlanDocument | null, keep = false): Shown {
  const [shown, setShown] = useState<Shown>(NOTHING);
  useEffect(() => {
    if (!document) {
      setShown(NOTHING);
      return;
    }
    const abort = new AbortController();
    const answer = bytesOf("/api/outcome", document, keep, abort.signal);
    awaits(answer);
    answer
      .then((b) => {
        setShown({ outcome: readOutcome(b), of: document, problems: [], message: "" });
        performance.mark("kite-outcome");
      })
      .catch((e) => {
        if (abort.signal.aborted) return;
        const problems = e instanceof ApiError ? e.problems : [];
        setShown((s) => ({ ...s, problems, message: e.message }));
      });
    return () => abort.abort();
  }, [document, keep]);
  return shown;
}
