import type { SitDownRow } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { OnTap } from "../frame/OnTap";
import { Empty } from "../frame/States";
import { curlWords, densityWords, thicknessWords } from "../store/hairWords";
import { dayTold } from "../store/shopTime";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";

/** The head and hair each time the client sat down, the newest first. */
export function HeadsOverTime({ rows, units }: { rows: SitDownRow[]; units: Units }) {
  return (
    <>
      <h2 className="font-bold text-xl">{worded("headsOverTime.heads-and-hair-over")}</h2>
      {rows.length === 0 && <Empty>{worded("headsOverTime.not-measured-yet-it")}</Empty>}
      <ol className="mt-2 flex gap-3 overflow-x-auto pb-2">
        {rows.map((s) => (
          <li key={s.id} data-testid="sat-down" className="w-36 flex-none">
            <StillHead
              of={`sitdowns/${s.id}`}
              version={s.version}
              name={worded("headsOverTime.hair-as-it-was")}
              className="h-36 w-full rounded-box border-2 border-base-300 bg-base-200"
            />
            <b className="block">{dayTold(s.createdAt)}</b>
            <span className="soft block text-sm">
              {worded("headsOverTime.girth", { length: lengthWords(s.girthMm, units) })}
              {s.earToEarMm !== undefined &&
                worded("headsOverTime.ear-to-ear", { length: lengthWords(s.earToEarMm, units) })}
            </span>
            <span className="soft block text-sm">
              <OnTap
                word={`${densityWords(s.densityPerCm2)}, ${thicknessWords(s.diameterUm)}`}
                number={worded("headsOverTime.numbers", {
                  perCm2: Math.round(s.densityPerCm2),
                  micrometres: Math.round(s.diameterUm),
                })}
              />
              , {curlWords(s.curlRatio)}
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}
