import { useEffect } from "react";
import { create } from "zustand";

/** A head that has not been drawn after so long is not waited for. */
const LATEST_MS = 3000;

const useDrawn = create(() => ({ drawn: false }));

/** A first head stands on the screen, or none can be drawn here. */
export function firstDrawn(): void {
  if (!useDrawn.getState().drawn) useDrawn.setState({ drawn: true });
}

/** Whether a head has been drawn since the page was opened: what is not needed for it is asked for then. */
export function useFirstDrawn(): boolean {
  const drawn = useDrawn((s) => s.drawn);
  useEffect(() => {
    if (drawn) return;
    const late = setTimeout(firstDrawn, LATEST_MS);
    return () => clearTimeout(late);
  }, [drawn]);
  return drawn;
}
