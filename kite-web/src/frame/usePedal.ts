import { useEffect } from "react";

/**
 * What a pedal or a key does, by the key's name. Pressed once however long it is held; not while a dialog is open or
 * something is typed; and a button in focus is pressed by the key itself.
 */
export function usePedal(acts: Readonly<Record<string, () => void>>): void {
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      const act = acts[e.key];
      if (!act || document.querySelector("dialog[open]")) return;
      if (e.target instanceof HTMLInputElement || e.target instanceof HTMLSelectElement) return;
      if (e.target instanceof HTMLButtonElement && (e.key === " " || e.key === "Enter")) return;
      e.preventDefault();
      if (!e.repeat) act();
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  });
}
