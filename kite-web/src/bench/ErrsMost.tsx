import { useState } from "react";
import type { PlanDocument } from "../api/types";
import { ask } from "../store/asks";
import { choose } from "../store/planStore";
import { lengthWords, type Units } from "../store/units";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";

const MOST = 5;

type Props = {
  /** The plan once nothing has changed for a moment. */
  document: PlanDocument | null;
  units: Units;
};

/** Which moves a plan's errors come from, the worst first; asked when it is opened. */
export function ErrsMost({ document, units }: Props) {
  const [open, setOpen] = useState(false);
  const { data, message } = useAnswer(ask.risk, document, open);
  const rows = data?.moves.filter((m) => m.share >= 0.005).slice(0, MOST) ?? [];
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="touch inline-flex cursor-pointer items-center text-sm underline">
        {worded("errsMost.where-hands-err-most")}
      </summary>
      {open && message && <p role="alert">{message}</p>}
      {data?.own && <p className="soft text-sm">{worded("common.by-your-own-hand")}</p>}
      {open && !data && !message && <p role="status">{worded("common.working-it-out")}</p>}
      <ol className="grid gap-1 text-sm">
        {rows.map((m) => {
          const at = document?.moves.findIndex((d) => d.id === m.move) ?? -1;
          return (
            <li key={m.move}>
              <button
                type="button"
                className="touch grid w-full cursor-pointer grid-cols-[1fr_4rem_auto] items-center gap-2 text-left"
                onClick={() => choose(at)}
              >
                <span className="underline">
                  {at + 1} {m.name}
                </span>
                <span aria-hidden="true" className="h-3 bg-base-300">
                  <span className="block h-full bg-primary" style={{ width: `${100 * m.share}%` }} />
                </span>
                {lengthWords(m.spreadMm, units)}
              </button>
            </li>
          );
        })}
      </ol>
    </details>
  );
}
