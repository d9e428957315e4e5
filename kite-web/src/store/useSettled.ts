import { useEffect, useState } from "react";

/** A value once nothing has changed of it for a moment; until then the last one that stood so long. */
export function useSettled<T>(value: T | null, restMs: number, wanted = true): T | null {
  const [settled, setSettled] = useState<T | null>(null);
  useEffect(() => {
    if (!wanted) return;
    const timer = setTimeout(() => setSettled(value), restMs);
    return () => clearTimeout(timer);
  }, [value, restMs, wanted]);
  return settled;
}
