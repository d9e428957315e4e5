import { useEffect, useRef, useState } from "react";
import type { FieldProblem } from "../api/http";
import { PLACES, placeName } from "../api/names";
import type { Jump, SitDocument, SitReading } from "../api/types";
import type { Units } from "../store/units";
import { Choice, LengthField, PlaceSelect, Tick } from "./fields";
import { sit } from "./sitStore";

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

const TAPED = [
  "front",
  "apex",
  "crown",
  "templeLeft",
  "templeRight",
  "ridgeLeft",
  "ridgeRight",
  "earTopLeft",
  "earTopRight",
  "occipital",
  "napeCornerLeft",
  "nape",
] as const;

/** The hair as it is: taped, or the last cut grown out; odd places and jumps. */
export function TodayPart(props: Props) {
  const { document, reading, units, problems, odd, setOdd, oddMm, setOddMm, paintAtPlace } = props;
  const { start } = document;
  const [place, setPlace] = useState("crown");
  const [comb, setComb] = useState<string>();
  const focused = useRef<string>("front");
  const jumps: Jump[] = start.kind === "taped" ? (start.jumps ?? []) : [];
  const patches = start.patches ?? [];
  useEffect(() => {
    if (comb === undefined) return;
    const source = new EventSource("/api/comb/readings");
    source.addEventListener("reading", (e) => {
      const mm = JSON.parse((e as MessageEvent<string>).data).lengthMm as number;
      sit.change(["start", "tapedMm", focused.current], mm);
      const next = TAPED[TAPED.indexOf(focused.current as (typeof TAPED)[number]) + 1];
      if (next) focused.current = next;
      setComb(next);
    });
    source.addEventListener("error", () => source.readyState === EventSource.CLOSED && setComb(undefined));
    return () => source.close();
  }, [comb]);
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
          <p>
            The last cut with {Math.round(start.days)} days of growth on it, place by place. Nothing needs
            taping.
          </p>
          <button type="button" className="btn touch w-fit" onClick={tapeAnew}>
            Tape it instead
          </button>
        </div>
      ) : (
        <>
          <div className="flex flex-wrap items-end gap-4">
            <Choice
              name="Taped"
              value={start.state ?? "dryStraight"}
              set={(v) => sit.change(["start", "state"], v)}
              options={[
                ["dryStraight", "dry, pulled straight"],
                ["dryRelaxed", "dry, let go"],
                ["wetPulled", "wet, pulled"],
              ]}
            />
            <button
              type="button"
              className={`btn touch ${comb ? "btn-neutral" : ""}`}
              aria-pressed={comb !== undefined}
              onClick={() => setComb(comb ? undefined : focused.current)}
            >
              {comb ? `Measuring comb: ${placeName(comb)} next` : "Take from the measuring comb"}
            </button>
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
                    const taped = { ...start.tapedMm };
                    if (mm === undefined) delete taped[p];
                    else taped[p] = mm;
                    if (Object.keys(taped).length > 0) sit.change(["start", "tapedMm"], taped);
                  }}
                />
              </div>
            ))}
          </div>
          <div>
            <Tick
              words="Cut apart at the ridge: keep the jump"
              on={jumps.some((j) => j.along === "ridge")}
              set={(on) => sit.change(["start", "jumps"], jumpsWith(jumps, "ridge", on))}
            />
            <Tick
              words="Cut apart behind the ears: keep the jump"
              on={jumps.some((j) => j.along === "behindEars")}
              set={(on) => sit.change(["start", "jumps"], jumpsWith(jumps, "behindEars", on))}
            />
          </div>
        </>
      )}
      <fieldset>
        <legend className="font-bold text-lg">Odd places</legend>
        <p className="soft text-sm">
          Left by an earlier cut: set a length, then touch the head or name the place.
        </p>
        <div className="mt-1 flex flex-wrap items-end gap-3">
          <LengthField
            name="Length there"
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
            Paint on the head
          </button>
          <PlaceSelect label="Odd place" value={place} set={setPlace} places={PLACES} />
          <button type="button" className="btn touch" onClick={() => paintAtPlace(place)}>
            Paint it there
          </button>
          {patches.length > 0 && (
            <button
              type="button"
              className="touch cursor-pointer underline"
              onClick={() => sit.change(["start", "patches"], patches.slice(0, -1))}
            >
              Take the last of {patches.length} off
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
