import { keepPreviousData, skipToken, useQuery } from "@tanstack/react-query";
import { readHead, readSeams } from "../api/binary";
import { api, bytesOf, said } from "../api/http";
import type { PlanDocument } from "../api/types";

/** The drawn head and the colours of length; fetched once for a head and kept. */
export function useHead(document: PlanDocument | null, keep = false) {
  const head = useQuery({
    queryKey: ["head", JSON.stringify(document?.head ?? null)],
    queryFn: document ? async () => readHead(await bytesOf("/api/head", document, keep)) : skipToken,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const ramp = useQuery({
    queryKey: ["ramp"],
    queryFn: () => said(api.GET("/api/ramp")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return { head: head.data, ramp: ramp.data, error: head.error ?? ramp.error };
}

/** The scalp cut along the borders of the plan's sections; on another head none until its own is there. */
export function useSeams(document: PlanDocument | null, keep = false) {
  const head = JSON.stringify(document?.head ?? null);
  const seams = useQuery({
    queryKey: ["seams", head, JSON.stringify(document?.sections ?? null)],
    queryFn: document
      ? async () => ({ head, ...readSeams(await bytesOf("/api/seams", document, keep)) })
      : skipToken,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
  return seams.data?.head === head ? seams.data : undefined;
}
