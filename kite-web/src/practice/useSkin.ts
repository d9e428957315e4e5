import { useMemo } from "react";
import type { PlanDocument, SitDocument } from "../api/types";
import { useSitHead } from "../parts/useSitHead";

/** The head of a drill with where each place of its skin is: round the head, and from the apex down. */
export function useSkin(document: PlanDocument | null) {
  const told = document && JSON.stringify([document.head, document.hair, document.start]);
  const body = useMemo(() => {
    if (!told) return null;
    const [head, hair, start] = JSON.parse(told) as [
      PlanDocument["head"],
      PlanDocument["hair"],
      PlanDocument["start"],
    ];
    return { version: 1, head, hair, start } as SitDocument;
  }, [told]);
  return useSitHead(body, false);
}
