import type { Move, Result } from "../api/types";
import { write } from "../store/chairStore";
import { worded } from "../words/worded";

const STANDS = {
  front: worded("chairMove.stand-in-front"),
  left: worded("chairMove.stand-at-the-clients"),
  right: worded("chairMove.stand-at-the-clients-2"),
  back: worded("chairMove.stand-behind"),
};

type Props = {
  /** A sheet is open that wants the room of a small screen. */
  aside: boolean;
  move: Move;
  number: number;
  headline: string;
  said: string;
  made: Result["moves"][number];
  bites: number;
  dosed: ReadonlySet<string>;
  skipped?: string;
  /** What the hand is known to do on this client. */
  hand?: string;
};

/** The move in words and numbers, large enough for an arm's length. */
export function ChairMove({ aside, move, number, headline, said, made, bites, dosed, skipped, hand }: Props) {
  const step = stepAfter(bites, made.bites, made.turns);
  return (
    <section
      aria-label={worded("chairMove.the-move")}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
      tabIndex={0}
      className={`flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto ${aside ? "max-md:hidden" : ""}`}
    >
      <p className={`text-xl ${step ? "font-bold text-primary" : ""}`} aria-live="polite">
        {step ? worded("chairMove.step-round-or-turn") : STANDS[move.stand]}{" "}
        {worded("chairMove.hair", { damp: move.damp })}
        {made.handling.map((h) => ` · ${h}`)}
      </p>
      <h1 className="font-bold text-4xl leading-tight">
        <span className="text-primary">{number}</span> {move.name}
      </h1>
      <p className="font-bold text-6xl">{headline}</p>
      <p className="text-2xl leading-snug">{said}</p>
      {made.heeds.length > 0 && (
        <ul
          aria-label={worded("chairMove.take-care")}
          className="border-error border-l-8 bg-base-200 p-2 pl-3 text-xl"
        >
          {made.heeds.map((h) => (
            <li key={h}>{h}</li>
          ))}
        </ul>
      )}
      {move.watch && <p className="border-accent border-l-8 bg-base-200 p-3 text-2xl">{move.watch}</p>}
      {hand && <p className="border-secondary border-l-8 bg-base-200 p-3 text-xl">{hand}</p>}
      {skipped !== undefined && (
        <p className="border-secondary border-l-8 bg-base-200 p-3 text-xl">
          {worded("chairMove.skipped")}
          {skipped ? `: ${skipped}` : ""}.
        </p>
      )}
      {made.doses && <Doses move={move.id} doses={made.doses} dosed={dosed} />}
    </section>
  );
}

/** True when the next bite is cut from another place: turns are spread evenly over the bites. */
export function stepAfter(bites: number, all: number, turns: number): boolean {
  if (bites === 0 || bites >= all || turns === 0) return false;
  const stretch = (b: number) => Math.floor((b * (turns + 1)) / all);
  return stretch(bites) !== stretch(bites - 1);
}

type Dose = NonNullable<Result["moves"][number]["doses"]>[number];

/** Texture, column by column; one pass everywhere before a second. */
function Doses({ move, doses, dosed }: { move: string; doses: Dose[]; dosed: ReadonlySet<string> }) {
  return (
    <fieldset className="flex flex-wrap gap-2">
      <legend className="text-lg">{worded("chairMove.columns-done")}</legend>
      {doses.map((d, i) => {
        const on = dosed.has(`${move}/${i}`);
        return (
          <button
            key={d.aroundDeg}
            type="button"
            aria-pressed={on}
            aria-label={worded("chairMove.column", { i: i + 1, percent: Math.round(d.percent) })}
            className={`btn touch h-14 w-16 text-xl ${on ? "btn-secondary" : ""}`}
            onClick={() => !on && write({ kind: "dosed", move, column: i })}
          >
            {Math.round(d.percent)} %
          </button>
        );
      })}
    </fieldset>
  );
}
