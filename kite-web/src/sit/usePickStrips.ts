import { useEffect, useRef, useState } from "react";
import { api, said } from "../api/http";
import type { PickGroup, SitDocument } from "../api/types";
import { dataUrl } from "../draw/dataUrl";

export const TILE = { width: 100, height: 116 };
const WAIT_MS = 500;

/**
 * One picture a group of picks, drawn by the engine on this client's own head: drawn again, one after another, once
 * the head has been left alone for a moment. Until then the old ones stay.
 */
export function usePickStrips(
  groups: PickGroup[],
  document: SitDocument | null,
  partInView: string,
): Record<string, string> {
  const inView = useRef(partInView);
  inView.current = partInView;
  const [strips, setStrips] = useState<Record<string, string>>({});
  const first = useRef(true);
  const head = document && JSON.stringify([document.head, document.hair]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only head and hair change the pictures
  useEffect(() => {
    if (!document || groups.length === 0) return;
    const abort = new AbortController();
    // As many pixels as the screen shows; the engine smooths them by itself.
    const sharp = Math.min(2, Math.max(1, window.devicePixelRatio));
    const timer = setTimeout(
      async () => {
        first.current = false;
        const waiting = [...groups];
        while (waiting.length > 0) {
          // What is looked at comes first.
          const next = waiting.findIndex((w) => w.part === inView.current);
          const [g] = waiting.splice(Math.max(0, next), 1);
          if (!g) return;
          const size = { width: Math.round(sharp * TILE.width), height: Math.round(sharp * TILE.height) };
          const url = await said(
            api.POST("/api/sitdown/picks/{group}", {
              params: { path: { group: g.id }, query: size },
              body: document,
              parseAs: "blob",
              signal: abort.signal,
            }),
          )
            .then(dataUrl)
            .catch(() => null);
          if (abort.signal.aborted) return;
          if (url) setStrips((s) => ({ ...s, [g.id]: url }));
        }
      },
      first.current ? 0 : WAIT_MS,
    );
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [head, groups]);
  return strips;
}
