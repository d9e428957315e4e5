import { type RefObject, useEffect, useRef, useState } from "react";

/** How large an element is, told again whenever it changes; the first guess stands until it is known. */
export function useSize<E extends HTMLElement>(first: {
  width: number;
  height: number;
}): {
  ref: RefObject<E | null>;
  size: { width: number; height: number };
} {
  const ref = useRef<E>(null);
  const [size, setSize] = useState(first);
  useEffect(() => {
    if (!ref.current || typeof ResizeObserver === "undefined") return;
    const watch = new ResizeObserver(([e]) => {
      const { width, height } = e?.contentRect ?? first;
      if (width > 40 && height > 40) setSize({ width: Math.round(width), height: Math.round(height) });
    });
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, [first]);
  return { ref, size };
}
