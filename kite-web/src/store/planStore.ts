import { create } from "zustand";
import { ApiError, api, said } from "../api/http";
import type { PlanDocument, PlanView } from "../api/types";
import { knownAs } from "../api/works";
import { worded } from "../words/worded";
import type { Change } from "./asks";
import { keptDocument } from "./keptDocument";

export const plan = keptDocument<PlanDocument>({
  url: "/api/plans",
  read: (id) => said(api.GET("/api/plans/{id}", { params: { path: { id } } })),
  // Whole: what is saved as the page is left cannot be asked for again.
  save: (id, version, document) =>
    said(
      api.PUT("/api/plans/{id}", {
        params: { path: { id } },
        body: { version, document },
        bodySerializer: JSON.stringify,
      }),
    ),
});
export const usePlan = plan.use;
export const { change, undo, redo } = plan;

/** What was done, or why not, in a line under the string. */
export const useSaid = create<{ words: string; trouble: boolean }>(() => ({ words: "", trouble: false }));
export const say = (words: string, trouble = false) => useSaid.setState({ words, trouble });

/**
 * Asks the server to change the plan as a whole. What was changed here meanwhile stays; asks of one gesture start from
 * the plan as it was when the gesture began. True when it was done.
 */
export async function editPlan(
  change: Change,
  gesture?: { id: string; base: PlanDocument },
): Promise<boolean> {
  const base = gesture?.base ?? usePlan.getState().document;
  if (!base) return false;
  return plan.awaiting(async () => {
    try {
      const r = await change(base);
      plan.replace(base, r.document, gesture?.id);
      say(r.words);
      performance.mark("kite-edited");
      return true;
    } catch (e) {
      const problem = e instanceof ApiError ? e.problems[0]?.allowed : undefined;
      say(problem ?? (e instanceof Error ? e.message : worded("common.that-did-not-work")), true);
      return false;
    }
  });
}

/** The move looked at. */
export const useChosen = create<{ chosen: number }>(() => ({ chosen: 0 }));

export function openPlan(view: PlanView): void {
  useChosen.setState({ chosen: 0 });
  say("");
  knownAs(view.document, view.work);
  plan.open(view);
}

export function choose(index: number): void {
  useChosen.setState({ chosen: index });
}
