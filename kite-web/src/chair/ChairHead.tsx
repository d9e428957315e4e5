import { useMemo } from "react";
import type { HeadData, Outcome } from "../api/binary";
import type { PlanDocument, Ramp } from "../api/types";
import { useSeams } from "../bench/useHead";
import { lengthPaint } from "../draw/coats";
import { Grip3D, handsRoom } from "../draw/Grip3D";
import { Head3D } from "../draw/Head3D";
import type { Units } from "../store/units";
import { useGrip } from "../store/useGrip";

type Props = {
  document: PlanDocument;
  at: number;
  /** The bite that comes next, from 1. */
  bite: number;
  outcome: Outcome;
  head: HeadData;
  ramp: Ramp;
  units: Units;
};

/** The head from where the stylist stands, with the next bite as it lies in the hand. */
export function ChairHead({ document, at, bite, outcome, head, ramp, units }: Props) {
  const move = document.moves[at];
  const after = outcome.state(at + 1);
  const paint = useMemo(() => lengthPaint(after, ramp), [after, ramp]);
  const cuts = (outcome.result.moves[at]?.bites ?? 0) > 0 && move?.cut.kind !== "aside";
  const grip = useGrip(document, move?.id ?? "", cuts ? bite : null);
  const seams = useSeams(document, true);
  // The same for every move of the plan, with a bite in the hand or none.
  const room = useMemo(() => handsRoom(outcome.state(0)), [outcome]);
  const held = useMemo(() => (grip ? <Grip3D grip={grip} /> : null), [grip]);
  return (
    <div className="relative min-h-[280px]">
      <div className="absolute inset-0">
        <Head3D
          head={head}
          seams={seams}
          paint={paint}
          lengths={after}
          before={outcome.state(at)}
          view={move?.stand ?? "back"}
          viewTurn={0}
          units={units}
          labelled={false}
          room={room}
          label={`Head from the ${move?.stand}, what move ${at + 1} cuts ringed in vermilion, bite ${bite} in the hand`}
        >
          {held}
        </Head3D>
      </div>
    </div>
  );
}
