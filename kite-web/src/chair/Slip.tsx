import { useEffect, useState } from "react";
import { api, said } from "../api/http";
import { PLACES } from "../api/names";
import type { Move, Place, PlanDocument, Replanned } from "../api/types";
import { Stepper } from "../bench/Stepper";
import { write } from "../store/chairStore";
import type { Stands } from "../store/sitting";
import { stepOf, toMm, toShown, type Units, unitOf } from "../store/units";

/** Where a slip is likeliest, by where the stylist stands. */
const NEAR: Record<Move["stand"], Place> = {
  front: "front",
  left: "ridgeLeft",
  right: "ridgeRight",
  back: "crown",
};

type Props = { slip: boolean; move: Move; stands: Stands; units: Units; shut: () => void };

/** More came off than planned, or something was measured: what is left is planned anew, and taken or not. */
export function Slip({ slip, move, stands, units, shut }: Props) {
  const [place, setPlace] = useState<Place>(NEAR[move.stand]);
  const [mm, setMm] = useState(slip ? 10 : 50);
  const [comb, setComb] = useState(false);
  const [answer, setAnswer] = useState<Replanned | null>(null);
  const [problem, setProblem] = useState("");
  useEffect(() => {
    if (!comb) return;
    const source = new EventSource("/api/comb/readings");
    source.addEventListener("reading", (e) => {
      setMm(JSON.parse((e as MessageEvent<string>).data).lengthMm as number);
      setComb(false);
    });
    source.addEventListener("error", () => setComb(false));
    return () => source.close();
  }, [comb]);
  const ask = async () => {
    write(slip ? { kind: "tookMore", move: move.id, place, mm } : { kind: "measured", place, mm });
    const { document, done } = asDone(stands, move.id);
    try {
      setAnswer(
        await said(
          api.POST("/api/replan", {
            body: {
              document,
              done,
              [slip ? "tookMoreMm" : "measuredMm"]: { [place]: mm },
            },
          }),
        ),
      );
      setProblem("");
    } catch (e) {
      setProblem(`Written down. ${(e as Error).message}`);
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
              Go on with this
            </button>
          )}
          <button type="button" className="btn h-14 text-xl" onClick={shut}>
            {answer.changes.length > 0 ? "Leave the plan as it is" : "Go on"}
          </button>
        </div>
      </div>
    );
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label className="grid gap-1 text-lg">
        Where
        <select
          className="select touch w-56 text-lg"
          value={place}
          onChange={(e) => setPlace(PLACES.find(([id]) => id === e.target.value)?.[0] ?? place)}
        >
          {PLACES.map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <Stepper
        label={slip ? "Too much by" : "Length there"}
        value={toShown(mm, units)}
        step={units === "cm" ? 0.1 : stepOf(units)}
        min={0}
        max={toShown(1500, units)}
        unit={unitOf(units)}
        onChange={(v) => setMm(toMm(v, units))}
      />
      {!slip && (
        <button
          type="button"
          className={`btn touch text-lg ${comb ? "btn-neutral" : ""}`}
          onClick={() => setComb(!comb)}
        >
          {comb ? "Comb the place …" : "From the measuring comb"}
        </button>
      )}
      <button type="button" className="btn btn-primary h-14 text-xl" onClick={() => void ask()}>
        What changes?
      </button>
      {problem && (
        <p role="alert" className="w-full border-error border-l-4 pl-3 text-lg">
          {problem}
        </p>
      )}
    </div>
  );
}

/** The plan with what is done first, the move at hand among it, and what was skipped left out. */
function asDone(t: Stands, now: string): { document: PlanDocument; done: number } {
  const is = (id: string) => t.done.has(id) || id === now;
  const kept = t.document.moves.filter((m) => is(m.id) || !t.skipped.has(m.id));
  const moves = [...kept.filter((m) => is(m.id)), ...kept.filter((m) => !is(m.id))];
  return { document: { ...t.document, moves }, done: kept.filter((m) => is(m.id)).length };
}
