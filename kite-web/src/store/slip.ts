import type { Move, Place, PlanDocument } from "../api/types";
import { worded } from "../words/worded";

/** A bite too deep leaves a dent so far round; the server's own, held to it by contract/vectors/sitting.json. */
const SPAN_MM = 25;
const WHOLE = "wholeHead";

/** The plan with what came off too much as a move of its own, right after the move it happened in; and that move's id. */
export function withSlip(
  document: PlanDocument,
  move: string,
  place: Place,
  mm: number,
): [PlanDocument, string] {
  const moves = [...document.moves];
  const at = moves.findIndex((m) => m.id === move);
  const during = moves[at];
  let n = 1;
  while (moves.some((m) => m.id === `slip${n}`)) n++;
  const slip: Move = {
    id: `slip${n}`,
    name: worded("sheets.cut-too-short"),
    section: WHOLE,
    cut: { kind: "spot", place, offMm: mm, spanMm: SPAN_MM, coreMm: 0 },
    job: "slip",
    damp: during?.damp ?? "damp",
    stand: during?.stand ?? "back",
    purpose: "",
    watch: "",
    askFirst: false,
  };
  moves.splice(during ? at + 1 : moves.length, 0, slip);
  const has = document.sections.some((s) => s.id === WHOLE);
  const whole = { id: WHOLE, name: worded("slip.whole-head"), limits: [], over: true };
  return [{ ...document, moves, sections: has ? document.sections : [...document.sections, whole] }, slip.id];
}
