import type { ReactNode } from "react";
import type { HeadData, Outcome } from "../api/binary";
import type { PlanDocument } from "../api/types";
import { Loading } from "../frame/States";
import { useInHand } from "../store/useInHand";
import { useStylist } from "../store/useStylist";
import { worded } from "../words/worded";
import { asFarOn } from "./biteHair";
import { handsRoom } from "./Grip3D";
import { InHand3D } from "./InHand3D";
import type { ViewName } from "./views";

type Props = {
  document: PlanDocument;
  /** The move, from 0. */
  at: number;
  /** The bite that comes next, from 1, as the plan counts them. */
  bite: number;
  /** Grows with every press of "play". */
  played: number;
  outcome: Outcome;
  head: HeadData;
  view: ViewName;
  viewTurn: number;
  label: string;
  /** Kept on this device for when the server is gone, and the next move's too. */
  keep?: boolean;
  /** What was shown last stays until this one is there: the hand still leads it. */
  stays?: boolean;
  /** Shown where it cannot be had. */
  instead: (message: string) => ReactNode;
};

/** One bite of a plan as hair, once it is there. */
export function BiteOnHair({ document, at, bite, outcome, keep, stays, instead, ...drawn }: Props) {
  const move = document.moves[at];
  const stylist = useStylist(move?.stand ?? "back");
  const next = keep ? document.moves[at + 1]?.id : undefined;
  const { data, message } = useInHand(document, move?.id ?? null, next, keep, stays);
  if (message && !data) return instead(message);
  if (!data || !move) return <Loading what={worded("common.the-hair")} />;
  return (
    <InHand3D
      {...drawn}
      data={data}
      cut={move.cut}
      stylist={stylist}
      bite={asFarOn(bite, outcome.result.moves[at]?.bites ?? 0, data.before.reading.lines.length)}
      before={outcome.state(at)}
      after={outcome.state(at + 1)}
      above={handsRoom(outcome.state(0))}
    />
  );
}
