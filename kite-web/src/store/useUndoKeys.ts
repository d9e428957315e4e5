import { useEffect } from "react";
import type { KeptDocument } from "./keptDocument";

/** Ctrl+Z takes back, Ctrl+Shift+Z brings again; inside a text field the browser's own undo is left alone. */
export function useUndoKeys<D>(kept: KeptDocument<D>): void {
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== "z") return;
      if (e.target instanceof HTMLElement && e.target.matches("input[type=text], textarea")) return;
      e.preventDefault();
      if (e.shiftKey) kept.redo();
      else kept.undo();
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  }, [kept]);
}
