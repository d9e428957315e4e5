import { useMemo } from "react";
import type { Outcome } from "../api/binary";
import type { CoatRow, PlanDocument, Ramp } from "../api/types";
import { useCoat, useCoats } from "../store/useCoats";
import { type Coat, changePaint, coatPaint, lengthPaint, type Paint, toolPaint } from "./coats";

type Asked = {
  document: PlanDocument;
  outcome?: Outcome;
  ramp?: Ramp;
  coat: Coat;
  /** How many moves are done, and how many were done in the state before. */
  done: number;
  before: number;
};

/** The coat of paint asked for; the last one stays till the new one is there. */
export function useBenchPaint({ document, outcome, ramp, coat, done, before }: Asked): {
  paint?: Paint;
  rows?: CoatRow[];
} {
  const rows = useCoats();
  const asked = useCoat(document, coat);
  const own = useMemo(() => {
    if (!outcome || !ramp || !rows) return undefined;
    const last = outcome.count - 1;
    const at = Math.min(done, last);
    if (coat === "length") return lengthPaint(outcome.state(at), ramp);
    const risk = rows.find((r) => r.id === "risk");
    return coat === "change" && risk
      ? changePaint(outcome.state(Math.min(before, last)), outcome.state(at), risk)
      : undefined;
  }, [outcome, ramp, rows, coat, done, before]);
  const tools = useMemo(
    () =>
      coat === "tool" && outcome
        ? toolPaint(
            outcome,
            document.moves.map((m) => m.cut),
            Math.min(done, outcome.count - 1),
          )
        : undefined,
    [outcome, coat, done, document.moves],
  );
  const told = useMemo(() => {
    const row = rows?.find((r) => r.id === coat);
    const fits = outcome && asked?.values.length === outcome.state(0).length;
    return row && fits && asked?.coat === coat ? coatPaint(asked.values, row) : undefined;
  }, [outcome, rows, coat, asked]);
  const paint: Paint | undefined = own ?? tools ?? told;
  return { paint, rows };
}
