import { useMemo, useState } from "react";
import type { Fade, FadeBand, Place, PlanDocument } from "../api/types";
import { FadeBar, heightPath } from "../parts/FadeBar";
import { GuardNumbers, GuardRow } from "../parts/FadePanel";
import { ask } from "../store/asks";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";

/** Guards, how high they go, how far each is rocked out: an even rise is to come of it. */
export function WithGuards({ task, units, score, panel, busy, done }: DrillProps) {
  const move = task.document.moves[0];
  const [cut, setCut] = useState(move?.cut as Fade);
  const [chosen, setChosen] = useState(0);
  const document = useMemo(
    () => ({ ...task.document, moves: [{ ...task.document.moves[0], cut }] }) as PlanDocument,
    [task, cut],
  );
  const body = useMemo(() => ({ document, move: move?.id ?? "" }), [document, move]);
  const { data, message } = useAnswer(ask.fade, body);
  const k = Math.min(chosen, cut.bands.length - 1);
  const bands = (b: FadeBand[]) => setCut({ ...cut, bands: b });
  const height = (place: Place, mm: number) => {
    const [first, second] = heightPath(place);
    if (first === "left" && second) setCut({ ...cut, left: { ...cut.left, [second]: mm } as Fade["left"] });
    else setCut({ ...cut, [first as string]: mm });
  };
  return (
    <DrillFrame
      panel={panel}
      head={
        <DrillHead
          document={score ? score.after : document}
          meant={score?.wished}
          units={units}
          first="right"
          label={worded("practice.head-of", { name: task.name })}
          paints
        />
      }
    >
      {score ? null : (
        <>
          {message && <p role="alert">{message}</p>}
          {data && (
            <FadeBar
              cut={cut}
              view={data}
              chosen={k}
              units={units}
              choose={setChosen}
              setBands={bands}
              setHeight={height}
            />
          )}
          <GuardRow bands={cut.bands} chosen={k} choose={setChosen} set={bands} />
          <GuardNumbers
            bands={cut.bands}
            k={k}
            set={bands}
            highMm={Math.max(1, ...(data?.strips ?? []).map((t) => t.highMm))}
          />
          <Done busy={busy} tried={false} done={() => done({ kind: "guarded", fade: cut })} />
        </>
      )}
    </DrillFrame>
  );
}
