import { useEffect, useMemo, useState } from "react";
import { type Fallen, readFall } from "../api/binary";
import { api, said } from "../api/http";
import type { SitDocument } from "../api/types";

/** What is picked in one go falls once, and never before the head itself is there. */
const SETTLE_MS = 350;

/** The hair as it hangs today; the last one known stands until a change has fallen. */
export function useSitFall(document: SitDocument | null, wanted: boolean): Fallen | undefined {
  const [fall, setFall] = useState<Fallen>();
  const { head, hair, start } = document ?? {};
  const asked = useMemo(
    () => (head && start ? { version: 1 as const, head, hair, start } : undefined),
    [head, hair, start],
  );
  useEffect(() => {
    if (!wanted || !asked) return;
    const abort = new AbortController();
    const timer = setTimeout(() => {
      said(api.POST("/api/sitdown/fall", { body: asked, signal: abort.signal, parseAs: "arrayBuffer" }))
        .then((b) => setFall(readFall<Fallen>(b)))
        .catch(() => {
          // What is wrong with the document is said beside its field by the head's own answer.
        });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [asked, wanted]);
  return fall;
}
