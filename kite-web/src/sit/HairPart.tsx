import { useState } from "react";
import { ApiError, api, type FieldProblem, said } from "../api/http";
import { PLACES } from "../api/names";
import type { HairPatch, PickGroup, SitDocument, SitReading } from "../api/types";
import { lengthWords, type Units } from "../store/units";
import { ColourRow } from "./ColourRow";
import { Choice, LengthField, PlaceSelect } from "./fields";
import { PickRows } from "./PickRow";
import { SkinRow } from "./SkinRow";
import { sit } from "./sitStore";

export const BRUSHES = {
  thinner: { title: "Thinner there", density: 0.6, diameter: 1, curl: 1 },
  denser: { title: "Denser there", density: 1.3, diameter: 1, curl: 1 },
  finer: { title: "Finer there", density: 1, diameter: 0.8, curl: 1 },
  coarser: { title: "Coarser there", density: 1, diameter: 1.2, curl: 1 },
  curlier: { title: "Curlier there", density: 1, diameter: 1, curl: 0.8 },
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
          name="Leaves the skin"
          value={String(document.hair?.exitDeg ?? 60)}
          set={(v) => sit.change(["hair", "exitDeg"], Number(v))}
          options={[
            ["45", "flat, 45°"],
            ["60", "usual, 60°"],
            ["80", "upright, 80°"],
          ]}
        />
        <Choice
          name="Grows in a month"
          value={String(document.hair?.growthMmPerDay ?? 0.36)}
          set={(v) => sit.change(["hair", "growthMmPerDay"], Number(v))}
          options={[0.3, 0.36, 0.42].map((d) => [String(d), lengthWords(30 * d, units)])}
        />
      </div>
      <ColourRow colour={document.hair?.colour} levels={levels} units={units} problems={problems} />
      <SkinRow hair={document.hair} depths={depths} />
      <fieldset>
        <legend className="font-bold text-lg">Places that differ</legend>
        <p className="soft text-sm">
          The thick bands above the ears and under the crown are drawn in already. Pick a brush and touch the
          head, or name the place.
        </p>
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
            <PlaceSelect label="Place to paint" value={place} set={setPlace} places={PLACES} />
            <button type="button" className="btn touch" onClick={() => paintAtPlace(place)}>
              Paint there
            </button>
          </div>
        )}
        {patches.length > 0 && (
          <p className="mt-1 flex flex-wrap items-center gap-3">
            {patches.length} {patches.length === 1 ? "place" : "places"} painted.
            <button
              type="button"
              className="touch cursor-pointer underline"
              onClick={() => sit.change(["hair", "patches"], patches.slice(0, -1))}
            >
              Take the last one off
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
      <legend className="font-bold text-lg">Wet against dry</legend>
      <p className="soft text-sm">
        One strand, wet and pulled, then dry and let go.{" "}
        {reading && `As it stands, 10 wet in the hand are ${(10 / reading.wetOverDry).toFixed(1)} dry.`}
      </p>
      <div className="mt-1 flex flex-wrap items-start gap-4">
        <LengthField
          name="Wet, pulled"
          path="$.wetPulledMm"
          mm={wet}
          units={units}
          problems={[]}
          set={setWet}
        />
        <LengthField
          name="Dry, let go"
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
          Take it over
        </button>
      </div>
    </fieldset>
  );
}
