import { useState } from "react";
import { LANDINGS, PLACES, placeName } from "../api/names";
import type { PickGroup, Place, SitDocument, SitReading, Wish } from "../api/types";
import { Choice, LengthField, PlaceSelect } from "../parts/fields";
import { HOW_MUCH } from "../parts/HowMuch";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";
import { PickRows } from "./PickRow";
import { sit } from "./sitStore";

type Props = {
  document: SitDocument;
  reading?: SitReading;
  groups: PickGroup[];
  strips: Record<string, string>;
  units: Units;
};

type Landing = keyof typeof LANDINGS;
type How = "" | "up" | Landing;

/** A length, a standing height, or where it ends. */
const HOW: readonly (readonly [How, string])[] = [
  ["", worded("wishPart.a-length")],
  ["up", worded("wishPart.stands-up")],
  ...(Object.keys(LANDINGS) as Landing[]).map(
    (l) => [l, worded("wishPart.ends-at", { landing: LANDINGS[l] })] as const,
  ),
];

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
        <legend className="font-bold text-lg">{worded("wishPart.leave-alone")}</legend>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          {leave.map((p) => (
            <button
              key={p}
              type="button"
              className="btn touch"
              aria-label={worded("wishPart.leave-alone-no-longer", { place: placeName(p) })}
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
          <PlaceSelect
            label={worded("wishPart.place-to-leave-alone")}
            value={place}
            set={setPlace}
            places={PLACES}
          />
          <button
            type="button"
            className="btn touch"
            onClick={() => set("leaveAlone", [...leave.filter((q) => q !== place), place])}
          >
            {worded("wishPart.leave-it-alone")}
          </button>
        </div>
      </fieldset>
      <fieldset>
        <legend className="font-bold">{worded("wishPart.worn-all-that-apply")}</legend>
        <div className="mt-1 flex flex-wrap gap-1.5">
          {(
            [
              ["forward", worded("common.forward")],
              ["back", worded("common.back")],
              ["up", worded("common.up")],
              ["side", worded("wishPart.to-the-side")],
              ["tucked", worded("wishPart.tucked")],
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
        name={worded("wishPart.how-much-may-come")}
        value={w.howMuch}
        set={(v) => set("howMuch", v)}
        options={HOW_MUCH}
      />
      <Choice
        name={worded("wishPart.in-the-morning")}
        value={w.upkeep}
        set={(v) => set("upkeep", v)}
        options={[
          ["nothing", worded("wishPart.nothing")],
          ["hands", worded("wishPart.hands")],
          ["dryer", worded("wishPart.dryer")],
          ["productAndDryer", worded("wishPart.product-and-dryer")],
        ]}
      />
      <Choice
        name={worded("wishPart.should-hold")}
        value={w.holdWeeks === undefined ? undefined : String(w.holdWeeks)}
        set={(v) => set("holdWeeks", Number(v))}
        options={["3", "4", "6", "8", "12"].map((n) => [n, worded("wishPart.weeks", { n })])}
      />
      <Choice
        name={worded("wishPart.who-says-when-it")}
        value={w.decides}
        set={(v) => set("decides", v)}
        options={[
          ["client", worded("wishPart.client")],
          ["together", worded("wishPart.together")],
          ["stylist", worded("wishPart.stylist")],
          ["guardian", worded("wishPart.guardian")],
        ]}
      />
      <label className="grid gap-0.5 font-bold">
        {worded("common.note")}
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
  const [landing, setLanding] = useState<How>("brow");
  const change = (i: number, w: Wish) => set(points.map((p, k) => (k === i ? w : p)));
  return (
    <fieldset>
      <legend className="font-bold text-lg">{worded("wishPart.lengths-and-landings")}</legend>
      <ul className="grid gap-2">
        {points.map((p, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two wishes may be the same
          <li key={i} className="flex flex-wrap items-center gap-3 border-base-300 border-l-4 pl-3">
            <b className="w-36">{placeName(p.place)}</b>
            {p.standMm !== undefined ? (
              <>
                <LengthField
                  name={worded("wishPart.stands-over-the", { place: placeName(p.place) })}
                  path={`$.wishes.points[${i}].standMm`}
                  mm={p.standMm}
                  units={units}
                  problems={[]}
                  set={(mm) => change(i, { place: p.place, standMm: mm ?? 5 })}
                />
                <span>{worded("wishPart.worn-up")}</span>
              </>
            ) : p.landing === undefined ? (
              <LengthField
                name={worded("wishPart.length-at", { place: placeName(p.place) })}
                path={`$.wishes.points[${i}].lengthMm`}
                mm={p.lengthMm}
                units={units}
                problems={[]}
                set={(mm) => change(i, { place: p.place, lengthMm: mm ?? 0 })}
              />
            ) : (
              <span>{HOW.find(([id]) => id === p.landing)?.[1]}</span>
            )}
            <WishWords r={reading?.wishes[i]} units={units} />
            <button
              type="button"
              className="touch cursor-pointer underline"
              onClick={() => set(points.filter((_, k) => k !== i))}
            >
              {worded("wishPart.let-go")}
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <PlaceSelect label={worded("wishPart.wished-at")} value={place} set={setPlace} places={PLACES} />
        <PlaceSelect
          label={worded("wishPart.wished-to-land")}
          value={landing}
          set={setLanding}
          places={HOW}
        />
        <button
          type="button"
          className="btn touch"
          onClick={() =>
            set([...points, wished(place, landing, Math.round(reading?.lengthsMm[place] ?? 60))])
          }
        >
          {worded("wishPart.add-the-wish")}
        </button>
      </div>
    </fieldset>
  );
}

/** A new wish, from the hair as it is where a number is asked. */
const wished = (place: Place, how: How, nowMm: number): Wish =>
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
        {worded("wishPart.short-there-in-weeks", {
          length: lengthWords(r.shortMm, units),
          weeks: Math.ceil(r.weeks),
        })}
      </span>
    );
  }
  return (
    <span>
      {r.offMm > 1
        ? worded("wishPart.comes-off", { length: lengthWords(r.offMm, units) })
        : worded("wishPart.as-it-is")}
    </span>
  );
}
