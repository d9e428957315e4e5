import { useState } from "react";
import { api, said } from "../api/http";
import { placeName } from "../api/names";
import type { Move, Place, PlanDocument, Replanned } from "../api/types";
import { ask as asks } from "../store/asks";
import { write } from "../store/chairStore";
import type { Stands } from "../store/sitting";
import type { Units } from "../store/units";
import { useAnswer } from "../store/useAnswer";
import { useComb } from "../store/useComb";
import { worded } from "../words/worded";
import { WhereAndHow } from "./WhereAndHow";

type Props = {
  move: Move;
  stands: Stands;
  place: Place;
  choose: (p: Place) => void;
  units: Units;
  shut: () => void;
};

/** What is really there was measured: what is left to do is planned anew, and taken or not. */
export function Measured({ move, stands, place, choose, units, shut }: Props) {
  const [mm, setMm] = useState(50);
  const [comb, setComb] = useState(false);
  const [answer, setAnswer] = useState<Replanned | null>(null);
  const [problem, setProblem] = useState("");
  useComb(
    comb,
    (read) => {
      setMm(read);
      setComb(false);
    },
    () => setComb(false),
  );
  const ask = async () => {
    write({ kind: "measured", place, mm });
    const body = { ...asDone(stands, move.id), measuredMm: { [place]: mm } };
    try {
      setAnswer(await said(api.POST("/api/replan", { body })));
      setProblem("");
    } catch (e) {
      setProblem(worded("slip.written-down", { message: (e as Error).message }));
    }
  };
  if (answer)
    return (
      <div className="grid gap-2">
        <p className="text-2xl" role="status">
          {answer.words}
        </p>
        <div className="flex gap-2">
          {answer.changes.length > 0 && (
            <button
              type="button"
              className="btn btn-primary h-14 text-xl"
              onClick={() => {
                write({ kind: "replanned", plan: answer.document });
                shut();
              }}
            >
              {worded("slip.go-on-with-this")}
            </button>
          )}
          <button type="button" className="btn h-14 text-xl" onClick={shut}>
            {answer.changes.length > 0 ? worded("slip.leave-the-plan-as") : worded("slip.go-on")}
          </button>
        </div>
      </div>
    );
  return (
    <div className="grid gap-3">
      <TellsMost document={stands.document} place={place} choose={choose} />
      <WhereAndHow
        place={place}
        choose={choose}
        label={worded("common.length-there")}
        mm={mm}
        set={setMm}
        units={units}
      >
        <button
          type="button"
          className={`btn touch text-lg ${comb ? "btn-neutral" : ""}`}
          onClick={() => setComb(!comb)}
        >
          {comb ? worded("slip.comb-the-place") : worded("slip.from-the-measuring-comb")}
        </button>
        <button type="button" className="btn btn-primary h-14 text-xl" onClick={() => void ask()}>
          {worded("slip.what-changes")}
        </button>
      </WhereAndHow>
      {problem && (
        <p role="alert" className="border-error border-l-4 pl-3 text-lg">
          {problem}
        </p>
      )}
    </div>
  );
}

type TellsProps = { document: PlanDocument; place: Place; choose: (p: Place) => void };

/** The few places whose measure tells most of all the others. */
function TellsMost({ document, place, choose }: TellsProps) {
  const { data } = useAnswer(asks.telling, document);
  if (!data) return null;
  return (
    <fieldset className="flex w-full flex-wrap items-center gap-2">
      <legend className="text-lg">{worded("slip.these-tell-most")}</legend>
      {data.map((t) => (
        <button
          key={t.place}
          type="button"
          aria-pressed={t.place === place}
          className={`btn touch text-lg ${t.place === place ? "btn-neutral" : ""}`}
          onClick={() => choose(t.place)}
        >
          {placeName(t.place)}
        </button>
      ))}
    </fieldset>
  );
}

/** The plan with what is done first, the move at hand among it, and what was skipped left out. */
function asDone(t: Stands, now: string): { document: PlanDocument; done: number } {
  const is = (id: string) => t.done.has(id) || id === now;
  const kept = t.document.moves.filter((m) => is(m.id) || !t.skipped.has(m.id));
  const moves = [...kept.filter((m) => is(m.id)), ...kept.filter((m) => !is(m.id))];
  return { document: { ...t.document, moves }, done: kept.filter((m) => is(m.id)).length };
}
