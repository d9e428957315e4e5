import type { PlanDocument } from "../api/types";
import type { Change } from "./asks";
import { editPlan, plan, usePlan } from "./planStore";

/** A drag that changes the plan as it goes: one ask on its way at a time, the newest next, one step of undo in all. */
export type PlanDrag = { to: (change: Change) => void; settled: () => Promise<void> };

export function startDrag(): PlanDrag {
  const base = usePlan.getState().document as PlanDocument;
  const gesture = { id: crypto.randomUUID(), base };
  let next: Change | undefined;
  let underWay: Promise<void> | undefined;
  const go = async () => {
    while (next) {
      const change = next;
      next = undefined;
      await editPlan(change, gesture);
    }
    underWay = undefined;
  };
  return {
    to(change) {
      next = change;
      underWay ??= plan.awaiting(go);
    },
    settled: async () => underWay,
  };
}
