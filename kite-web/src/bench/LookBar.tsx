import type { CoatRow, PlanDocument } from "../api/types";
import { COATS, type Coat } from "../draw/coats";
import { LIGHT_NAMES, type Light } from "../draw/lights";
import { TOOLS, toolOf } from "../draw/tools";
import { VIEW_NAMES } from "../draw/views";
import { bitesOnHair, look, type Shown, turnTo, useLook } from "../store/lookStore";
import { worded } from "../words/worded";
import { Drying } from "./Drying";
import { WornStrip } from "./WornStrip";

const SHOWN: Record<Shown, string> = {
  bare: worded("lookBar.length-map"),
  standing: worded("lookBar.straight-out"),
  fallen: worded("lookBar.as-it-falls"),
};

/** The set views, down the side of the head. */
export function Views() {
  const { view } = useLook();
  return (
    <fieldset className="absolute top-0 left-0 z-10 flex flex-col">
      <legend className="sr-only">{worded("lookBar.seen-from")}</legend>
      {VIEW_NAMES.map((v) => (
        <button
          key={v}
          type="button"
          className={`touch cursor-pointer border-l-3 px-2 text-left ${v === view ? "border-primary font-bold" : "border-transparent"}`}
          aria-pressed={v === view}
          onClick={() => turnTo(v)}
        >
          {v}
        </button>
      ))}
    </fieldset>
  );
}

/** In which light the fallen hair is looked at. */
function LightPick() {
  const light = useLook((s) => s.light);
  return (
    <label className="max-sm:hidden">
      <span className="sr-only">{worded("lookBar.light")}</span>
      <select
        className="select touch w-38"
        value={light}
        onChange={(e) => look({ light: e.target.value as Light })}
      >
        {LIGHT_NAMES.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** What is laid over the head: all of the plan in place of one move, and the shape before. */
export function Overlays() {
  const { whole, xray, shown } = useLook();
  if (shown === "fallen") return null;
  return (
    <div className="absolute top-0 right-0 z-10 flex flex-col items-end">
      <Switch on={whole} name={worded("lookBar.whole-plan")} set={(on) => look({ whole: on })} />
      <Switch on={xray} name={worded("lookBar.shape-before")} set={(on) => look({ xray: on })} />
    </div>
  );
}

/** Hair shown how, and painted with what. */
export function LookBar() {
  const { shown, coat } = useLook();
  const inHand = useLook(bitesOnHair);
  return (
    <div className="flex flex-wrap items-center justify-between gap-2">
      <fieldset className="join">
        <legend className="sr-only">{worded("lookBar.hair")}</legend>
        {(Object.keys(SHOWN) as Shown[]).map((s) => (
          <button
            key={s}
            type="button"
            aria-pressed={shown === s}
            className={`btn join-item touch px-3 ${shown === s ? "btn-neutral" : ""}`}
            onClick={() => look({ shown: s })}
          >
            {SHOWN[s]}
          </button>
        ))}
      </fieldset>
      <WornStrip />
      {shown === "fallen" && !inHand && (
        <div className="flex flex-wrap gap-1">
          <Drying />
          <LightPick />
        </div>
      )}
      {shown !== "fallen" && (
        <label className="flex items-center gap-2">
          <span className="sr-only">{worded("lookBar.painted-with")}</span>
          <select
            className="select touch w-auto"
            value={coat}
            onChange={(e) => look({ coat: e.target.value as Coat })}
          >
            {Object.entries(COATS).map(([c, name]) => (
              <option key={c} value={c}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

function Switch({ on, name, set }: { on: boolean; name: string; set: (on: boolean) => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`touch cursor-pointer border-r-3 px-2 ${on ? "border-primary font-bold" : "border-transparent"}`}
      onClick={() => set(!on)}
    >
      {name}
    </button>
  );
}

type LegendProps = { coat: Coat; document: PlanDocument; rows?: CoatRow[] };

/** What the colours say. Lengths, left or taken, say it themselves, by the labels on their contours. */
export function Legend({ coat, document, rows }: LegendProps) {
  if (coat === "tool") {
    const used = new Set(document.moves.map((m) => toolOf(m.cut)));
    return (
      <ul className="text-sm">
        {Object.entries(TOOLS)
          .filter(([t]) => t === "none" || used.has(t as keyof typeof TOOLS))
          .map(([t, { name, colour }]) => (
            <Swatch key={t} colour={colour} words={name} />
          ))}
      </ul>
    );
  }
  const row = rows?.find((r) => r.id === coat);
  if (!row) return null;
  return (
    <ul className="text-sm">
      <li className="font-bold">{row.unit}</li>
      {row.colours.map((c, i) => (
        <Swatch
          key={c}
          colour={c}
          words={i === 0 ? worded("lookBar.under", { level: row.levels[0] }) : `${row.levels[i - 1]}`}
        />
      ))}
    </ul>
  );
}

function Swatch({ colour, words }: { colour: string; words: string }) {
  return (
    <li className="flex items-center gap-1.5 leading-[1.15rem]">
      <span className="h-3.5 w-5 border border-base-content/40" style={{ background: colour }} />
      {words}
    </li>
  );
}
