import type { PlanDocument } from "../api/types";
import { editPlan, usePlan } from "./planStore";

/** A drag that changes the plan as it goes: one ask on its way at a time, the newest next, one step of undo in all. */
export type PlanDrag = { to: (body: Record<string, unknown>) => void; settled: () => Promise<void> };

export function startDrag(url: string): PlanDrag {
  const base = usePlan.getState().document as PlanDocument;
  const gesture = { id: crypto.randomUUID(), base };
  let next: Record<string, unknown> | undefined;
  let underWay: Promise<void> | undefined;
  const go = async () => {
    while (next) {
      const body = next;
      next = undefined;
      await editPlan(url, body, gesture);
    }
    underWay = undefined;
  };
  return {
    to(body) {
      next = body;
      underWay ??= go();
    },
    settled: async () => underWay,
  };
}
