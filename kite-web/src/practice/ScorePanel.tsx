import { placeName } from "../api/names";
import type { ScoreView, TaskView } from "../api/types";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";
import { OffBars } from "./OffBars";

type Props = { task: TaskView; score: ScoreView; units: Units; again: () => void; another: () => void };

const MOST = 8;

/** Those that are off, the farthest first, not all of them. */
function farthest(offs: ScoreView["offs"], tolerance: number): ScoreView["offs"] {
  const by = (o: ScoreView["offs"][number]) => Math.abs(o.got - o.wanted);
  return offs
    .filter((o) => by(o) > tolerance)
    .sort((a, b) => by(b) - by(a))
    .slice(0, MOST);
}

/** What a try came to: whether it was good, why, and how far off, where. */
export function ScorePanel({ task, score, units, again, another }: Props) {
  const { worst } = score;
  const angles = task.drill === "hold";
  const offs = task.drill === "wholeCut" ? farthest(score.offs, score.tolerance) : score.offs;
  return (
    <section className="grid gap-3" aria-label={worded("practice.the-score")}>
      <div className="grid gap-2" role="status">
        <p className="font-bold text-3xl">
          {score.good ? worded("practice.good") : worded("practice.not-yet")}
          <span className="ml-3 font-normal text-lg">
            {worded("practice.share", { share: Math.round(100 * score.share) })}
          </span>
        </p>
        <p className="text-xl">{score.why}</p>
        {worst && task.drill !== "findLandmark" && task.drill !== "findFault" && (
          <p className="text-lg">
            {worded("practice.worst", {
              place: placeName(worst.near),
              by: lengthWords(Math.abs(worst.got - worst.wanted), units),
              longer: worst.got > worst.wanted ? "true" : "false",
              mean: lengthWords(score.mean, units),
              spread: lengthWords(score.spread, units),
            })}
          </p>
        )}
        {score.more.length > 0 && task.drill !== "whatLeaves" && (
          <ul className="list-disc pl-6 text-lg">
            {score.more.map((m) => (
              <li key={m}>{m}</li>
            ))}
          </ul>
        )}
        {offs.length > 1 && !angles && <OffBars score={score} offs={offs} units={units} />}
        {angles && score.offs.length === 2 && (
          <p className="text-lg">
            {worded("practice.angles", {
              held: score.offs[0]?.got,
              meant: score.offs[0]?.wanted,
              fingers: score.offs[1]?.got,
              meantFingers: score.offs[1]?.wanted,
            })}
          </p>
        )}
      </div>
      <div className="grid content-start gap-2">
        <button type="button" className="btn btn-primary h-14 text-xl" onClick={another}>
          {worded("practice.another-head")}
        </button>
        <button type="button" className="btn touch text-lg" onClick={again}>
          {worded("practice.the-same-again")}
        </button>
      </div>
    </section>
  );
}
