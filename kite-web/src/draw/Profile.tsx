import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import { useRef, useState } from "react";
import type { Cut, Walk } from "../api/types";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";
import { LengthAxis } from "./LengthAxis";
import { PlaceMark } from "./PlaceMark";
import { lastCut, TOOLS, toolOf } from "./tools";
import { useLift } from "./useLift";
import { marksOf, nearestAt, WALK_NAMES } from "./walks";

const SIZE = { width: 430, height: 230 };
const PAD = { left: 36, right: 12, top: 18, bottom: 40 };
const NEAR_MM = 9;
/** So near a landing a pulled length is meant to reach just it. */
const LANDS_MM = 3;

/** Something wished or flagged at a place of the walk. */
export type Mark = { atMm: number; lengthMm: number; words: string };
export type Held = { atMm: number; lengthMm: number };

type Props = {
  walk: Walk;
  /** The chosen move's index. */
  step: number;
  /** Shows all that the plan takes off. */
  whole?: boolean;
  units: Units;
  cuts?: Cut[];
  wishes?: Mark[];
  /** Another plan's or week's lengths along the same walk, by distance. */
  other?: { distanceMm: number[]; lengthMm: number[]; name: string };
  /** Called while a length is pulled and when it is let go. */
  pull?: (held: Held, done: boolean) => void;
  /** What stays where it is while a slope is pulled. */
  keptMm?: number;
  /** Lengths that reach a named place; a pull snaps to them. */
  landings?: { atMm: number; lengthMm: number; name: string }[];
  /** Where what is left stands off the hair beside it. */
  ledgesMm?: number[];
  /** Where the ends pile up. */
  weight?: { atMm: number; words: string }[];
  size?: { width: number; height: number };
};

/** Length against distance along a walk, skin along the bottom, what it is cut with under it. Lengths are pulled. */
export function Profile(props: Props) {
  const {
    walk,
    step,
    whole = false,
    units,
    cuts,
    wishes = [],
    other,
    pull,
    keptMm,
    weight = [],
    ledgesMm = [],
  } = props;
  const landings = props.landings ?? [];
  const { width: W, height: H } = props.size ?? SIZE;
  const svg = useRef<SVGSVGElement>(null);
  const most = useRef(0);
  /** How far from the line it was taken hold of, so that it does not leap to the finger. */
  const off = useRef({ mm: 0, moved: false });
  const [held, setHeld] = useState<Held | null>(null);
  const states = [walk.beforeMm, ...walk.afterMove.map((a) => a.lengthMm)];
  const at = whole ? states.length - 1 : Math.min(step + 1, states.length - 1);
  const before = (whole ? walk.beforeMm : states[at - 1]) ?? walk.beforeMm;
  const after = states[at] ?? walk.beforeMm;
  const end = states.at(-1) ?? walk.beforeMm;
  if (!held)
    most.current = Math.max(20, ...before, ...(other?.lengthMm ?? []), ...wishes.map((w) => w.lengthMm));
  const x = scaleLinear([0, walk.lengthMm], [PAD.left, W - PAD.right]);
  const y = scaleLinear([0, most.current], [H - PAD.bottom, PAD.top]).nice(4);
  const px = (i: number) => x(walk.distanceMm[i] as number);
  const draw = (v: number[]) =>
    line<number>()
      .x((_, i) => px(i))
      .y((d) => y(d))(v) ?? "";
  const taken = area<number>()
    .x((_, i) => px(i))
    .y0((_, i) => y(after[i] as number))
    .y1((_, i) => y(Math.max(before[i] as number, after[i] as number)));
  const marks = marksOf(walk);
  const nearest = (mm: number) => nearestAt(walk, mm);

  const toHeld = (e: { clientX: number; clientY: number }, from?: Held): Held => {
    const m = svg.current?.getScreenCTM();
    if (!m) return { atMm: 0, lengthMm: 0 };
    const mm = Math.max(0, y.invert((e.clientY - m.f) / m.d) - (from ? off.current.mm : 0));
    const atMm = from?.atMm ?? Math.max(0, Math.min(walk.lengthMm, x.invert((e.clientX - m.e) / m.a)));
    const near = landings.find((l) => l.atMm === atMm && Math.abs(l.lengthMm - mm) < LANDS_MM);
    return { atMm, lengthMm: near && from ? near.lengthMm : Math.round(mm) };
  };
  const snap = (h: Held): Held => {
    const near = marks.find((m) => Math.abs(m.atMm - h.atMm) < NEAR_MM);
    return near ? { ...h, atMm: near.atMm } : h;
  };
  const by = useLift(svg, (at) => {
    svg.current?.setPointerCapture(at.pointerId);
    const h = snap(toHeld(at));
    const lengthMm = Math.round(end[nearest(h.atMm)] as number);
    off.current = { mm: h.lengthMm - lengthMm, moved: false };
    setHeld({ ...h, lengthMm });
  });
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${W} ${H}`}
      className={`h-full w-full select-none ${pull ? "cursor-ns-resize touch-pan-y" : ""}`}
      role="img"
      aria-label={worded("profile.profile", { walk: WALK_NAMES[walk.walk] })}
      onPointerDown={(e) => {
        if (pull && e.isPrimary) by.down(e);
      }}
      onPointerMove={(e) => {
        by.move(e);
        if (!held || !pull) return;
        const h = toHeld(e, held);
        if (h.lengthMm === held.lengthMm) return;
        off.current.moved = true;
        setHeld(h);
        pull(h, false);
      }}
      onPointerUp={() => {
        by.end();
        if (held && pull && off.current.moved) pull(held, true);
        setHeld(null);
      }}
      onPointerCancel={() => {
        by.end();
        setHeld(null);
      }}
    >
      <defs>
        <pattern id="short" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="2.4" height="6" className="fill-error" />
        </pattern>
      </defs>
      <LengthAxis ticks={y.ticks(4)} y={y} from={PAD.left} to={W - PAD.right} units={units} />
      {marks.map(({ place, name, atMm: d }) => (
        <PlaceMark
          key={place}
          name={name}
          x={x(d)}
          top={PAD.top}
          bottom={H - PAD.bottom}
          textY={H - 6}
          anchor={d < 12 ? "start" : d > walk.lengthMm - 12 ? "end" : "middle"}
        />
      ))}
      <path d={taken(after) ?? ""} className="fill-primary" opacity={0.24} />
      <path
        d={draw(before)}
        fill="none"
        className="stroke-base-content"
        strokeWidth={1}
        strokeDasharray="5 4"
        opacity={0.7}
      />
      {!whole && <path d={draw(end)} fill="none" className="stroke-secondary" strokeWidth={1.6} />}
      {other && (
        <path
          d={
            line<number>()
              .x((_, i) => x(other.distanceMm[i] as number))
              .y((d) => y(d))(other.lengthMm) ?? ""
          }
          fill="none"
          className="stroke-secondary"
          strokeWidth={2.5}
          strokeDasharray="9 4"
        />
      )}
      <path
        d={draw(after)}
        fill="none"
        className="stroke-primary"
        strokeWidth={2.8}
        strokeLinejoin="round"
        data-testid={`after-${walk.walk}`}
      />
      {wishes.map((w) => {
        const has = end[nearest(w.atMm)] as number;
        return (
          <g key={w.words}>
            {w.lengthMm - has > 1 && (
              <rect
                x={x(w.atMm) - 5}
                width={10}
                y={y(w.lengthMm)}
                height={y(has) - y(w.lengthMm)}
                fill="url(#short)"
              />
            )}
            <circle
              cx={x(w.atMm)}
              cy={y(w.lengthMm)}
              r={5}
              fill="none"
              className="stroke-base-content"
              strokeWidth={1.8}
            />
            <circle cx={x(w.atMm)} cy={y(w.lengthMm)} r={1.6} className="fill-base-content" />
            <title>{w.words}</title>
          </g>
        );
      })}
      {ledgesMm.map((d) => (
        <path
          key={d}
          d={`M${x(d)} ${y(end[nearest(d)] as number) - 8}l-5 -9h10z`}
          className="fill-accent stroke-base-content"
          strokeWidth={0.8}
        >
          <title>{worded("profile.stands-off-the-hair")}</title>
        </path>
      ))}
      <line
        x1={PAD.left}
        x2={W - PAD.right}
        y1={y(0)}
        y2={y(0)}
        className="stroke-base-content"
        strokeWidth={2}
      />
      {cuts && <Bands states={states} walk={walk} x={x} cuts={cuts} y={H - PAD.bottom + 4} />}
      {landings
        .filter((l) => l.lengthMm <= (y.domain()[1] ?? 0))
        .map((l) => {
          const right = l.atMm > walk.lengthMm / 2;
          return (
            <g key={`${l.atMm}/${l.name}`}>
              <path
                d={`M${x(l.atMm)} ${y(l.lengthMm)}h${right ? -16 : 16}`}
                className="stroke-base-content"
                strokeWidth={2}
              />
              <text
                x={x(l.atMm) + (right ? -20 : 20)}
                y={y(l.lengthMm) + 4}
                textAnchor={right ? "end" : "start"}
                className="fill-base-content stroke-base-100 text-[12px]"
                strokeWidth={3}
                paintOrder="stroke"
              >
                {worded("profile.to-the", { name: l.name })}
              </text>
            </g>
          );
        })}
      {weight.map((w) => (
        <g key={w.atMm}>
          <path d={`M${x(w.atMm) - 11} ${PAD.top - 2}h22l-5 8h-12z`} className="fill-base-content" />
          <text x={x(w.atMm) + 15} y={PAD.top + 6} className="fill-base-content text-[12px]">
            {worded("profile.weight")}
          </text>
          <title>{w.words}</title>
        </g>
      ))}
      {keptMm !== undefined && (
        <path d={`M${x(keptMm)} ${y(end[nearest(keptMm)] as number)}l-7 -14h14z`} className="fill-secondary">
          <title>{worded("profile.this-stays-while-the")}</title>
        </path>
      )}
      {held && (
        <g>
          <line x1={x(held.atMm)} x2={x(held.atMm)} y1={PAD.top} y2={y(0)} className="stroke-base-content" />
          <circle
            cx={x(held.atMm)}
            cy={y(held.lengthMm)}
            r={8}
            className="fill-base-100 stroke-primary"
            strokeWidth={3}
          />
          <text
            x={Math.min(W - 60, x(held.atMm) + 14)}
            y={Math.max(16, y(held.lengthMm) - 8)}
            className="fill-base-content stroke-base-100 font-bold text-[18px]"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {lengthWords(held.lengthMm, units)}
          </text>
        </g>
      )}
    </svg>
  );
}

type BandProps = {
  states: number[][];
  walk: Walk;
  x: (mm: number) => number;
  cuts: Cut[];
  y: number;
};

/** What each stretch of the walk is last cut with. */
function Bands({ states, walk, x, cuts, y }: BandProps) {
  const bands: { tool: keyof typeof TOOLS; from: number; to: number }[] = [];
  walk.distanceMm.forEach((d, i) => {
    const m = lastCut((s) => states[s] as number[], states.length - 1, i);
    const cut = m < 0 ? undefined : cuts[m];
    const tool = cut ? toolOf(cut) : "none";
    const last = bands.at(-1);
    if (last?.tool === tool) last.to = d;
    else bands.push({ tool, from: last?.to ?? d, to: d });
  });
  return (
    <g>
      {bands.map((b) => (
        <rect
          key={b.from}
          x={x(b.from)}
          width={Math.max(0, x(b.to) - x(b.from))}
          y={y}
          height={9}
          fill={TOOLS[b.tool].colour}
        >
          <title>{TOOLS[b.tool].name}</title>
        </rect>
      ))}
    </g>
  );
}
