import { scaleLinear } from "d3-scale";
import { useRef, useState } from "react";
import { within } from "../api/range";
import type { Fade, FadeBand, FadeView, Place } from "../api/types";
import { LengthAxis } from "../draw/LengthAxis";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";
import { boundaryOf, moved } from "./fadeBands";

const W = 330;
const H = 300;
const PAD = { left: 34, right: 14, top: 16, bottom: 34 };
const STRIP = 46;
/** So high the bar is drawn at the least. */
const LEAST_SHOWN_MM = 40;
/** A fade lower than this has no room for handles. */
const LOWEST_MM = 4;
const HIGHEST_MM = within("fade", "napeMm").max;

const NAMES: Partial<Record<Place, string>> = {
  sideburnRight: worded("fadeBar.sideburn"),
  behindEarRight: worded("fadeBar.behind-ear"),
  sideburnLeft: worded("fadeBar.sideburn-left"),
  behindEarLeft: worded("fadeBar.behind-ear-left"),
  nape: worded("fadeBar.nape"),
};

/** Bare skin to a full inch, as shade; skin and hair of a drawing, the same in both themes. */
const SKIN = [236, 205, 180] as const;
const HAIR = [43, 36, 31] as const;
const DENSE_MM = 7;
function shade(mm: number): string {
  const t = 1 - Math.exp(-mm / DENSE_MM);
  return `rgb(${SKIN.map((s, i) => Math.round(s + t * ((HAIR[i] as number) - s))).join(" ")})`;
}

/** Where a height of the fade stands in its cut. */
export function heightPath(place: Place): (keyof Fade | "sideburnMm" | "behindEarMm")[] {
  if (place === "nape") return ["napeMm"];
  const field = place.startsWith("sideburn") ? "sideburnMm" : "behindEarMm";
  return place.endsWith("Left") ? ["left", field] : [field];
}

const guardName = (b: FadeBand) => (b.number === 0 ? worded("fadeBar.blade") : String(b.number));

type Held = { key: string; bands?: FadeBand[]; place?: Place; mm?: number };
type Props = {
  cut: Fade;
  view: FadeView;
  chosen: number;
  units: Units;
  choose: (band: number) => void;
  setBands: (bands: FadeBand[]) => void;
  setHeight: (place: Place, mm: number) => void;
};

/** The fade up the side, behind the ear and at the back: guards as shade, pulled by their handles. */
export function FadeBar({ cut, view, chosen, units, choose, setBands, setHeight }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<Held | null>(null);
  const from = useRef({ y: 0, mm: 0 });
  const top = useRef(LEAST_SHOWN_MM);
  const strips = view.strips;
  if (!held) {
    top.current = Math.min(
      HIGHEST_MM + 10,
      Math.max(LEAST_SHOWN_MM, ...strips.map((s) => 1.2 * s.highMm + 8)),
    );
  }
  const y = scaleLinear([0, top.current], [H - PAD.bottom, PAD.top]);
  const step = (W - PAD.left - PAD.right) / strips.length;
  const bands = held?.bands ?? cut.bands;
  const highOf = (place: Place, mm: number) =>
    held?.place === place && held.mm !== undefined ? held.mm : mm;
  const mmAt = (clientY: number) => {
    const scale = svg.current?.getScreenCTM()?.d ?? 1;
    return from.current.mm + ((from.current.y - clientY) / scale) * (y.invert(0) - y.invert(1));
  };
  const take = (e: React.PointerEvent, next: Held, mm: number) => {
    (e.target as Element).setPointerCapture(e.pointerId);
    from.current = { y: e.clientY, mm };
    setHeld(next);
  };
  const drop = () => {
    if (held?.bands) setBands(held.bands);
    else if (held?.place && held.mm !== undefined) setHeight(held.place, held.mm);
    setHeld(null);
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing that holds sliders is a group
    <svg
      ref={svg}
      viewBox={`0 0 ${W} ${H}`}
      className="w-full select-none"
      role="group"
      aria-label={worded("fadeBar.the-fade")}
    >
      <LengthAxis ticks={y.ticks(5)} y={y} from={PAD.left} to={W - PAD.right} units={units} />
      {strips.map((s, i) => {
        const x = PAD.left + (i + 0.5) * step;
        const high = highOf(s.place, s.highMm);
        const left = x - STRIP / 2;
        const yOf = (share: number) => y(share * high);
        return (
          <g key={s.place}>
            <Bone
              x={x}
              y={y(s.boneMm)}
              name={s.place === "nape" ? worded("fadeBar.bone") : worded("fadeBar.ridge")}
              said={lengthWords(s.boneMm, units)}
            />
            {high >= LOWEST_MM && (
              <>
                <defs>
                  <linearGradient id={`fade-${s.place}`} x1="0" y1="1" x2="0" y2="0">
                    {bands.flatMap((b, k) => {
                      const mm = (view.bands[k] ?? view.bands.at(-1))?.heightMm ?? 0;
                      return [b.fromShare, b.toShare].map((at) => (
                        // biome-ignore lint/suspicious/noArrayIndexKey: bands stand one above the other
                        <stop key={`${k}-${at}`} offset={at} stopColor={shade(mm)} />
                      ));
                    })}
                  </linearGradient>
                </defs>
                <rect
                  x={left}
                  y={yOf(1)}
                  width={STRIP}
                  height={y(0) - yOf(1)}
                  rx={3}
                  fill={`url(#fade-${s.place})`}
                  className="stroke-base-content"
                  strokeWidth={1}
                />
                {bands.map((b, k) => {
                  const mid = yOf(
                    ((k === 0 ? 0 : boundaryOf(bands, k - 1)) + (bands[k + 1] ? boundaryOf(bands, k) : 1)) /
                      2,
                  );
                  const tall =
                    yOf(k === 0 ? 0 : boundaryOf(bands, k - 1)) -
                    yOf(bands[k + 1] ? boundaryOf(bands, k) : 1);
                  return (
                    // biome-ignore lint/suspicious/noArrayIndexKey: bands stand one above the other
                    <g key={k}>
                      {tall > 11 && (
                        <text
                          x={x}
                          y={mid + 5}
                          textAnchor="middle"
                          className="font-bold text-[14px]"
                          fill={(view.bands[k]?.heightMm ?? 0) > 4 ? "#f6efe6" : "#1f1b18"}
                        >
                          {guardName(b)}
                        </text>
                      )}
                      {bands[k + 1] && (
                        <Handle
                          x={x}
                          y={yOf(boundaryOf(bands, k))}
                          chosen={chosen === k || chosen === k + 1}
                          name={worded("fadeBar.boundary", {
                            under: guardName(b),
                            over: guardName(bands[k + 1] as FadeBand),
                            place: NAMES[s.place] ?? "",
                          })}
                          now={Math.round(boundaryOf(bands, k) * high)}
                          max={Math.round(high)}
                          said={lengthWords(boundaryOf(bands, k) * high, units)}
                          take={(e) => {
                            choose(k);
                            take(
                              e,
                              { key: `${s.place}-${k}`, bands: cut.bands },
                              boundaryOf(cut.bands, k) * high,
                            );
                          }}
                          pull={(e) =>
                            held?.key === `${s.place}-${k}` &&
                            setHeld({ ...held, bands: moved(cut.bands, k, mmAt(e.clientY) / high) })
                          }
                          drop={drop}
                          nudge={(by) => setBands(moved(cut.bands, k, boundaryOf(cut.bands, k) + by / high))}
                        />
                      )}
                    </g>
                  );
                })}
              </>
            )}
            <Handle
              x={x + STRIP / 2 + 3}
              y={yOf(1)}
              round
              chosen={held?.place === s.place}
              name={worded("fadeBar.height", { place: NAMES[s.place] ?? "" })}
              now={Math.round(high)}
              max={HIGHEST_MM}
              said={lengthWords(high, units)}
              take={(e) => take(e, { key: s.place, place: s.place, mm: s.highMm }, s.highMm)}
              pull={(e) =>
                held?.key === s.place &&
                setHeld({ ...held, mm: Math.round(Math.min(HIGHEST_MM, Math.max(0, mmAt(e.clientY)))) })
              }
              drop={drop}
              nudge={(by) => setHeight(s.place, Math.min(HIGHEST_MM, Math.max(0, Math.round(s.highMm) + by)))}
            />
            <text x={x} y={H - 18} textAnchor="middle" className="fill-base-content text-[12px]">
              {NAMES[s.place]}
            </text>
            <text x={x} y={H - 3} textAnchor="middle" className="fill-base-content font-bold text-[13px]">
              {high < 0.5 ? worded("fadeBar.none") : lengthWords(high, units)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** Where the head turns in; over the bar's top how high that is. */
function Bone({ x, y, name, said }: { x: number; y: number; name: string; said: string }) {
  const out = y < PAD.top;
  return (
    <g>
      {!out && (
        <line
          x1={x - STRIP / 2 - 6}
          x2={x + STRIP / 2 + 6}
          y1={y}
          y2={y}
          className="stroke-base-content"
          strokeWidth={1.5}
          strokeDasharray="5 3"
        />
      )}
      <text x={x} y={out ? PAD.top - 4 : y - 4} textAnchor="middle" className="fill-base-content text-[11px]">
        {out ? `${name} ${said} ↑` : name}
      </text>
    </g>
  );
}

type HandleProps = {
  x: number;
  y: number;
  round?: boolean;
  chosen: boolean;
  name: string;
  now: number;
  max: number;
  said: string;
  take: (e: React.PointerEvent) => void;
  pull: (e: React.PointerEvent) => void;
  drop: () => void;
  nudge: (mm: number) => void;
};

/** What is pulled up and down; nothing else of the bar lifts, so that a swipe scrolls. */
function Handle({ x, y, round, chosen, name, now, max, said, take, pull, drop, nudge }: HandleProps) {
  return (
    <g
      tabIndex={0}
      role="slider"
      aria-orientation="vertical"
      aria-label={name}
      aria-valuenow={now}
      aria-valuemin={0}
      aria-valuemax={max}
      aria-valuetext={said}
      className="cursor-ns-resize touch-none"
      onPointerDown={take}
      onPointerMove={pull}
      onPointerUp={drop}
      onPointerCancel={drop}
      onKeyDown={(e) => {
        const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[e.key];
        if (!by) return;
        e.preventDefault();
        e.stopPropagation();
        nudge(by);
      }}
    >
      {/* Wider than it is drawn, for a wet finger. */}
      <rect
        x={x - (round ? 18 : 26)}
        y={y - (round ? 20 : 9)}
        width={round ? 36 : 46}
        height={round ? 40 : 18}
        fill="transparent"
      />
      {round ? (
        <circle
          cx={x}
          cy={y}
          r={9}
          strokeWidth={2.4}
          className={`stroke-base-content ${chosen ? "fill-primary" : "fill-base-100"}`}
        />
      ) : (
        <path
          d={`M${x - 25} ${y}h50`}
          strokeWidth={chosen ? 4 : 3}
          strokeLinecap="round"
          className={chosen ? "stroke-primary" : "stroke-secondary"}
        />
      )}
    </g>
  );
}
