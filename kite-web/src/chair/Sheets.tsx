import { useState } from "react";
import type { Move } from "../api/types";
import { write } from "../store/chairStore";
import type { Stands } from "../store/sitting";
import type { Units } from "../store/units";
import { Slip } from "./Slip";

type Props = {
  move: Move;
  stands: Stands;
  units: Units;
  /** Given while another move than the next one is looked at. */
  back?: () => void;
  moved: () => void;
};

const REASONS = ["No time left", "The client asked to leave it", "Not needed on this head"];
type Open = "skip" | "slip" | "measured" | "dry";
const NAMES: Record<Open, string> = {
  skip: "Skip",
  slip: "Cut too short",
  measured: "Measured",
  dry: "For the dry pass",
};

/** What else may happen at a move, each a sheet of its own. */
export function Sheets({ move, stands, units, back, moved }: Props) {
  const [open, setOpen] = useState<Open | null>(null);
  const shut = () => setOpen(null);
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
          {(open === "slip" || open === "measured") && (
            <Slip key={open} slip={open === "slip"} move={move} stands={stands} units={units} shut={shut} />
          )}
          {open === "dry" && <DryList list={stands.forDry} />}
        </section>
      )}
      <div className="flex flex-wrap gap-2">
        {(Object.keys(NAMES) as Open[]).map((o) => (
          <button
            key={o}
            type="button"
            aria-expanded={open === o}
            className={`btn touch text-lg ${open === o ? "btn-neutral" : ""}`}
            onClick={() => setOpen(open === o ? null : o)}
          >
            {NAMES[o]}
            {o === "dry" && stands.forDry.length > 0 ? ` (${stands.forDry.length})` : ""}
          </button>
        ))}
        {seen && (
          <button
            type="button"
            className="btn touch text-lg"
            onClick={() => write({ kind: "reopened", move: move.id })}
          >
            Do it again
          </button>
        )}
        {back && (
          <button type="button" className="touch cursor-pointer px-2 text-lg underline" onClick={back}>
            To the next move
          </button>
        )}
      </div>
    </div>
  );
}

/** What sticks out while wet is looked at again once dry. */
function DryList({ list }: { list: readonly string[] }) {
  const [what, setWhat] = useState("");
  return (
    <div className="grid gap-2">
      <ul className="grid gap-1">
        {list.map((w) => (
          <li key={w}>
            <button
              type="button"
              className="btn touch text-lg"
              onClick={() => write({ kind: "drySeen", what: w })}
            >
              {w}: seen dry
            </button>
          </li>
        ))}
      </ul>
      <form
        className="flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (!what.trim()) return;
          write({ kind: "forDry", what: what.trim() });
          setWhat("");
        }}
      >
        <input
          className="input touch flex-1 text-lg"
          aria-label="What to look at again once dry"
          placeholder="what to look at once dry"
          maxLength={200}
          value={what}
          onChange={(e) => setWhat(e.target.value)}
        />
        <button type="submit" className="btn touch text-lg">
          Note it
        </button>
      </form>
    </div>
  );
}
