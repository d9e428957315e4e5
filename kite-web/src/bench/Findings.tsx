import { useState } from "react";
import type { Finding, Meant, PlanDocument, RemedyRow } from "../api/types";
import { Said } from "../parts/Said";
import { look, sideOf, turnTo } from "../store/lookStore";
import { change, choose, usePlan } from "../store/planStore";
import { tryOn, useTried } from "../store/tryStore";
import { worded } from "../words/worded";

const TONES = { stop: "border-error", warn: "border-accent", note: "border-secondary" };
const NAMES = { stop: worded("findings.stop"), warn: worded("findings.watch"), note: worded("common.note") };
const RANK = { stop: 0, warn: 1, note: 2 };

type Props = {
  findings: Finding[];
  words: string[];
  moves: { id: string }[];
  /** What one change would answer, each a plan made of {@link remediesOf}. */
  remedies?: RemedyRow[];
  remediesOf?: PlanDocument;
  /** Whether it has been read how the hair falls; until then only lengths are known. */
  read: boolean;
};

/** What to know before cutting, worst first; each goes to its place, can be answered as meant, or remedied. */
export function Findings({ findings, words, moves, remedies, remediesOf, read }: Props) {
  const meant = usePlan((s) => s.document?.meant) ?? [];
  if (findings.length === 0)
    return (
      <section
        aria-label={worded("findings.findings")}
        className={`border-l-4 pl-3 ${read ? "border-success" : "border-base-300"}`}
      >
        {read ? worded("findings.nothing-to-watch-the") : worded("findings.nothing-in-the-lengths")}
      </section>
    );
  const answer = (f: Finding, note: string) =>
    change(["meant"], [...meant, { rule: f.rule, move: f.move, place: f.place, note }]);
  const takeBack = (f: Finding) =>
    change(
      ["meant"],
      meant.filter((m) => !same(m, f.meant)),
    );
  const sorted = findings
    .map((f, i) => ({ f, words: words[i] }))
    .sort((a, b) => rank(a.f) - rank(b.f) || Math.abs(b.f.amount) - Math.abs(a.f.amount));
  return (
    <section aria-label={worded("findings.findings")}>
      <h2 className="font-bold">{worded("findings.before-you-cut")}</h2>
      <ul className="mt-1 grid gap-2">
        {sorted.map(({ f, words: said }) => {
          const at = moves.findIndex((m) => m.id === f.move);
          const key = `${f.rule}-${f.move ?? ""}-${f.place}`;
          const remedy = remedies?.find(
            (r) => r.rule === f.rule && (r.move ?? "") === (f.move ?? "") && r.place === f.place,
          );
          const side = sideOf(f.place);
          return (
            <li
              key={key}
              className={`border-l-4 pl-3 text-sm ${f.meant === undefined ? TONES[f.severity] : "border-base-300"}`}
            >
              <b>{f.meant === undefined ? NAMES[f.severity] : worded("findings.intentional")}.</b>{" "}
              <Said>{said ?? ""}</Said>
              {f.meant?.note && <i className="soft"> {f.meant.note}</i>}
              <span className="flex flex-wrap items-center gap-x-3">
                {at >= 0 && (
                  <button type="button" className="touch cursor-pointer underline" onClick={() => choose(at)}>
                    {worded("findings.move", { at: at + 1 })}
                  </button>
                )}
                {side && (
                  <button
                    type="button"
                    className="touch cursor-pointer underline"
                    onClick={() => {
                      if (at >= 0) choose(at);
                      look({ whole: true });
                      turnTo(side);
                    }}
                  >
                    {worded("findings.show")}
                  </button>
                )}
                {remedy && remediesOf && f.meant === undefined && (
                  <Remedy name={key} base={remediesOf} row={remedy} />
                )}
                {f.meant === undefined ? (
                  f.severity !== "stop" && <MeantForm answer={(note) => answer(f, note)} />
                ) : (
                  <button
                    type="button"
                    className="touch cursor-pointer underline"
                    onClick={() => takeBack(f)}
                  >
                    {worded("findings.not-meant")}
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

const rank = (f: Finding): number => (f.meant === undefined ? RANK[f.severity] : 3);

/** One touch shows what the remedy does; it is taken over the head, where its effect is seen. */
function Remedy({ name, base, row }: { name: string; base: PlanDocument; row: RemedyRow }) {
  const trying = useTried((s) => s.tried?.key === name);
  return (
    <button
      type="button"
      className={`btn touch ${trying ? "btn-neutral" : ""}`}
      aria-pressed={trying}
      title={row.words}
      onClick={() => tryOn(name, base, row.document, row.words)}
    >
      {worded("findings.remedy")}
    </button>
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
      <button type="button" className="touch cursor-pointer underline" onClick={() => setNote("")}>
        {worded("findings.its-intentional")}
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
        className="input touch flex-1"
        aria-label={worded("findings.why-it-is-intentional")}
        placeholder={worded("findings.why-if-you-like")}
        maxLength={400}
        value={note}
        onChange={(e) => setNote(e.target.value)}
      />
      <button type="submit" className="btn touch">
        {worded("findings.its-intentional")}
      </button>
    </form>
  );
}
