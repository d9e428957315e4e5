import { useEffect, useState } from "react";
import { api, lines } from "../api/http";
import type { RankLine } from "../api/types";

/** Every family on a client, best first, with how far the ranking is until then; another version asks anew. */
export function useRanking(client: number, version: number): { line: RankLine; problem: string } {
  const [line, setLine] = useState<RankLine>({});
  const [problem, setProblem] = useState("");
  // biome-ignore lint/correctness/useExhaustiveDependencies: another sit-down asks anew
  useEffect(() => {
    const stop = new AbortController();
    setLine({});
    setProblem("");
    lines<RankLine>(
      api.GET("/api/clients/{id}/ranking", {
        params: { path: { id: client } },
        parseAs: "stream",
        signal: stop.signal,
      }),
      setLine,
    ).catch((e: Error) => {
      if (!stop.signal.aborted) setProblem(e.message);
    });
    return () => stop.abort();
  }, [client, version]);
  return { line, problem };
}

/** Grows with every change of head or hair, so that the shapes are drawn again. */
export const shownVersion = (sitDowns: { id: number; version: number }[]): number =>
  (sitDowns[0]?.id ?? 0) * 10_000 + (sitDowns[0]?.version ?? 0);
