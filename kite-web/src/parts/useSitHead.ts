import { useEffect, useRef, useState } from "react";
import { ApiError, api, type FieldProblem, said } from "../api/http";
import type { SitDocument } from "../api/types";
import { readSit, type SitHead } from "./readSit";

type Shown = { drawn?: SitHead; problems: FieldProblem[]; message: string; busy: boolean };

/** The drawn head of the sit-down as it stands; an answer overtaken by a newer change is dropped. Strokes
 * show how hair grows, where that is looked at. */
export function useSitHead(document: SitDocument | null, strokes: boolean): Shown {
  const [shown, setShown] = useState<Shown>({ problems: [], message: "", busy: true });
  const known = useRef<{ head: string; drawn: SitHead }>(undefined);
  useEffect(() => {
    if (!document) return;
    const abort = new AbortController();
    const head = JSON.stringify(document.head);
    const have = known.current?.head === head ? known.current.drawn.head : undefined;
    setShown((s) => ({ ...s, busy: true }));
    said(
      api.POST("/api/sitdown/head", {
        params: { query: { meshes: !have, strokes } },
        body: document,
        signal: abort.signal,
        parseAs: "arrayBuffer",
      }),
    )
      .then((b) => {
        const drawn = readSit(b, have);
        known.current = { head, drawn };
        setShown({ drawn, problems: [], message: "", busy: false });
        performance.mark("kite-sit-drawn");
      })
      .catch((e) => {
        if (abort.signal.aborted) return;
        const problems = e instanceof ApiError ? e.problems : [];
        setShown((s) => ({ ...s, problems, message: e.message, busy: false }));
      });
    return () => abort.abort();
  }, [document, strokes]);
  return shown;
}
