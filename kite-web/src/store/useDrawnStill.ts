import { useEffect, useState } from "react";
import { api, said } from "../api/http";
import type { PlanDocument } from "../api/types";
import { dataUrl } from "../draw/dataUrl";
import type { ViewName } from "../draw/views";

/** A still of a plan nobody has kept, as it falls; gone when it cannot be had. */
export function useDrawnStill(document: PlanDocument, view: ViewName, week: number) {
  const [still, set] = useState({ src: "", gone: false });
  useEffect(() => {
    const until = new AbortController();
    said(
      api.POST("/api/still.png", {
        params: { query: { view, week } },
        body: document,
        parseAs: "blob",
        signal: until.signal,
      }),
    )
      .then(dataUrl)
      .then(
        (src) => !until.signal.aborted && set({ src, gone: false }),
        () => !until.signal.aborted && set((s) => ({ ...s, gone: true })),
      );
    return () => until.abort();
  }, [document, view, week]);
  return still;
}
