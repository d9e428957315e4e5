import type { FallReading } from "../api/types";
import { worded } from "../words/worded";

/** What is seen of the fallen hair, in a few words. */
export function Reading({ reading }: { reading: FallReading }) {
  return (
    <section aria-label={worded("reading.how-it-falls")}>
      <h2 className="font-bold">{worded("reading.how-it-falls")}</h2>
      <ul className="mt-1 grid gap-0.5 text-sm">
        {reading.words.map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
      {reading.week === 0 && <p className="mt-1 font-bold text-sm">{reading.returnWords}</p>}
    </section>
  );
}
