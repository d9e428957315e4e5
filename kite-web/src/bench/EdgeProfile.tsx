import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { useRef, useState } from "react";
import type { Walk } from "../api/types";
import { LengthAxis } from "../draw/LengthAxis";
import { PlaceMark } from "../draw/PlaceMark";
import { choose } from "../store/planStore";
import { lengthWords, type Units } from "../store/units";
import { worded } from "../words/worded";
import type { EdgeHandle, EdgeLine } from "./edges";

const PAD = { left: 36, right: 12, top: 14, bottom: 36 };
const SHORT: Record<string, string> = {
  front: "front",
  temple: "temple",
  sideburn: "sideburn",
  earTop: "ear",
  behindEar: worded("edgeProfile.behind-ear"),
  napeCorner: "corner",
  nape: "nape",
};
const TONE = { band: "fill-secondary", taper: "fill-accent", outline: "" };

type Named = { p: string; name: string; at: number; px: number };

/** Names that find room, from the nape outward. */
function spaced(all: Named[]): Named[] {
  const nape = all.find((m) => m.p === "nape")?.px ?? 0;
  const kept: Named[] = [];
  for (const m of [...all].sort((a, b) => Math.abs(a.px - nape) - Math.abs(b.px - nape))) {
    if (kept.every((k) => Math.abs(k.px - m.px) > 3.4 * (k.name.length + m.name.length))) kept.push(m);
  }
  return kept;
}

type Props = {
  edge: Walk;
  lines: EdgeLine[];
  handles: EdgeHandle[];
  chosen: number;
  units: Units;
  size: { width: number; height: number };
};

/** Once round the hairline: how high bands and tapers climb, where outlines are cut, and the length left at the edge. */
export function EdgeProfile({ edge, lines, handles, chosen, units, size }: Props) {
  const { width: W, height: H } = size;
  const svg = useRef<SVGSVGElement>(null);
  const top = useRef(60);
  const from = useRef({ y: 0, height: 0 });
  const [held, setHeld] = useState<{ key: string; mm: number } | null>(null);
  const end = edge.afterMove.at(-1)?.lengthMm ?? edge.beforeMm;
  if (!held) {
    const highest = Math.max(
      ...handles.map((h) => h.heightMm),
      ...lines.flatMap((l) => l.points.map((p) => p[1])),
    );
    top.current = Math.min(130, Math.max(60, highest * 1.25, ...end.map((l) => Math.min(90, l))));
  }
  const low = Math.max(-60, Math.min(-6, ...lines.flatMap((l) => l.points.map((p) => p[1] - 6))));
  const x = scaleLinear([0, edge.lengthMm], [PAD.left, W - PAD.right]);
  const y = scaleLinear([low, top.current], [H - PAD.bottom, PAD.top]);
  const drawn = line<[number, number]>()
    .x((p) => x(p[0]))
    .y((p) => y(Math.max(low, p[1])));
  const lengths = line<number>()
    .x((_, i) => x(edge.distanceMm[i] as number))
    .y((l) => y(Math.min(top.current, l)));
  const marks = spaced(
    Object.entries(edge.marksMm).flatMap(([p, at]) => {
      const name = SHORT[p.replace(/(Left|Right)$/, "")];
      return name ? [{ p, name, at, px: x(at) }] : [];
    }),
  );
  const mmPerPx = () => {
    const m = svg.current?.getScreenCTM();
    return (y.invert(0) - y.invert(1)) / (m?.d ?? 1);
  };
  const moved = (h: EdgeHandle, clientY: number) =>
    Math.round(
      Math.min(h.max, Math.max(h.min, from.current.height + (from.current.y - clientY) * mmPerPx())),
    );
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing that holds sliders is a group
    <svg
      ref={svg}
      viewBox={`0 0 ${W} ${H}`}
      className="h-full w-full select-none"
      role="group"
      aria-label={worded("edgeProfile.round-the-hairline")}
    >
      <LengthAxis ticks={y.ticks(4)} y={y} from={PAD.left} to={W - PAD.right} units={units} />
      {marks.map(({ p, name, at }) => (
        <PlaceMark
          key={p}
          name={name}
          x={x(at)}
          top={PAD.top}
          bottom={H - PAD.bottom}
          textY={H - 20}
          anchor={at < 12 ? "start" : "middle"}
        />
      ))}
      {(["right", "left"] as const).map((side, i) => (
        <text
          key={side}
          x={x(((i ? 3 : 1) * edge.lengthMm) / 4)}
          y={H - 4}
          textAnchor="middle"
          className="fill-base-content font-bold text-[12px]"
        >
          {worded("edgeProfile.side", { side })}
        </text>
      ))}
      {lines.map((l) =>
        l.kind === "outline" ? (
          <path
            key={l.key}
            d={drawn(l.points) ?? ""}
            fill="none"
            className="stroke-base-content"
            strokeWidth={4}
          />
        ) : (
          <path
            key={l.key}
            d={`${drawn([[l.points[0]?.[0] ?? 0, 0], ...l.points, [l.points.at(-1)?.[0] ?? 0, 0]]) ?? ""}z`}
            className={`${TONE[l.kind]} stroke-base-content`}
            fillOpacity={0.3}
            strokeWidth={0.8}
          />
        ),
      )}
      <line
        x1={PAD.left}
        x2={W - PAD.right}
        y1={y(0)}
        y2={y(0)}
        className="stroke-base-content"
        strokeWidth={2}
      />
      <path
        d={lengths(end) ?? ""}
        fill="none"
        className="stroke-primary"
        strokeWidth={2.4}
        data-testid="edge-lengths"
      >
        <title>{worded("edgeProfile.length-left-at-the")}</title>
      </path>
      {handles.map((h) => {
        const mm = held?.key === h.key ? held.mm : h.heightMm;
        return (
          <circle
            key={h.key}
            cx={x(h.atMm)}
            cy={y(Math.max(low, mm))}
            r={h.move === chosen ? 9 : 7}
            className={`cursor-ns-resize touch-none stroke-base-content ${h.move === chosen ? "fill-primary" : "fill-base-100"}`}
            strokeWidth={2.4}
            tabIndex={0}
            role="slider"
            aria-label={h.name}
            aria-valuenow={mm}
            aria-valuemin={h.min}
            aria-valuemax={h.max}
            aria-valuetext={lengthWords(Math.abs(mm), units)}
            data-handle={h.key}
            onPointerDown={(e) => {
              (e.target as Element).setPointerCapture(e.pointerId);
              from.current = { y: e.clientY, height: h.heightMm };
              if (h.move >= 0) choose(h.move);
              setHeld({ key: h.key, mm: h.heightMm });
            }}
            onPointerMove={(e) => {
              if (held?.key !== h.key) return;
              const to = moved(h, e.clientY);
              if (to !== held.mm) setHeld({ key: h.key, mm: to });
            }}
            onPointerUp={() => {
              if (held?.key === h.key && held.mm !== h.heightMm) h.set(held.mm);
              setHeld(null);
            }}
            onPointerCancel={() => setHeld(null)}
            onKeyDown={(e) => {
              const by = { ArrowUp: 1, ArrowDown: -1 }[e.key];
              if (!by) return;
              e.preventDefault();
              h.set(Math.min(h.max, Math.max(h.min, h.heightMm + by)));
            }}
          />
        );
      })}
      {held &&
        handles
          .filter((h) => h.key === held.key)
          .map((h) => (
            <text
              key={h.key}
              x={x(h.atMm)}
              y={Math.max(18, y(held.mm) - 14)}
              textAnchor="middle"
              className="fill-base-content stroke-base-100 font-bold text-[18px]"
              strokeWidth={4}
              paintOrder="stroke"
            >
              {held.mm < 0 ? "−" : ""}
              {lengthWords(Math.abs(held.mm), units)}
            </text>
          ))}
    </svg>
  );
}
