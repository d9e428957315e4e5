import { useState } from "react";
import { placeName } from "../api/names";
import type { Place } from "../api/types";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";
import { heard } from "./heard";

type Props = { place: Place; choose: (p: Place) => void; set: (mm: number) => void; units: Units };

/**
 * A place and a length in a few words: typed, or said to the keyboard of the tablet, which writes them here. Nothing
 * of what is said leaves the device by this page.
 */
export function SayOrType({ place, choose, set, units }: Props) {
  const [words, setWords] = useState("");
  const [over, setOver] = useState(false);
  const h = heard(words, place);
  const nothing = h.place === undefined && h.mm === undefined;
  const hear = (now: string) => {
    setWords(now);
    setOver(false);
    const { place: where, mm } = heard(now, place);
    if (where) choose(where);
    if (mm !== undefined) set(mm);
  };
  return (
    <div className="flex w-full flex-wrap items-center gap-x-3">
      <label className="flex min-w-0 grow items-center gap-3 text-lg">
        <span className="whitespace-nowrap">{worded("heard.say-or-type")}</span>
        <input
          className="input touch min-w-0 grow text-lg"
          value={words}
          placeholder={worded("heard.as")}
          autoComplete="off"
          onChange={(e) => hear(e.target.value)}
          onKeyDown={(e) => e.key === "Enter" && setOver(true)}
          onBlur={() => setOver(true)}
        />
      </label>
      <p className="min-h-7 text-lg" role="status">
        {!nothing &&
          [h.mm === undefined ? "" : lengthWords(h.mm, units), h.place ? placeName(h.place) : ""]
            .filter(Boolean)
            .join(", ")}
        {nothing && over && words.trim() !== "" && worded("heard.not-understood")}
      </p>
    </div>
  );
}
