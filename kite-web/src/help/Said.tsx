import { useRef, useState } from "react";
import { useShut } from "../store/useShut";
import { parts, type Term } from "./terms";

/** A sentence whose words of the trade can be asked for: a touch says what one means, and shows it. */
export function Said({ children }: { children: string }) {
  return parts(children).map((p, i) =>
    typeof p === "string" ? (
      p
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: a word is its place in the sentence
      <Word key={i} term={p} />
    ),
  );
}

function Word({ term }: { term: Term }) {
  const [open, setOpen] = useState(false);
  const box = useRef<HTMLSpanElement>(null);
  useShut(box, open, () => setOpen(false));
  return (
    <span ref={box} className="relative inline-block">
      <button
        type="button"
        className="inline min-h-6 cursor-pointer underline decoration-dotted underline-offset-4"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {term.name}
      </button>
      {open && (
        <span className="absolute top-full left-0 z-40 mt-1 flex w-80 max-w-[86vw] gap-3 rounded-box border-2 border-base-content bg-base-100 p-3 text-left font-normal text-base">
          {term.shown && <Drawn term={term} />}
          <span>{term.means}</span>
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
