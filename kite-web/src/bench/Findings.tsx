import { useState } from "react";
import type { Finding, Meant } from "../api/types";
import { change, choose, usePlan } from "../store/planStore";

const TONES = { stop: "border-error", warn: "border-accent", note: "border-secondary" };
const NAMES = { stop: "Stop", warn: "Watch", note: "Note" };

type Props = { findings: Finding[]; words: string[]; moves: { id: string }[] };

/** What to know before cutting, worst first; each goes to its move, and can be answered as meant. */
export function Findings({ findings, words, moves }: Props) {
  const meant = usePlan((s) => s.document?.meant) ?? [];
  if (findings.length === 0) return null;
  const answer = (f: Finding, note: string) =>
    change(["meant"], [...meant, { rule: f.rule, move: f.move ?? null, place: f.place, note }]);
  const takeBack = (f: Finding) =>
    change(
      ["meant"],
      meant.filter((m) => !same(m, f.meant)),
    );
  return (
    <section aria-label="Findings">
      <h2 className="font-bold">Before you cut</h2>
      <ul className="mt-1 grid gap-2">
        {findings.map((f, i) => {
          const at = moves.findIndex((m) => m.id === f.move);
          return (
            <li
              key={`${f.rule}-${f.move ?? ""}-${f.place}`}
              className={`border-l-4 pl-3 text-sm ${f.meant === undefined ? TONES[f.severity] : "border-base-300"}`}
            >
              <b>{f.meant === undefined ? NAMES[f.severity] : "Meant"}.</b> {words[i]}
              {f.meant?.note && <i className="soft"> {f.meant.note}</i>}
              <span className="flex gap-3">
                {at >= 0 && (
                  <button type="button" className="cursor-pointer underline" onClick={() => choose(at)}>
                    Move {at + 1}
                  </button>
                )}
                {f.meant === undefined ? (
                  f.severity !== "stop" && <MeantForm answer={(note) => answer(f, note)} />
                ) : (
                  <button type="button" className="cursor-pointer underline" onClick={() => takeBack(f)}>
                    Not meant
                  </button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The same answer, whether its open fields are left out or empty. */
export function same(a: Meant, b?: Meant): boolean {
  const key = (m?: Meant) => [m?.rule, m?.move ?? "", m?.place ?? "", m?.note ?? ""].join("|");
  return key(a) === key(b);
}

function MeantForm({ answer }: { answer: (note: string) => void }) {
  const [note, setNote] = useState<string | null>(null);
  if (note === null)
    return (
      <button type="button" className="cursor-pointer underline" onClick={() => setNote("")}>
        Meant
      </button>
    );
  return (
    <form
      className="flex flex-1 gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        answer(note);
      }}
    >
      <input
        className="input input-sm flex-1"
        aria-label="Why it is meant"
        placeholder="why, if you like"
        maxLength={400}
        value={note}
        onChange={(e) => setNote(e.target.value)}
      />
      <button type="submit" className="btn btn-sm">
        Meant
      </button>
    </form>
  );
}
