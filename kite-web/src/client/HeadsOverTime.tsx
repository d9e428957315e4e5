import type { SitDownRow } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { Empty } from "../frame/States";
import { lengthWords, type Units } from "../store/units";

const curlWords = (ratio: number) =>
  ratio > 0.96 ? "straight" : ratio > 0.85 ? "wavy" : ratio > 0.64 ? "curly" : "coily";

/** The head and hair each time the client sat down, the newest first. */
export function HeadsOverTime({ rows, units }: { rows: SitDownRow[]; units: Units }) {
  return (
    <>
      <h2 className="font-bold text-xl">Heads and hair over time</h2>
      {rows.length === 0 && <Empty>Not measured yet. It is written here at each consultation.</Empty>}
      <ol className="mt-2 flex gap-3 overflow-x-auto pb-2">
        {rows.map((s) => (
          <li key={s.id} data-testid="sat-down" className="w-36 flex-none">
            <StillHead
              of={`sitdowns/${s.id}`}
              version={s.version}
              name="Hair as it was"
              className="h-36 w-full rounded-box border-2 border-base-300 bg-base-200"
            />
            <b className="block">
              {new Date(s.createdAt).toLocaleDateString("en-GB", { dateStyle: "medium" })}
            </b>
            <span className="soft block text-sm">
              Girth {lengthWords(s.girthMm, units)}
              {s.earToEarMm !== undefined && `, ear to ear ${lengthWords(s.earToEarMm, units)}`}
            </span>
            <span className="soft block text-sm">
              {Math.round(s.densityPerCm2)} a cm², {Math.round(s.diameterUm)} µm, {curlWords(s.curlRatio)}
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}
