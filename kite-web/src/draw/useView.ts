import { useCallback, useState } from "react";
import type { ViewName } from "./views";

/** From where a head is seen: asked for again, it turns back there, too. */
export function useView(first: ViewName) {
  const [seen, set] = useState({ view: first, turn: 0 });
  const look = useCallback((view: ViewName) => set(({ turn }) => ({ view, turn: turn + 1 })), []);
  return { ...seen, look };
}
