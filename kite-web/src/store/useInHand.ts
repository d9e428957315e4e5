import { keepPreviousData, skipToken, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { bytesOf, keepOnly } from "../api/http";
import { readInHand } from "../api/inHand";
import type { PlanDocument } from "../api/types";

const numbers = new WeakMap<PlanDocument, number>();
let last = 0;

/** A document's own number on this page: to tell two apart by what they say takes too long. */
function numberOf(document: PlanDocument): number {
  const known = numbers.get(document) ?? ++last;
  numbers.set(document, known);
  return known;
}

const KEPT_MS = 60_000;
/** The next move's hair is asked for when this one's has been looked at for a moment. */
const AHEAD_MS = 400;
/** What is looked at comes first. */
const KEEP_AFTER_MS = 4000;

const asked = (document: PlanDocument, move: string, keep: boolean) => ({
  queryKey: ["in-hand", numberOf(document), move],
  queryFn: async () => readInHand(await bytesOf("/api/in-hand", { document, move }, keep)),
  staleTime: Number.POSITIVE_INFINITY,
  gcTime: KEPT_MS,
});

/**
 * A move on hair, and beforehand the one that comes next.
 *
 * @param move its id; null while it is not looked at
 * @param keep on this device, for when the server is gone
 * @param stays what was shown last until this one is there
 */
export function useInHand(
  document: PlanDocument,
  move: string | null,
  next?: string,
  keep = false,
  stays = false,
) {
  const client = useQueryClient();
  const { data, error } = useQuery({
    ...(move === null ? { queryKey: ["in-hand", 0, ""], queryFn: skipToken } : asked(document, move, keep)),
    ...(stays ? { placeholderData: keepPreviousData } : {}),
  });
  useEffect(() => {
    if (!data || move === null || !next) return;
    const timer = setTimeout(() => void client.prefetchQuery(asked(document, next, keep)), AHEAD_MS);
    return () => clearTimeout(timer);
  }, [client, data, document, move, next, keep]);
  return { data, message: error?.message };
}

/** All moves of this plan kept for when the server is gone, and no other plan's: a day of them would fill the device. */
export function keepInHand(document: PlanDocument): () => void {
  let stopped = false;
  const timer = setTimeout(() => {
    const bodies = document.moves.map((m) => ({ document, move: m.id }));
    void keepOnly("/api/in-hand", bodies, () => stopped).catch(() => undefined);
  }, KEEP_AFTER_MS);
  return () => {
    stopped = true;
    clearTimeout(timer);
  };
}
