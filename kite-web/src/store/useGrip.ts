import { useMemo } from "react";
import type { GripRow, PlanDocument } from "../api/types";
import { ask } from "./asks";
import { useAnswer } from "./useAnswer";

/** One bite of a move as it lies in the hand, with the move's partings; none while no bite is looked at. */
export function useGrip(document: PlanDocument, move: string, bite: number | null): GripRow | undefined {
  const body = useMemo(() => ({ document, move, bite: bite ?? 0 }), [document, move, bite]);
  const { data } = useAnswer(ask.grip, body, bite !== null);
  return bite === null ? undefined : data;
}
