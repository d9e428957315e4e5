import type { HeadData, Outcome } from "../api/binary";
import type { GripRow, PlanDocument, Ramp } from "../api/types";
import { useHead } from "../parts/useHead";
import { useOther } from "../store/compareStore";
import { useLook } from "../store/lookStore";
import type { Units } from "../store/units";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";
import { BenchHead } from "./BenchHead";
import { CompareHeads } from "./CompareHeads";
import { HairControls } from "./HairControls";
import { LookBar, Overlays, Views } from "./LookBar";
import { TriedNote } from "./TriedNote";

type Props = {
  document: PlanDocument;
  /** The plan as it was, while a change is tried on. */
  base?: PlanDocument;
  outcome?: Outcome;
  head?: HeadData;
  ramp?: Ramp;
  chosen: number;
  grip?: GripRow;
  units: Units;
  busy: boolean;
};

/** The head of the bench: one, or two held against each other, with all that changes how it is looked at. */
export function HeadPane(props: Props) {
  const { base, grip, chosen } = props;
  const other = useOther((s) => s.other);
  const bite = useLook((s) => s.bite);
  const few = useLook((s) => s.few);
  const was = useOutcome(base ?? null);
  const baseHead = useHead(base ?? null);
  return (
    <section
      className={`relative flex ${few ? "min-h-[38dvh] sm:min-h-[52dvh]" : "min-h-[52dvh]"} min-w-0 flex-col ${few ? "sm:max-lg:sticky sm:max-lg:top-2 sm:max-lg:h-[70dvh] sm:max-lg:self-start" : "sm:max-lg:col-span-2"} lg:min-h-0 ${other ? "lg:col-span-2" : ""}`}
      aria-label={worded("headPane.the-head")}
    >
      <div className={few ? "max-sm:hidden" : ""}>
        <LookBar />
      </div>
      <div className="relative min-h-[300px] flex-1 lg:min-h-0">
        {other ? (
          <CompareHeads {...props} other={other} />
        ) : (
          <BenchHead
            {...props}
            chosen={base ? undefined : chosen}
            grip={bite === null || base ? undefined : grip}
            over={base && was.outcome && baseHead.head ? was.outcome.state(was.outcome.count - 1) : undefined}
            overDocument={base}
          />
        )}
        <Views />
        {base && <TriedNote />}
        {!other && <Overlays />}
      </div>
      <div className={few ? "max-sm:hidden" : ""}>
        <HairControls />
      </div>
      <span className="sr-only" role="status">
        {props.busy ? worded("headPane.working-it-out") : ""}
      </span>
    </section>
  );
}
