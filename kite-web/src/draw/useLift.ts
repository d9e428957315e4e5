import { type PointerEvent, type RefObject, useEffect, useRef } from "react";

/** A finger that rests so long means what lies under it. */
const HOLD_MS = 300;
/** Moved farther before that it scrolls. */
const SWIPE_PX = 8;

type At = { clientX: number; clientY: number; pointerId: number };

/**
 * A mouse or a pen lifts what it is pressed on at once; a finger only after it has rested there a moment, so that a swipe
 * scrolls and changes nothing. Once lifted, the page under it stays where it is.
 *
 * @param on the drawing; its style must let the page scroll (`touch-pan-y`)
 * @param lift called where it is taken hold of
 */
export function useLift(on: RefObject<Element | null>, lift: (at: At) => void) {
  const waiting = useRef<{ timer: ReturnType<typeof setTimeout>; x: number; y: number }>(undefined);
  const lifted = useRef(false);
  const last = useRef(lift);
  last.current = lift;
  const forget = () => {
    clearTimeout(waiting.current?.timer);
    waiting.current = undefined;
  };
  useEffect(() => {
    const drawing = on.current;
    const stay = (e: Event) => lifted.current && e.preventDefault();
    drawing?.addEventListener("touchmove", stay, { passive: false });
    return () => {
      drawing?.removeEventListener("touchmove", stay);
      clearTimeout(waiting.current?.timer);
    };
  }, [on]);
  return {
    down(e: PointerEvent) {
      const at = { clientX: e.clientX, clientY: e.clientY, pointerId: e.pointerId };
      if (e.pointerType !== "touch") {
        last.current(at);
        return;
      }
      forget();
      const timer = setTimeout(() => {
        waiting.current = undefined;
        lifted.current = true;
        last.current(at);
      }, HOLD_MS);
      waiting.current = { timer, x: e.clientX, y: e.clientY };
    },
    move(e: PointerEvent) {
      const w = waiting.current;
      if (w && Math.hypot(e.clientX - w.x, e.clientY - w.y) > SWIPE_PX) forget();
    },
    end() {
      forget();
      lifted.current = false;
    },
  };
}
