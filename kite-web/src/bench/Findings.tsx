import type { Result } from "../api/types";
import { choose } from "../store/planStore";

const TONES = { stop: "border-error", warn: "border-accent", note: "border-secondary" };
const NAMES = { stop: "Stop", warn: "Watch", note: "Note" };

/** What to know before cutting, worst first; each goes to its move. */
export function Findings({ result }: { result?: Result }) {
  if (!result || result.findings.length === 0) return null;
  return (
    <section aria-label="Findings">
      <h2 className="font-bold">Before you cut</h2>
      <ul className="mt-1 grid gap-2">
        {result.findings.map((f, i) => {
          const at = result.moves.findIndex((m) => m.id === f.move);
          return (
            <li
              key={`${f.rule}-${f.move ?? f.place}`}
              className={`border-l-4 pl-3 text-sm ${TONES[f.severity]}`}
            >
              <b>{NAMES[f.severity]}.</b> {result.findingWords[i]}
              {at >= 0 && (
                <button type="button" className="ml-1 cursor-pointer underline" onClick={() => choose(at)}>
                  Move {at + 1}
                </button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
