import { create } from "zustand";

const KEY = "kite-walk";

/** How far the first walk is on this device; null while nobody walks. */
export const useWalk = create<{ at: number | null; set: (at: number | null) => void }>((set) => {
  const kept = localStorage.getItem(KEY);
  return {
    at: kept === null ? null : Number(kept),
    set: (at) => {
      if (at === null) localStorage.removeItem(KEY);
      else localStorage.setItem(KEY, String(at));
      set({ at });
    },
  };
});
