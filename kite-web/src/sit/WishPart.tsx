import { useState } from "react";
import { PLACES, placeName } from "../api/names";
import type { PickGroup, Place, SitDocument, SitReading, Wish } from "../api/types";
import { HOW_MUCH } from "../shapes/HowMuch";
import { lengthWords, type Units } from "../store/units";
import { Choice, LengthField, PlaceSelect } from "./fields";
import { PickRows } from "./PickRow";
import { sit } from "./sitStore";

type Props = {
  document: SitDocument;
  reading?: SitReading;
  groups: PickGroup[];
  strips: Record<string, string>;
  units: Units;
};

const LANDINGS = [
  ["", "a length"],
  ["up", "stands up"],
  ["brow", "ends at the brow"],
  ["eye", "ends at the eye"],
  ["cheek", "ends at the cheek"],
  ["noseTip", "ends at the nose tip"],
  ["earTop", "ends at the ear top"],
  ["midEar", "ends at mid ear"],
  ["earLobe", "ends at the ear lobe"],
  ["jaw", "ends at the jaw corner"],
  ["chin", "ends at the chin"],
  ["collar", "ends at the collar"],
] as const;

/** What stylists ask: edges, lengths and landings, what is left alone, how it is worn and kept. */
export function WishPart({ document, reading, groups, strips, units }: Props) {
  const w = document.wishes ?? {};
  const set = (key: string, value: unknown) => sit.change(["wishes", key], value);
  const worn = w.worn ?? [];
  const leave = w.leaveAlone ?? [];
  const [place, setPlace] = useState("nape");
  return (
    <>
      <PickRows groups={groups} document={document} strips={strips} />
      <Points points={w.points ?? []} reading={reading} units={units} set={(p) => set("points", p)} />
      <fieldset>
        <legend className="font-bold text-lg">Leave alone</legend>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          {leave.map((p) => (
            <button
              key={p}
              type="button"
              className="btn touch"
              aria-label={`Leave alone no longer: ${placeName(p)}`}
              onClick={() =>
                set(
                  "leaveAlone",
                  leave.filter((q) => q !== p),
                )
              }
            >
              {placeName(p)} ×
            </button>
          ))}
          <PlaceSelect label="Place to leave alone" value={place} set={setPlace} places={PLACES} />
          <button
            type="button"
            className="btn touch"
            onClick={() => set("leaveAlone", [...leave.filter((q) => q !== place), place])}
          >
            Leave it alone
          </button>
        </div>
      </fieldset>
      <fieldset>
        <legend className="font-bold">Worn (all that apply)</legend>
        <div className="mt-1 flex flex-wrap gap-1.5">
          {(
            [
              ["forward", "forward"],
              ["back", "back"],
              ["up", "up"],
              ["side", "to the side"],
              ["tucked", "tucked"],
            ] as const
          ).map(([id, title]) => (
            <button
              key={id}
              type="button"
              className={`btn touch ${worn.includes(id) ? "btn-neutral" : ""}`}
              aria-pressed={worn.includes(id)}
              onClick={() => set("worn", worn.includes(id) ? worn.filter((x) => x !== id) : [...worn, id])}
            >
              {title}
            </button>
          ))}
        </div>
      </fieldset>
      <Choice
        name="How much may come off"
        value={w.howMuch}
        set={(v) => set("howMuch", v)}
        options={HOW_MUCH}
      />
      <Choice
        name="In the morning"
        value={w.upkeep}
        set={(v) => set("upkeep", v)}
        options={[
          ["nothing", "nothing"],
          ["hands", "hands"],
          ["dryer", "dryer"],
          ["productAndDryer", "product and dryer"],
        ]}
      />
      <Choice
        name="Should hold"
        value={w.holdWeeks === undefined ? undefined : String(w.holdWeeks)}
        set={(v) => set("holdWeeks", Number(v))}
        options={["3", "4", "6", "8", "12"].map((n) => [n, `${n} weeks`])}
      />
      <Choice
        name="Who says when it is right"
        value={w.decides}
        set={(v) => set("decides", v)}
        options={[
          ["client", "client"],
          ["together", "together"],
          ["stylist", "stylist"],
          ["guardian", "guardian"],
        ]}
      />
      <label className="grid gap-0.5 font-bold">
        Note
        <textarea
          className="textarea w-full font-normal text-lg"
          rows={2}
          maxLength={2000}
          value={w.note ?? ""}
          onChange={(e) => set("note", e.target.value)}
        />
      </label>
    </>
  );
}

type PointsProps = { points: Wish[]; reading?: SitReading; units: Units; set: (p: Wish[]) => void };

/** Lengths and landings at places, each read against today's hair. */
function Points({ points, reading, units, set }: PointsProps) {
  const [place, setPlace] = useState<Place>("front");
  const [landing, setLanding] = useState<(typeof LANDINGS)[number][0]>("brow");
  const change = (i: number, w: Wish) => set(points.map((p, k) => (k === i ? w : p)));
  return (
    <fieldset>
      <legend className="font-bold text-lg">Lengths and landings</legend>
      <ul className="grid gap-2">
        {points.map((p, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two wishes may be the same
          <li key={i} className="flex flex-wrap items-center gap-3 border-base-300 border-l-4 pl-3">
            <b className="w-36">{placeName(p.place)}</b>
            {p.standMm !== undefined ? (
              <>
                <LengthField
                  name={`Stands over the ${placeName(p.place)}`}
                  path={`$.wishes.points[${i}].standMm`}
                  mm={p.standMm}
                  units={units}
                  problems={[]}
                  set={(mm) => change(i, { place: p.place, standMm: mm ?? 5 })}
                />
                <span>worn up</span>
              </>
            ) : p.landing === undefined ? (
              <LengthField
                name={`Length at ${placeName(p.place)}`}
                path={`$.wishes.points[${i}].lengthMm`}
                mm={p.lengthMm}
                units={units}
                problems={[]}
                set={(mm) => change(i, { place: p.place, lengthMm: mm ?? 0 })}
              />
            ) : (
              <span>{LANDINGS.find(([id]) => id === p.landing)?.[1]}</span>
            )}
            <WishWords r={reading?.wishes[i]} units={units} />
            <button
              type="button"
              className="touch cursor-pointer underline"
              onClick={() => set(points.filter((_, k) => k !== i))}
            >
              Let go
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <PlaceSelect label="Wished at" value={place} set={setPlace} places={PLACES} />
        <PlaceSelect label="Wished to land" value={landing} set={setLanding} places={LANDINGS} />
        <button
          type="button"
          className="btn touch"
          onClick={() =>
            set([...points, wished(place, landing, Math.round(reading?.lengthsMm[place] ?? 60))])
          }
        >
          Add the wish
        </button>
      </div>
    </fieldset>
  );
}

/** A new wish, from the hair as it is where a number is asked. */
const wished = (place: Place, how: (typeof LANDINGS)[number][0], nowMm: number): Wish =>
  how === "up"
    ? { place, standMm: Math.min(300, Math.max(5, nowMm)) }
    : how
      ? { place, landing: how }
      : { place, lengthMm: nowMm };

/** How much comes off, or what is missing and for how long. */
function WishWords({ r, units }: { r?: SitReading["wishes"][number]; units: Units }) {
  if (!r) return null;
  if (r.shortMm > 1) {
    return (
      <span className="border-accent border-b-4">
        {lengthWords(r.shortMm, units)} short; there in {Math.ceil(r.weeks)} weeks
      </span>
    );
  }
  return <span>{r.offMm > 1 ? `${lengthWords(r.offMm, units)} comes off` : "as it is"}</span>;
}
