import { type ReactNode, useRef, useState } from "react";
import { useShut } from "../store/useShut";

type Props = {
  name: string;
  /** Opens over the button, for one low on the screen. */
  up?: boolean;
  children: (shut: () => void) => ReactNode;
};

/** A button that opens a sheet by it; Escape or a touch beside it shuts it. */
export function Menu({ name, up, children }: Props) {
  const [open, setOpen] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  useShut(box, open, () => setOpen(false));
  return (
    <div ref={box} className="relative">
      <button type="button" className="btn touch" aria-expanded={open} onClick={() => setOpen(!open)}>
        {name}
      </button>
      {open && (
        <div
          className={`absolute right-0 z-40 ${up ? "bottom-full mb-1" : "mt-1"} grid max-h-[70vh] w-80 max-w-[90vw] content-start gap-1 overflow-y-auto rounded-box border-2 border-base-content bg-base-100 p-3`}
        >
          {children(() => setOpen(false))}
        </div>
      )}
    </div>
  );
}
