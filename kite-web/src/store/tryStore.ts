import { create } from "zustand";
import type { PlanDocument } from "../api/types";
import { worded } from "../words/worded";
import { plan, say, usePlan } from "./planStore";

/** A change laid over the plan to be looked at before it is taken. */
type Tried = { key: string; base: PlanDocument; document: PlanDocument; words: string };

export const useTried = create<{ tried: Tried | null }>(() => ({ tried: null }));

export function tryOn(key: string, base: PlanDocument, document: PlanDocument, words: string): void {
  useTried.setState({ tried: { key, base, document, words } });
}

export const letGo = () => useTried.setState({ tried: null });

/** What is tried becomes the plan, as one step of undo. */
export function takeTried(): void {
  const { tried } = useTried.getState();
  if (!tried) return;
  letGo();
  plan.replace(tried.base, tried.document);
  say(worded("tryStore.undo-brings-the-plan", { words: tried.words }));
}

// A plan changed by hand is no longer the one the change was tried on.
usePlan.subscribe((s) => {
  const { tried } = useTried.getState();
  if (tried && s.document !== tried.base) letGo();
});
