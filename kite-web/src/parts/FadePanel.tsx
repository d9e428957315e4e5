import { useMemo, useState } from "react";
import type { Fade, FadeBand, Place, PlanDocument } from "../api/types";
import { ask, changes } from "../store/asks";
import { change, editPlan } from "../store/planStore";
import { lengthWords, type Units } from "../store/units";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";
import { FadeBar, heightPath } from "./FadeBar";
import { blended, leversOf, numbersOf, withOneMore, without } from "./fadeBands";
import { Stepper } from "./Stepper";

export const STARTS = [
  ["low", worded("fade.low")],
  ["middle", worded("fade.middle")],
  ["high", worded("fade.high")],
  ["drop", worded("fade.drop")],
  ["temple", worded("fade.temple")],
  ["nape", worded("fade.nape")],
  ["skin", worded("fade.skin")],
] as const;

type Props = { document: PlanDocument; index: number; move: string; cut: Fade; units: Units };

/** A fade is set here: where it starts from, its guards and heights, and what other guards would buy. */
export function FadePanel({ document, index, move, cut, units }: Props) {
  const body = useMemo(() => ({ document, move }), [document, move]);
  const { data, message } = useAnswer(ask.fade, body);
  const [chosen, setChosen] = useState(0);
  const k = Math.min(chosen, cut.bands.length - 1);
  const at = ["moves", index, "cut"];
  const set = (bands: FadeBand[]) => change([...at, "bands"], bands);
  return (
    <div className="grid gap-2">
      <fieldset className="flex flex-wrap gap-1">
        <legend className="sr-only">{worded("fade.starts")}</legend>
        {STARTS.map(([start, name]) => (
          <button
            key={start}
            type="button"
            className="btn touch px-2 text-sm"
            onClick={() => void editPlan(changes.fade({ start, at: 0 }))}
          >
            {name}
          </button>
        ))}
      </fieldset>
      {message && <p role="alert">{message}</p>}
      {!data && !message && <p>{worded("common.working-it-out")}</p>}
      {data && (
        <>
          <FadeBar
            cut={cut}
            view={data}
            chosen={k}
            units={units}
            choose={setChosen}
            setBands={set}
            setHeight={(place: Place, mm) => change([...at, ...heightPath(place)], mm)}
          />
          <GuardRow bands={cut.bands} chosen={k} choose={setChosen} set={set} />
          <GuardNumbers
            bands={cut.bands}
            k={k}
            set={set}
            highMm={Math.max(...data.strips.map((s) => s.highMm), 1)}
          />
          <Sides cut={cut} set={(left) => change([...at, "left"], left)} />
          <p className="text-sm">
            {worded("fade.off-an-even-rise", {
              length: lengthWords(data.worstMm, units),
              minutes: Math.max(1, Math.round(data.minutes)),
            })}
          </p>
          <ul className="grid gap-1 text-sm" aria-label={worded("fade.what-other-guards-buy")}>
            {data.offers.map((o) => (
              <li key={o.bands.length} className="flex items-center gap-2">
                <button
                  type="button"
                  className="btn touch grow justify-between px-3 text-left"
                  onClick={() => set(o.bands.map(({ heightMm: _, ...b }) => b))}
                >
                  <span className="font-bold">
                    {o.bands.map((b) => (b.number === 0 ? worded("fadeBar.blade") : b.number)).join(" – ")}
                  </span>
                  <span>
                    {worded("fade.offer", {
                      length: lengthWords(o.worstMm, units),
                      minutes: Math.max(1, Math.round(o.minutes)),
                    })}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

type RowProps = {
  bands: FadeBand[];
  chosen: number;
  choose: (band: number) => void;
  set: (b: FadeBand[]) => void;
};

/** The guards of a fade side by side, to choose one, and one more. */
export function GuardRow({ bands, chosen, choose, set }: RowProps) {
  return (
    <fieldset className="flex flex-wrap items-center gap-1">
      <legend className="sr-only">{worded("fade.guards")}</legend>
      {bands.map((b, i) => (
        <button
          // biome-ignore lint/suspicious/noArrayIndexKey: guards stand one above the other
          key={i}
          type="button"
          aria-pressed={i === chosen}
          className={`btn touch min-w-11 px-2 text-lg ${i === chosen ? "btn-neutral" : ""}`}
          onClick={() => choose(i)}
        >
          {b.number === 0 ? worded("fadeBar.blade") : b.number}
          {b.leverMm > 0 && "+"}
        </button>
      ))}
      <button
        type="button"
        className="btn touch"
        aria-label={worded("fade.one-more")}
        onClick={() => set(withOneMore(bands))}
      >
        +
      </button>
    </fieldset>
  );
}

type GuardProps = { bands: FadeBand[]; k: number; set: (b: FadeBand[]) => void; highMm: number };

/** The numbers of one guard of a fade, and taking it out. */
export function GuardNumbers({ bands, k, set, highMm }: GuardProps) {
  const band = bands[k];
  if (!band) return null;
  const put = (part: Partial<FadeBand>) => set(bands.map((b, i) => (i === k ? { ...b, ...part } : b)));
  const over = bands[k + 1];
  return (
    <div className="grid grid-cols-2 gap-3">
      <Stepper
        label={worded("fade.guard")}
        value={band.number}
        step={0.5}
        {...numbersOf(bands, k)}
        unit=""
        onChange={(v) => put({ number: v })}
      />
      <Stepper
        label={worded("movePanel.lever-adds")}
        value={band.leverMm}
        step={0.5}
        {...leversOf(bands, k)}
        unit="mm"
        onChange={(v) => put({ leverMm: v })}
      />
      {over && (
        <Stepper
          label={worded("fade.rocked-out-over")}
          value={Math.round((over.fromShare - band.toShare) * highMm)}
          step={1}
          min={0}
          max={Math.round((over.toShare - band.fromShare) * highMm)}
          unit="mm"
          onChange={(v) => set(blended(bands, k, v / highMm))}
        />
      )}
      {bands.length > 1 && (
        <button type="button" className="btn touch self-end" onClick={() => set(without(bands, k))}>
          {worded("fade.leave-this-guard-out")}
        </button>
      )}
    </div>
  );
}

function Sides({ cut, set }: { cut: Fade; set: (left: Fade["left"]) => void }) {
  return (
    <label className="touch flex items-center gap-2">
      <input
        type="checkbox"
        className="checkbox"
        checked={cut.left !== undefined}
        onChange={(e) =>
          set(e.target.checked ? { sideburnMm: cut.sideburnMm, behindEarMm: cut.behindEarMm } : undefined)
        }
      />
      {worded("fade.left-apart")}
    </label>
  );
}
