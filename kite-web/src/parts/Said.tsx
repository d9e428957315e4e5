import { useRef, useState } from "react";
import { useShut } from "../store/useShut";
import { parts, type Term } from "./terms";

/**
 * A sentence whose words of the trade can be asked for: a touch says below it what one means, and shows it. It stands in
 * the flow, so that it is clipped by nothing.
 */
export function Said({ children }: { children: string }) {
  const [open, setOpen] = useState<Term | null>(null);
  const box = useRef<HTMLSpanElement>(null);
  useShut(box, open !== null, () => setOpen(null));
  return (
    <span ref={box}>
      {parts(children).map((p, i) =>
        typeof p === "string" ? (
          p
        ) : (
          <button
            // biome-ignore lint/suspicious/noArrayIndexKey: a word is its place in the sentence
            key={i}
            type="button"
            className="inline min-h-6 cursor-pointer underline decoration-dotted underline-offset-4"
            aria-expanded={open?.id === p.id}
            onClick={() => setOpen(open?.id === p.id ? null : p)}
          >
            {p.name}
          </button>
        ),
      )}
      {open && (
        <span className="my-1 flex gap-3 rounded-box border-2 border-base-content bg-base-100 p-2 text-base">
          {open.shown && <Drawn term={open} />}
          <span>{open.means}</span>
        </span>
      )}
    </span>
  );
}

/** A word on the usual head. */
export function Drawn({ term }: { term: Term }) {
  return (
    <img
      src={`/api/words/${term.shown}/picture.png`}
      alt=""
      width={100}
      height={110}
      className="h-28 w-24 flex-none object-contain"
    />
  );
}
