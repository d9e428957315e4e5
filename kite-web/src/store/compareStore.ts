import { create } from "zustand";
import type { PlanDocument } from "../api/types";

/** What the plan on the bench is held against. */
export type Other = { key: string; name: string; document: PlanDocument; week: number };

export const useOther = create<{ other: Other | null }>(() => ({ other: null }));
export const compareWith = (other: Other) => useOther.setState({ other });
export const compareNot = () => useOther.setState({ other: null });
