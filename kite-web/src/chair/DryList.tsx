import { useState } from "react";
import type { Place, PlanDocument } from "../api/types";
import { ask as asks } from "../store/asks";
import { write } from "../store/chairStore";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";
import { PlacePick } from "./PlacePick";

type Props = {
  document: PlanDocument;
  list: readonly string[];
  place: Place;
  choose: (p: Place) => void;
};

/** What sticks out while wet is looked at again once dry; what stands out dry is told what lays it. */
export function DryList({ document, list, place, choose }: Props) {
  const [what, setWhat] = useState("");
  const [asked, setAsked] = useState<{ document: PlanDocument; place: Place } | null>(null);
  const { data, message } = useAnswer(asks.dryPass, asked);
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
              {worded("sheets.seen-dry", { w })}
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
          aria-label={worded("sheets.what-to-look-at")}
          placeholder={worded("sheets.what-to-look-at-2")}
          maxLength={200}
          value={what}
          onChange={(e) => setWhat(e.target.value)}
        />
        <button type="submit" className="btn touch text-lg">
          {worded("sheets.note-it")}
        </button>
      </form>
      <div className="flex flex-wrap items-end gap-3">
        <PlacePick place={place} choose={choose} />
        <button type="button" className="btn touch text-lg" onClick={() => setAsked({ document, place })}>
          {worded("dryList.what-lays-it")}
        </button>
      </div>
      {asked && asked.place === place && (
        <p role="status" className="text-lg">
          {message || (data?.place === asked.place ? data.words : worded("dryList.trying-lengths"))}
        </p>
      )}
    </div>
  );
}
