import { useState } from "react";
import { PLACES, placeName } from "../api/names";
import type { SitDocument } from "../api/types";
import { PlaceSelect, Tick } from "../parts/fields";
import { worded } from "../words/worded";
import { sit } from "./sitStore";

const KINDS = [
  ["mole", worded("carePart.mole")],
  ["scar", worded("carePart.scar")],
  ["tender", worded("carePart.tender-place")],
  ["sunburn", worded("carePart.sunburn")],
  ["flaking", worded("carePart.flaking-skin")],
  ["brokenSkin", worded("carePart.broken-skin")],
  ["looksInfected", worded("carePart.looks-infected")],
  ["lice", worded("carePart.lice-or-nits")],
] as const;
const KIND_NAMES = Object.fromEntries(KINDS) as Record<string, string>;

/** Skin, allergies, consent. What to do about them is said at the top of the page. */
export function CarePart({ document }: { document: SitDocument }) {
  const c = document.cautions ?? {};
  const consent = c.consent ?? {};
  const skin = c.skin ?? [];
  const [kind, setKind] = useState("mole");
  const [near, setNear] = useState("behindEarRight");
  const agree = (key: string, value: unknown) =>
    sit.change(["cautions", "consent"], { ...consent, [key]: value });
  return (
    <>
      <Tick
        words={worded("carePart.notes-on-skin-and")}
        on={consent.notes === true}
        set={(on) => agree("notes", on)}
      />
      <Tick
        words={worded("carePart.photographs-may-be-kept")}
        on={consent.photos === true}
        set={(on) => agree("photos", on)}
      />
      <Tick
        words={worded("carePart.a-child-or-moves")}
        on={c.lively === true}
        set={(on) => sit.change(["cautions", "lively"], on)}
      />
      <Tick words={worded("carePart.a-minor")} on={consent.minor === true} set={(on) => agree("minor", on)} />
      {consent.minor && (
        <label className="grid gap-0.5 font-bold">
          {worded("carePart.guardian-who-agreed")}
          <input
            type="text"
            className="input touch w-72 font-normal text-lg"
            maxLength={120}
            value={consent.guardian ?? ""}
            onChange={(e) => agree("guardian", e.target.value)}
          />
        </label>
      )}
      <fieldset>
        <legend className="font-bold text-lg">{worded("carePart.skin")}</legend>
        <ul>
          {skin.map((n, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two notes may be the same
            <li key={i} className="flex flex-wrap items-center gap-3">
              <b>{KIND_NAMES[n.kind]}</b> {placeName(n.near)}
              <input
                type="text"
                className="input touch w-56"
                aria-label={worded("carePart.about-the", { kind: KIND_NAMES[n.kind] })}
                maxLength={300}
                value={n.note ?? ""}
                onChange={(e) =>
                  sit.change(
                    ["cautions", "skin"],
                    skin.map((s, k) => (k === i ? { ...s, note: e.target.value } : s)),
                  )
                }
              />
              <button
                type="button"
                className="touch cursor-pointer underline"
                onClick={() =>
                  sit.change(
                    ["cautions", "skin"],
                    skin.filter((_, k) => k !== i),
                  )
                }
              >
                {worded("carePart.take-it-off")}
              </button>
            </li>
          ))}
        </ul>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <PlaceSelect label={worded("carePart.what-is-seen")} value={kind} set={setKind} places={KINDS} />
          <PlaceSelect label={worded("carePart.seen-near")} value={near} set={setNear} places={PLACES} />
          <button
            type="button"
            className="btn touch"
            onClick={() => sit.change(["cautions", "skin"], [...skin, { kind, near, note: "" }])}
          >
            {worded("carePart.note-it")}
          </button>
        </div>
      </fieldset>
      <label className="grid gap-0.5 font-bold">
        {worded("carePart.allergies")}
        <input
          type="text"
          className="input touch w-full font-normal text-lg"
          maxLength={2000}
          value={c.allergies ?? ""}
          onChange={(e) => sit.change(["cautions", "allergies"], e.target.value)}
        />
      </label>
    </>
  );
}
