import { useState } from "react";
import type { ChairEntry, Move, Place } from "../api/types";
import { undo, write } from "../store/chairStore";
import type { Stands } from "../store/sitting";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { DryList } from "./DryList";
import { Measured } from "./Measured";
import { Slip } from "./Slip";

type Props = {
  move: Move;
  stands: Stands;
  units: Units;
  /** The place that is asked after on the head; null while none is. */
  place: Place | null;
  setPlace: (p: Place | null) => void;
  /** What was written down last and can be taken back. */
  last?: ChairEntry["kind"];
  /** Given while another move than the next one is looked at. */
  back?: () => void;
  moved: () => void;
};

/** Where a slip is likeliest, by where the stylist stands. */
const NEAR: Record<Move["stand"], Place> = {
  front: "front",
  left: "ridgeLeft",
  right: "ridgeRight",
  back: "crown",
};

const REASONS = [
  worded("sheets.no-time-left"),
  worded("sheets.the-client-asked-to"),
  worded("sheets.not-needed-on-this"),
];
type Open = "skip" | "slip" | "measured" | "dry";
const NAMES: Record<Open, string> = {
  skip: worded("sheets.skip"),
  slip: worded("sheets.cut-too-short"),
  measured: worded("sheets.measured"),
  dry: worded("sheets.for-the-dry-pass"),
};

/** What else may happen at a move, each a sheet of its own. */
export function Sheets({ move, stands, units, place, setPlace, last, back, moved }: Props) {
  const [open, setOpen] = useState<Open | null>(null);
  const show = (o: Open | null) => {
    setOpen(o);
    setPlace(o === null || o === "skip" ? null : NEAR[move.stand]);
  };
  const shut = () => show(null);
  const seen = stands.done.has(move.id) || stands.skipped.has(move.id);
  return (
    <div className="grid gap-2">
      {open && (
        <section aria-label={NAMES[open]} className="rounded-box border-2 border-base-content p-3">
          {open === "skip" && (
            <div className="flex flex-wrap gap-2">
              {REASONS.map((reason) => (
                <button
                  key={reason}
                  type="button"
                  className="btn touch text-lg"
                  onClick={() => {
                    write({ kind: "skipped", move: move.id, reason });
                    shut();
                    moved();
                  }}
                >
                  {reason}
                </button>
              ))}
            </div>
          )}
          {open === "slip" && place && (
            <Slip move={move} place={place} choose={setPlace} units={units} shut={shut} />
          )}
          {open === "measured" && place && (
            <Measured move={move} stands={stands} place={place} choose={setPlace} units={units} shut={shut} />
          )}
          {open === "dry" && place && (
            <DryList document={stands.document} list={stands.forDry} place={place} choose={setPlace} />
          )}
        </section>
      )}
      <div className="flex flex-wrap gap-2">
        {(Object.keys(NAMES) as Open[]).map((o) => (
          <button
            key={o}
            type="button"
            aria-expanded={open === o}
            className={`btn touch text-lg ${open === o ? "btn-neutral" : ""}`}
            onClick={() => show(open === o ? null : o)}
          >
            {NAMES[o]}
            {o === "dry" && stands.forDry.length > 0 ? ` (${stands.forDry.length})` : ""}
          </button>
        ))}
        {last && (
          <button
            type="button"
            className="btn touch text-lg"
            onClick={() => {
              undo();
              moved();
            }}
          >
            {worded("sheets.take-back", { last })}
          </button>
        )}
        {seen && (
          <button
            type="button"
            className="btn touch text-lg"
            onClick={() => write({ kind: "reopened", move: move.id })}
          >
            {worded("sheets.do-it-again")}
          </button>
        )}
        {back && (
          <button type="button" className="touch cursor-pointer px-2 text-lg underline" onClick={back}>
            {worded("sheets.to-the-next-move")}
          </button>
        )}
      </div>
    </div>
  );
}
