import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { readHead, readSeams } from "../api/binary";
import { bytes, get, keptBytes } from "../api/http";
import type { PlanDocument, Ramp } from "../api/types";

/** The drawn head and the colours of length; fetched once for a head and kept. */
export function useHead(document: PlanDocument | null, keep = false) {
  const head = useQuery({
    queryKey: ["head", JSON.stringify(document?.head ?? null)],
    queryFn: async () =>
      readHead(await (keep ? keptBytes("/api/head", document) : bytes("/api/head", document))),
    enabled: document !== null,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const ramp = useQuery({
    queryKey: ["ramp"],
    queryFn: () => get<Ramp>("/api/ramp"),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return { head: head.data, ramp: ramp.data, error: head.error ?? ramp.error };
}

/** The scalp cut along the borders of the plan's sections; on another head none until its own is there. */
export function useSeams(document: PlanDocument | null, keep = false) {
  const head = JSON.stringify(document?.head ?? null);
  const seams = useQuery({
    queryKey: ["seams", head, JSON.stringify(document?.sections ?? null)],
    queryFn: async () => ({
      head,
      ...readSeams(await (keep ? keptBytes("/api/seams", document) : bytes("/api/seams", document))),
    }),
    enabled: document !== null,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
  return seams.data?.head === head ? seams.data : undefined;
}
