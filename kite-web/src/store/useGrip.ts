import { useMemo } from "react";
import type { GripRow, PlanDocument } from "../api/types";
import { useAnswer } from "./useAnswer";

/** One bite of a move as it lies in the hand, with the move's partings; bite 1 when none is asked for. */
export function useGrip(document: PlanDocument, move: string, bite: number | null): GripRow | undefined {
  const body = useMemo(() => ({ document, move, bite: bite ?? 1 }), [document, move, bite]);
  const { data } = useAnswer<GripRow>("/api/grip", body, true, 60);
  return data;
}
