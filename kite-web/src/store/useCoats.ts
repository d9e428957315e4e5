import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, said } from "../api/http";
import type { PlanDocument } from "../api/types";
import { asksServer, type Coat } from "../draw/coats";

/** The coats of paint there are, with their scales. */
export function useCoats() {
  return useQuery({
    queryKey: ["coats"],
    queryFn: () => said(api.GET("/api/coats")),
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
}

/** What a coat says of a plan, a number a root; the last one stays till the new one is there. */
export function useCoat(document: PlanDocument, coat: Coat) {
  const [told, setTold] = useState<{ coat: Coat; values: Float32Array }>();
  useEffect(() => {
    if (!asksServer(coat)) return;
    const abort = new AbortController();
    said(
      api.POST("/api/coat", {
        params: { query: { of: coat } },
        body: document,
        signal: abort.signal,
        parseAs: "arrayBuffer",
      }),
    )
      .then((b) => setTold({ coat, values: new Float32Array(b) }))
      .catch(() => undefined);
    return () => abort.abort();
  }, [coat, document]);
  return told;
}
