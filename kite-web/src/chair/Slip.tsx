import { useState } from "react";
import type { Move, Place } from "../api/types";
import { WaysOut } from "../parts/WaysOut";
import { useChair, write } from "../store/chairStore";
import { stands } from "../store/sitting";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { WhereAndHow } from "./WhereAndHow";

/** A comb's width of hair too much; the first that is offered. */
const USUAL_MM = 10;

type Props = { move: Move; place: Place; choose: (p: Place) => void; units: Units; shut: () => void };

/** More came off than meant: it is in the plan at once, and what can be done about it is shown. */
export function Slip({ move, place, choose, units, shut }: Props) {
  const [mm, setMm] = useState(USUAL_MM);
  const [slip, setSlip] = useState("");
  const sitting = useChair((c) => c.sitting);
  const now = sitting && slip ? stands(sitting) : null;
  if (now) return <WaysOut document={now.document} slip={slip} shut={shut} />;
  const tell = () => {
    write({ kind: "tookMore", move: move.id, place, mm });
    const after = useChair.getState().sitting;
    setSlip((after && stands(after).slips.at(-1)?.id) ?? "");
  };
  return (
    <WhereAndHow
      place={place}
      choose={choose}
      label={worded("slip.too-much-by")}
      mm={mm}
      set={setMm}
      units={units}
    >
      <button type="button" className="btn btn-primary h-14 text-xl" disabled={mm <= 0} onClick={tell}>
        {worded("slip.what-now")}
      </button>
    </WhereAndHow>
  );
}
