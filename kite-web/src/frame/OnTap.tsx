import { useState } from "react";

/** A word for a number; a touch tells the number, another the word again. */
export function OnTap({ word, number }: { word: string; number: string }) {
  const [told, setTold] = useState(false);
  return (
    <button
      type="button"
      className="inline-block min-h-6 cursor-pointer text-left underline decoration-dotted"
      aria-pressed={told}
      onClick={() => setTold(!told)}
    >
      {told ? number : word}
    </button>
  );
}
