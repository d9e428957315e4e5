import { type RefObject, useEffect } from "react";

/** Shuts what is open at Escape or a touch beside it. */
export function useShut(box: RefObject<HTMLElement | null>, open: boolean, shut: () => void): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: shut is made anew at every drawing and does the same
  useEffect(() => {
    if (!open) return;
    const on = (e: Event) => {
      if (e instanceof KeyboardEvent ? e.key === "Escape" : !box.current?.contains(e.target as Node)) shut();
    };
    window.addEventListener("pointerdown", on);
    window.addEventListener("keydown", on);
    return () => {
      window.removeEventListener("pointerdown", on);
      window.removeEventListener("keydown", on);
    };
  }, [open, box]);
}
