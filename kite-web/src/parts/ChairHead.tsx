import { useEffect, useMemo, useRef, useState } from "react";
import type { HeadData, Outcome } from "../api/binary";
import { PLACES } from "../api/names";
import type { Place, PlanDocument, Ramp } from "../api/types";
import { BiteOnHair } from "../draw/BiteOnHair";
import { lengthPaint } from "../draw/coats";
import { Grip3D, handsRoom } from "../draw/Grip3D";
import { Head3D } from "../draw/Head3D";
import { Places3D } from "../draw/Places3D";
import { type ViewName, viewOn } from "../draw/views";
import type { Units } from "../store/units";
import { useGrip } from "../store/useGrip";
import { keepInHand } from "../store/useInHand";
import { useStylist } from "../store/useStylist";
import { worded } from "../words/worded";
import { useSeams } from "./useHead";

const ALL = PLACES.map(([id]) => id);

type Props = {
  document: PlanDocument;
  at: number;
  /** The bite that comes next, from 1. */
  bite: number;
  outcome: Outcome;
  head: HeadData;
  ramp: Ramp;
  units: Units;
  /** The place that is asked after; null while none is. */
  place: Place | null;
  choose: (p: Place) => void;
  /** Cut for practice: nothing of it is kept on the device, and its lengths are not told. */
  practised?: boolean;
};

/** The head from where the stylist stands, with the next bite as it lies in the hand: as hair, or as lengths. */
export function ChairHead(props: Props) {
  const { document, at, bite, outcome, head, place, practised = false } = props;
  const move = document.moves[at];
  const [painted, setPainted] = useState(false);
  const [played, setPlayed] = useState(0);
  useEffect(() => (practised ? undefined : keepInHand(document)), [document, practised]);
  const stand = move?.stand ?? "back";
  const label = worded("chairHead.head-from-the-what", { stand, at: at + 1, bite });
  const lengths = <Painted {...props} label={label} />;
  const holds = move?.cut.kind !== "texture" && move?.cut.kind !== "aside";
  return (
    <div className="relative min-h-[280px]">
      <div className="absolute inset-0">
        {painted || place !== null ? (
          lengths
        ) : (
          <BiteOnHair
            document={document}
            at={at}
            bite={bite}
            played={played}
            outcome={outcome}
            head={head}
            view={stand}
            viewTurn={0}
            label={label}
            keep={!practised}
            stays={practised}
            // Without the network and never looked at: the lengths are there all the same.
            instead={() => lengths}
          />
        )}
      </div>
      {place === null && (
        <div className="absolute top-0 left-0 z-10 flex gap-1">
          {!practised && (
            <button
              type="button"
              className="btn touch"
              aria-pressed={painted}
              onClick={() => setPainted((p) => !p)}
            >
              {painted ? worded("chairHead.as-hair") : worded("chairHead.as-lengths")}
            </button>
          )}
          {!painted && holds && (
            <button type="button" className="btn touch" onClick={() => setPlayed((p) => p + 1)}>
              {worded("chairHead.play-the-bite")}
            </button>
          )}
        </div>
      )}
    </div>
  );
}

function Painted({
  document,
  at,
  bite,
  outcome,
  head,
  ramp,
  units,
  place,
  choose,
  label,
}: Props & { label: string }) {
  const move = document.moves[at];
  // The same for every move of the plan, with a bite in the hand or none.
  const above = useMemo(() => handsRoom(outcome.state(0)), [outcome]);
  const after = outcome.state(at + 1);
  const paint = useMemo(() => lengthPaint(after, ramp), [after, ramp]);
  const cuts = (outcome.result.moves[at]?.bites ?? 0) > 0 && move?.cut.kind !== "aside";
  const grip = useGrip(document, move?.id ?? "", cuts ? bite : null);
  const seams = useSeams(document, true);
  const { landmarks } = outcome.result.head;
  const stylist = useStylist(move?.stand ?? "back");
  const touched = useRef<Place | null>(null);
  const [view, setView] = useState<ViewName>(move?.stand ?? "back");
  useEffect(() => {
    // What was touched is seen; what was named is turned to.
    if (place === null) setView(move?.stand ?? "back");
    else if (place !== touched.current) {
      touched.current = null;
      setView(viewOn(landmarks[place]));
    }
  }, [place, landmarks, move?.stand]);
  const held = useMemo(() => {
    if (place) {
      const touch = (p: Place) => {
        touched.current = p;
        choose(p);
      };
      return <Places3D landmarks={landmarks} places={ALL} chosen={place} choose={touch} />;
    }
    return grip && move ? <Grip3D grip={grip} cut={move.cut} stylist={stylist} /> : null;
  }, [grip, move, stylist, place, landmarks, choose]);
  return (
    <Head3D
      head={head}
      seams={seams}
      paint={paint}
      lengths={after}
      before={outcome.state(at)}
      view={view}
      viewTurn={0}
      units={units}
      labelled={false}
      above={above}
      label={label}
    >
      {held}
    </Head3D>
  );
}
