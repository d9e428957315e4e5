import { useMemo } from "react";
import type { Fingers, Move, PlanDocument } from "../api/types";
import { ask } from "../store/asks";
import { change } from "../store/planStore";
import { lengthWords, type Units } from "../store/units";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";

/** What two neighbours may differ by and still lie as one; common practice. */
const KEPT_MM = 3;
/** Less is not worth another bite. */
const WORTH_MM = 0.5;

type Props = { document: PlanDocument; index: number; move: Move; cut: Fingers; units: Units };

/** How far the chosen move strays under usual hands, or one's own where they are known, and what another guide or bite would buy. */
export function Strays({ document, index, move, cut, units }: Props) {
  const body = useMemo(() => ({ document, move: move.id, toleranceMm: KEPT_MM }), [document, move.id]);
  const { data, message } = useAnswer(ask.bites, body);
  if (message) return <p role="alert">{message}</p>;
  if (!data) return <p>{worded("common.working-it-out")}</p>;
  const set = (mm: number) => change(["moves", index, "cut", "biteMm"], mm);
  const best = data.bites.reduce((a, b) => (b.straysMm < a.straysMm ? b : a), data.now);
  const buysMm = data.now.straysMm - best.straysMm;
  const widest = data.widestBiteMm;
  const most = Math.max(data.now.straysMm, ...data.guides.map((g) => g.straysMm));
  return (
    <div className="grid gap-2 text-sm">
      <p>
        {worded(data.own ? "strays.with-your-own-hand" : "strays.with-usual-hands-it", {
          length: lengthWords(data.now.straysMm, units),
        })}
      </p>
      <ul className="grid gap-1">
        {data.guides.map((g) => (
          <li key={g.guide} className="grid grid-cols-[5.5rem_1fr_auto] items-center gap-2">
            <span className={g.guide === cut.guide.kind ? "font-bold" : ""}>
              {g.guide === "fixed" ? "fixed" : "travelling"}
            </span>
            <span aria-hidden="true" className="h-3 bg-base-300">
              <span
                className={`block h-full ${g.guide === cut.guide.kind ? "bg-primary" : "bg-secondary"}`}
                style={{ width: `${(100 * g.straysMm) / (most || 1)}%` }}
              />
            </span>
            {lengthWords(g.straysMm, units)}
          </li>
        ))}
      </ul>
      {buysMm > WORTH_MM && (
        <button type="button" className="btn touch justify-self-start" onClick={() => set(best.biteMm)}>
          {worded("strays.bites-of-buy", {
            length: lengthWords(best.biteMm, units),
            length2: lengthWords(buysMm, units),
          })}
        </button>
      )}
      {widest !== undefined && widest > cut.biteMm && widest !== best.biteMm && (
        <button type="button" className="btn touch justify-self-start" onClick={() => set(widest)}>
          {worded("strays.bites-of-still-keep", {
            length: lengthWords(widest, units),
            length2: lengthWords(KEPT_MM, units),
          })}
        </button>
      )}
    </div>
  );
}
