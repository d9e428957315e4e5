import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";

type FoundProps = {
  missed: [number, number][];
  words: string[];
  units: Units;
  again: (item: number) => void;
};

/** Where to take how much: only what stands out, and the round is not recut. */
export function Found({ missed, words, units, again }: FoundProps) {
  if (missed.length === 0) return <p className="text-3xl">{worded("checkRound.all-of-it-is")}</p>;
  return (
    <>
      <p className="text-2xl">{worded("checkRound.take-only-what-stands")}</p>
      <ul className="grid gap-2">
        {missed.map(([i, mm]) => (
          <li key={i} className="border-accent border-l-8 bg-base-200 p-3 text-xl">
            <b className="text-2xl">{worded("checkRound.take", { length: lengthWords(mm, units) })}</b>{" "}
            {words[i]}{" "}
            <button type="button" className="touch cursor-pointer underline" onClick={() => again(i)}>
              {worded("checkRound.look-again")}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
