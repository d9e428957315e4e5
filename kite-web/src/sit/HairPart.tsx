import { useState } from "react";
import { ApiError, api, type FieldProblem, said } from "../api/http";
import { PLACES } from "../api/names";
import type { HairPatch, PickGroup, SitDocument, SitReading } from "../api/types";
import { Choice, LengthField, PlaceSelect } from "../parts/fields";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";
import { ColourRow } from "./ColourRow";
import { PickRows } from "./PickRow";
import { SkinRow } from "./SkinRow";
import { sit } from "./sitStore";

export const BRUSHES = {
  thinner: { title: worded("hairPart.thinner-there"), density: 0.6, diameter: 1, curl: 1 },
  denser: { title: worded("hairPart.denser-there"), density: 1.3, diameter: 1, curl: 1 },
  finer: { title: worded("hairPart.finer-there"), density: 1, diameter: 0.8, curl: 1 },
  coarser: { title: worded("hairPart.coarser-there"), density: 1, diameter: 1.2, curl: 1 },
  curlier: { title: worded("hairPart.curlier-there"), density: 1, diameter: 1, curl: 0.8 },
} as const;
export type Brush = keyof typeof BRUSHES;

type Props = {
  document: SitDocument;
  reading?: SitReading;
  groups: PickGroup[];
  strips: Record<string, string>;
  units: Units;
  problems: FieldProblem[];
  /** What each level of colour and each depth of skin looks like, 1 first. */
  levels?: string[];
  depths?: string[];
  brush: Brush | undefined;
  setBrush: (b: Brush | undefined) => void;
  paintAtPlace: (place: string) => void;
};

/** Density, thickness, curl and growth; places that differ are painted on the head. */
export function HairPart({
  document,
  reading,
  groups,
  strips,
  units,
  problems,
  levels,
  depths,
  brush,
  setBrush,
  paintAtPlace,
}: Props) {
  const [place, setPlace] = useState("crown");
  const patches: HairPatch[] = document.hair?.patches ?? [];
  return (
    <>
      <PickRows groups={groups} document={document} strips={strips} />
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <Choice
          name={worded("hairPart.leaves-the-skin")}
          value={String(document.hair?.exitDeg ?? 60)}
          set={(v) => sit.change(["hair", "exitDeg"], Number(v))}
          options={[
            ["45", worded("hairPart.flat-45")],
            ["60", worded("hairPart.usual-60")],
            ["80", worded("hairPart.upright-80")],
          ]}
        />
        <Choice
          name={worded("hairPart.grows-in-a-month")}
          value={String(document.hair?.growthMmPerDay ?? 0.36)}
          set={(v) => sit.change(["hair", "growthMmPerDay"], Number(v))}
          options={[0.3, 0.36, 0.42].map((d) => [String(d), lengthWords(30 * d, units)])}
        />
      </div>
      <ColourRow colour={document.hair?.colour} levels={levels} units={units} problems={problems} />
      <SkinRow hair={document.hair} depths={depths} />
      <fieldset>
        <legend className="font-bold text-lg">{worded("hairPart.places-that-differ")}</legend>
        <p className="soft text-sm">{worded("hairPart.the-thick-bands-above")}</p>
        <div className="mt-1 flex flex-wrap items-center gap-1.5">
          {(Object.keys(BRUSHES) as Brush[]).map((b) => (
            <button
              key={b}
              type="button"
              className={`btn touch ${brush === b ? "btn-neutral" : ""}`}
              aria-pressed={brush === b}
              onClick={() => setBrush(brush === b ? undefined : b)}
            >
              {BRUSHES[b].title}
            </button>
          ))}
        </div>
        {brush && (
          <div className="mt-1 flex flex-wrap items-center gap-2">
            <PlaceSelect
              label={worded("hairPart.place-to-paint")}
              value={place}
              set={setPlace}
              places={PLACES}
            />
            <button type="button" className="btn touch" onClick={() => paintAtPlace(place)}>
              {worded("hairPart.paint-there")}
            </button>
          </div>
        )}
        {patches.length > 0 && (
          <p className="mt-1 flex flex-wrap items-center gap-3">
            {worded("hairPart.painted", { count: patches.length })}
            <button
              type="button"
              className="touch cursor-pointer underline"
              onClick={() => sit.change(["hair", "patches"], patches.slice(0, -1))}
            >
              {worded("hairPart.take-the-last-one")}
            </button>
          </p>
        )}
      </fieldset>
      <Strand units={units} reading={reading} />
    </>
  );
}

/** One strand measured twice tells stretch and curl. */
function Strand({ units, reading }: { units: Units; reading?: SitReading }) {
  const [wet, setWet] = useState<number>();
  const [dry, setDry] = useState<number>();
  const [problem, setProblem] = useState<ApiError>();
  const work = async () => {
    if (wet === undefined || dry === undefined) return;
    setProblem(undefined);
    try {
      const w = await said(
        api.POST("/api/sitdown/strand", { body: { wetPulledMm: wet, dryRelaxedMm: dry } }),
      );
      sit.change(["hair", "wetDry"], w);
    } catch (e) {
      if (e instanceof ApiError) setProblem(e);
    }
  };
  return (
    <fieldset>
      <legend className="font-bold text-lg">{worded("hairPart.wet-against-dry")}</legend>
      <p className="soft text-sm">
        {worded("hairPart.one-strand-wet-and")}{" "}
        {reading && worded("hairPart.as-it-stands-10", { wetOverDry: (10 / reading.wetOverDry).toFixed(1) })}
      </p>
      <div className="mt-1 flex flex-wrap items-start gap-4">
        <LengthField
          name={worded("hairPart.wet-pulled")}
          path="$.wetPulledMm"
          mm={wet}
          units={units}
          problems={[]}
          set={setWet}
        />
        <LengthField
          name={worded("hairPart.dry-let-go")}
          path="$.dryRelaxedMm"
          mm={dry}
          units={units}
          problems={problem?.problems ?? []}
          set={setDry}
        />
        <button
          type="button"
          className="btn touch mt-7"
          disabled={wet === undefined || dry === undefined}
          onClick={work}
        >
          {worded("hairPart.take-it-over")}
        </button>
      </div>
    </fieldset>
  );
}
