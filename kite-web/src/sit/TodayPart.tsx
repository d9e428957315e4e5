import { useRef, useState } from "react";
import type { FieldProblem } from "../api/http";
import { PLACES, placeName } from "../api/names";
import type { Jump, SitDocument, SitReading } from "../api/types";
import { Choice, LengthField, PlaceSelect, Tick } from "../parts/fields";
import type { Units } from "../store/units";
import { useComb } from "../store/useComb";
import { worded } from "../words/worded";
import { sit } from "./sitStore";
import { allOne, apart, oneLength, TAPED, type Taped, withPlace } from "./taped";

type Props = {
  document: SitDocument;
  reading?: SitReading;
  units: Units;
  problems: FieldProblem[];
  odd: boolean;
  setOdd: (on: boolean) => void;
  oddMm: number;
  setOddMm: (mm: number) => void;
  paintAtPlace: (place: string) => void;
};

/** The hair as it is: taped, or the last cut grown out; odd places and jumps. */
export function TodayPart(props: Props) {
  const { document, reading, units, problems, odd, setOdd, oddMm, setOddMm, paintAtPlace } = props;
  const { start } = document;
  const [place, setPlace] = useState("crown");
  const [comb, setComb] = useState<string>();
  const focused = useRef<string>("front");
  const [sidesApart, setSidesApart] = useState(start.kind === "taped" && apart(start.tapedMm));
  const jumps: Jump[] = start.kind === "taped" ? (start.jumps ?? []) : [];
  const patches = start.patches ?? [];
  useComb(
    comb !== undefined,
    (mm) => {
      sit.change(["start", "tapedMm", focused.current], mm);
      const next = TAPED[TAPED.indexOf(focused.current as Taped) + 1];
      if (next) focused.current = next;
      setComb(next);
    },
    () => setComb(undefined),
  );
  const tapeAnew = () => {
    const l = reading?.lengthsMm ?? {};
    sit.change(["start"], {
      kind: "taped",
      tapedMm: Object.fromEntries(TAPED.map((p) => [p, Math.round(l[p] ?? 80)])),
      patches,
    });
  };
  return (
    <>
      {start.kind === "grown" ? (
        <div className="grid gap-2 border-secondary border-l-4 pl-3">
          <p>{worded("todayPart.the-last-cut-with", { days: Math.round(start.days) })}</p>
          <button type="button" className="btn touch w-fit" onClick={tapeAnew}>
            {worded("todayPart.tape-it-instead")}
          </button>
        </div>
      ) : (
        <>
          <div className="flex flex-wrap items-end gap-4">
            <Choice
              name={worded("todayPart.taped")}
              value={start.state ?? "dryStraight"}
              set={(v) => sit.change(["start", "state"], v)}
              options={[
                ["dryStraight", worded("todayPart.dry-pulled-straight")],
                ["dryRelaxed", worded("todayPart.dry-let-go")],
                ["wetPulled", worded("todayPart.wet-pulled")],
              ]}
            />
            <button
              type="button"
              className={`btn touch ${comb ? "btn-neutral" : ""}`}
              aria-pressed={comb !== undefined}
              onClick={() => setComb(comb ? undefined : focused.current)}
            >
              {comb
                ? worded("todayPart.measuring-comb-next", { place: placeName(comb) })
                : worded("todayPart.take-from-the-measuring")}
            </button>
          </div>
          <div className="flex flex-wrap items-end gap-4">
            <LengthField
              name={worded("todayPart.all-one-length")}
              path="$.start.tapedMm"
              mm={oneLength(start.tapedMm)}
              units={units}
              problems={[]}
              set={(mm) => mm !== undefined && sit.change(["start", "tapedMm"], allOne(mm))}
            />
            <Tick words={worded("todayPart.left-and-right-apart")} on={sidesApart} set={setSidesApart} />
          </div>
          <div className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-x-3 gap-y-2">
            {TAPED.map((p) => (
              // biome-ignore lint/a11y/noStaticElementInteractions: notes which field is in use
              <div key={p} onFocus={() => (focused.current = p)}>
                <LengthField
                  name={capital(placeName(p))}
                  path={`$.start.tapedMm.${p}`}
                  mm={start.tapedMm[p]}
                  usual={reading?.lengthsMm[p]}
                  units={units}
                  problems={problems}
                  set={(mm) => {
                    const taped = withPlace(start.tapedMm, p, mm, sidesApart);
                    if (Object.keys(taped).length > 0) sit.change(["start", "tapedMm"], taped);
                  }}
                />
              </div>
            ))}
          </div>
          <div>
            <Tick
              words={worded("todayPart.cut-apart-at-the")}
              on={jumps.some((j) => j.along === "ridge")}
              set={(on) => sit.change(["start", "jumps"], jumpsWith(jumps, "ridge", on))}
            />
            <Tick
              words={worded("todayPart.cut-apart-behind-the")}
              on={jumps.some((j) => j.along === "behindEars")}
              set={(on) => sit.change(["start", "jumps"], jumpsWith(jumps, "behindEars", on))}
            />
          </div>
        </>
      )}
      <fieldset>
        <legend className="font-bold text-lg">{worded("todayPart.odd-places")}</legend>
        <p className="soft text-sm">{worded("todayPart.left-by-an-earlier")}</p>
        <div className="mt-1 flex flex-wrap items-end gap-3">
          <LengthField
            name={worded("common.length-there")}
            path="$.odd"
            mm={oddMm}
            units={units}
            problems={[]}
            set={(mm) => setOddMm(mm ?? 10)}
          />
          <button
            type="button"
            className={`btn touch ${odd ? "btn-neutral" : ""}`}
            aria-pressed={odd}
            onClick={() => setOdd(!odd)}
          >
            {worded("todayPart.paint-on-the-head")}
          </button>
          <PlaceSelect label={worded("todayPart.odd-place")} value={place} set={setPlace} places={PLACES} />
          <button type="button" className="btn touch" onClick={() => paintAtPlace(place)}>
            {worded("todayPart.paint-it-there")}
          </button>
          {patches.length > 0 && (
            <button
              type="button"
              className="touch cursor-pointer underline"
              onClick={() => sit.change(["start", "patches"], patches.slice(0, -1))}
            >
              {worded("todayPart.take-the-last-of", { count: patches.length })}
            </button>
          )}
        </div>
      </fieldset>
    </>
  );
}

const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);

const jumpsWith = (jumps: Jump[], along: Jump["along"], on: boolean): Jump[] => [
  ...jumps.filter((j) => j.along !== along),
  ...(on ? [{ along, offsetMm: 0 }] : []),
];
