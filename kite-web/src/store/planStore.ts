import { create } from "zustand";
import type { PlanDocument, PlanView } from "../api/types";
import { keptDocument } from "./keptDocument";

export const plan = keptDocument<PlanDocument>("/api/plans");
export const usePlan = plan.use;
export const { change, undo, redo } = plan;

/** The move looked at. */
export const useChosen = create<{ chosen: number }>(() => ({ chosen: 0 }));

export function openPlan(view: PlanView): void {
  useChosen.setState({ chosen: 0 });
  plan.open(view);
}

export function choose(index: number): void {
  useChosen.setState({ chosen: index });
}
