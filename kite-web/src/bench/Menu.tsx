import { type ReactNode, useRef, useState } from "react";
import { useShut } from "./useShut";

/** A button that opens a sheet under it; Escape or a touch beside it shuts it. */
export function Menu({ name, children }: { name: string; children: (shut: () => void) => ReactNode }) {
  const [open, setOpen] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  useShut(box, open, () => setOpen(false));
  return (
    <div ref={box} className="relative">
      <button type="button" className="btn touch" aria-expanded={open} onClick={() => setOpen(!open)}>
        {name}
      </button>
      {open && (
        <div className="absolute right-0 z-40 mt-1 grid max-h-[70vh] w-80 max-w-[90vw] content-start gap-1 overflow-y-auto rounded-box border-2 border-base-content bg-base-100 p-3">
          {children(() => setOpen(false))}
        </div>
      )}
    </div>
  );
}
