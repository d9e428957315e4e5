import { useState } from "react";
import type { HeadData, Outcome } from "../api/binary";
import type { PlanDocument, Ramp } from "../api/types";
import { useHead } from "../parts/useHead";
import { weekWords } from "../parts/worn";
import { compareNot, type Other } from "../store/compareStore";
import { useLook } from "../store/lookStore";
import type { Units } from "../store/units";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";
import { BenchHead } from "./BenchHead";

type Props = {
  document: PlanDocument;
  outcome?: Outcome;
  head?: HeadData;
  ramp?: Ramp;
  units: Units;
  other: Other;
};

/** Two plans or two weeks on one head: side by side and turned together, or one laid over the other. */
export function CompareHeads({ document, outcome, head, ramp, units, other }: Props) {
  const [laid, setLaid] = useState(false);
  const week = useLook((s) => s.week);
  const there = useOutcome(other.document);
  const otherHead = useHead(other.document);
  const otherEnd = there.outcome?.state(there.outcome.count - 1);
  return (
    <div className="absolute inset-0 flex flex-col">
      <div className="flex items-center gap-3 pl-16">
        <b className="min-w-0 flex-1 truncate text-center">
          {document.title}, {weekWords(week)}
        </b>
        {!laid && (
          <b className="min-w-0 flex-1 truncate text-center text-secondary">
            {other.name}, {weekWords(other.week)}
          </b>
        )}
        <button type="button" className="btn touch" aria-pressed={laid} onClick={() => setLaid(!laid)}>
          {laid ? worded("compareHeads.side-by-side") : worded("compareHeads.lay-over")}
        </button>
        <button type="button" className="btn touch" onClick={compareNot}>
          {worded("compareHeads.stop-comparing")}
        </button>
      </div>
      <div className={`grid min-h-0 flex-1 ${laid ? "" : "grid-cols-2"}`}>
        <div className="relative">
          <BenchHead
            document={document}
            outcome={outcome}
            head={head}
            ramp={ramp}
            units={units}
            linked
            name={document.title}
            over={laid ? otherEnd : undefined}
            overDocument={laid ? other.document : undefined}
            overWeek={other.week}
          />
        </div>
        {!laid && (
          <div className="relative border-base-300 border-l">
            <BenchHead
              document={other.document}
              outcome={there.outcome}
              head={otherHead.head}
              ramp={ramp}
              units={units}
              linked
              week={other.week}
              name={other.name}
            />
          </div>
        )}
      </div>
      {there.message && <p role="alert">{there.message}</p>}
    </div>
  );
}
