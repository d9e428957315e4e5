import { useMemo, useRef, useState } from "react";
import type { Cut, GripRow, ScalpMap as MapData, Move, PlanDocument, Result, SectionRow } from "../api/types";
import { TOOLS, toolOf } from "../draw/tools";
import { changes } from "../store/asks";
import { type PlanDrag, startDrag } from "../store/dragPlan";
import { choose, editPlan } from "../store/planStore";
import { worded } from "../words/worded";

const NUDGE_MM = 2;
const EDGE_MM = 7;
const NAME_MM = 17;
/** Of a name, a letter. */
const LETTER_MM = 6.8;
const MARKED = ["apex", "crown", "occipital", "front", "nape", "earTopLeft", "earTopRight"] as const;
const MARK_WORDS: Record<(typeof MARKED)[number], string> = {
  apex: "apex",
  crown: "crown",
  occipital: "occipital",
  front: "front",
  nape: "nape",
  earTopLeft: worded("scalpMap.left-ear"),
  earTopRight: worded("scalpMap.right-ear"),
};

type Props = {
  map: MapData;
  document: PlanDocument;
  result?: Result;
  chosen: number;
  grip?: GripRow;
};

const path = (points: number[][], closed = false) =>
  points.map((p, i) => `${i ? "L" : "M"}${p[0]?.toFixed(1)} ${(-(p[1] as number)).toFixed(1)}`).join("") +
  (closed ? "z" : "");

/** The cut a section was last shaped by, for its colour. */
export function cutOf(moves: Move[], section: string): Cut | undefined {
  const own = moves.filter((m) => m.section === section && m.cut.kind !== "aside");
  return (own.filter((m) => m.cut.kind !== "texture").at(-1) ?? own.at(-1))?.cut;
}

/** Sections whose names find room; the chosen one first. */
function named(all: SectionRow[], first?: string): SectionRow[] {
  const order = [...all].sort((a, b) => Number(b.id === first) - Number(a.id === first));
  const kept: SectionRow[] = [];
  for (const s of order) {
    const [x, y] = s.middle as [number, number];
    const free = kept.every((k) => {
      const [u, v] = k.middle as [number, number];
      const wide = (LETTER_MM * (s.name.length + k.name.length)) / 2;
      return Math.abs(x - u) > wide || Math.abs(y - v) > NAME_MM;
    });
    if (free) kept.push(s);
  }
  return kept;
}

/** The scalp laid flat, front up: sections by name and tool, edges that are dragged, partings of the chosen move. */
export function ScalpMap({ map, document, result, chosen, grip }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const drag = useRef<{ of: PlanDrag; body: Omit<Parameters<typeof changes.edge>[0], "x" | "y"> } | null>(
    null,
  );
  const [held, setHeld] = useState("");
  const move = document.moves[chosen];
  const on = map.sections.find((s) => s.id === move?.section);
  const box = useMemo(() => {
    const [xs, ys] = [0, 1].map((c) => map.hairline.map((p) => (c ? -1 : 1) * (p[c] as number))) as [
      number[],
      number[],
    ];
    const [x, y] = [Math.min(...xs) - EDGE_MM, Math.min(...ys) - EDGE_MM];
    return `${x} ${y} ${Math.max(...xs) + EDGE_MM - x} ${Math.max(...ys) + EDGE_MM - y}`;
  }, [map.hairline]);
  const under = map.sections.filter((s) => !s.over);
  const drawn = on?.over ? [...under, on] : under;

  const at = (e: { clientX: number; clientY: number }) => {
    const m = svg.current?.getScreenCTM();
    if (!m) return { x: 0, y: 0 };
    return { x: (e.clientX - m.e) / m.a, y: -(e.clientY - m.f) / m.d };
  };
  const take = (e: React.PointerEvent, s: SectionRow, limit: number, upper: boolean) => {
    const from = at(e);
    (e.target as Element).setPointerCapture(e.pointerId);
    setHeld(`${s.id}/${limit}/${upper}`);
    drag.current = {
      of: startDrag(),
      body: { section: s.id, limit, upper, fromX: from.x, fromY: from.y },
    };
  };
  const pull = (e: React.PointerEvent) => {
    if (drag.current) drag.current.of.to(changes.edge({ ...drag.current.body, ...at(e) }));
  };
  const drop = () => {
    drag.current = null;
    setHeld("");
  };
  const nudge = (e: React.KeyboardEvent, s: SectionRow, limit: number, upper: boolean, mid: number[]) => {
    const by = {
      ArrowUp: [0, NUDGE_MM],
      ArrowDown: [0, -NUDGE_MM],
      ArrowLeft: [-NUDGE_MM, 0],
      ArrowRight: [NUDGE_MM, 0],
    }[e.key];
    if (!by) return;
    e.preventDefault();
    const [x, y] = mid as [number, number];
    void editPlan(
      changes.edge({
        section: s.id,
        limit,
        upper,
        fromX: x,
        fromY: y,
        x: x + (by[0] as number),
        y: y + (by[1] as number),
      }),
    );
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing that holds buttons is a group
    <svg
      ref={svg}
      viewBox={box}
      className="h-full max-h-full w-full"
      role="group"
      aria-label={worded("scalpMap.scalp-map-front-up")}
      onPointerMove={pull}
      onPointerUp={drop}
      onPointerCancel={drop}
    >
      <defs>
        <pattern id="nobody" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" className="fill-base-100" />
          <rect width="3" height="7" className="fill-error" />
        </pattern>
      </defs>
      {/* Under every section: where it shows, hair is in none. */}
      <path d={path(map.hairline, true)} fill="url(#nobody)" />
      {drawn.map((s) => {
        const cut = cutOf(document.moves, s.id);
        const first = document.moves.findIndex((m) => m.section === s.id);
        const ring = s.rings.map((r) => `${path(r.flatMap((t) => t.points))}z`).join("");
        const chosenHere = s.id === on?.id;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: the moves are chosen by key on the string
          <path
            key={s.id}
            data-section={s.id}
            d={ring}
            fill={TOOLS[cut ? toolOf(cut) : "none"].colour}
            fillOpacity={s.over ? 0.55 : 1}
            fillRule="evenodd"
            stroke={chosenHere ? "var(--color-primary)" : "#1b2440"}
            strokeWidth={chosenHere ? 3.4 : 0.9}
            className={first >= 0 ? "cursor-pointer" : ""}
            onClick={() => first >= 0 && choose(first)}
          />
        );
      })}
      <path
        d={path(map.ridge, true)}
        fill="none"
        stroke="#1b2440"
        strokeWidth={0.8}
        strokeDasharray="2 4"
        opacity={0.7}
      />
      {grip?.flat.map((p, i) => (
        <path
          // biome-ignore lint/suspicious/noArrayIndexKey: drawn anew as a whole
          key={i}
          d={path(p.points)}
          fill="none"
          stroke={p.bite === grip.parting || p.bite === grip.parting - 1 ? "#b5371f" : "#1b2440"}
          strokeWidth={p.bite === grip.parting || p.bite === grip.parting - 1 ? 1.8 : 0.7}
          pointerEvents="none"
        />
      ))}
      {MARKED.map((p) => {
        const [x, y] = map.places[p] as [number, number];
        const far = Math.hypot(x, y) > 60;
        return (
          <g key={p} pointerEvents="none">
            <circle cx={x} cy={-y} r={2.2} fill="#1b2440" />
            {!far && (
              <text x={x + 5} y={-y + 4} fill="#1b2440" className="text-[12px]">
                {MARK_WORDS[p]}
              </text>
            )}
          </g>
        );
      })}
      {named(drawn, on?.id).map((s) => {
        const [x, y] = s.middle as [number, number];
        return (
          <text
            key={s.id}
            x={x}
            y={-y}
            textAnchor="middle"
            fill="#10162b"
            stroke="#fbf8f1"
            strokeWidth={3}
            paintOrder="stroke"
            strokeOpacity={0.75}
            className={`pointer-events-none text-[13px] ${s.id === on?.id ? "font-bold" : ""}`}
          >
            {s.name}
          </text>
        );
      })}
      {on?.rings.flatMap((r) =>
        r
          .filter((t) => t.limit >= 0 && t.points.length > 1)
          .map((t) => {
            const id = `${on.id}/${t.limit}/${t.bound}`;
            const mid = t.points[Math.floor(t.points.length / 2)] as number[];
            return (
              // biome-ignore lint/a11y/useSemanticElements: a button inside an SVG has to be a shape
              <path
                key={`${id}/${mid.join()}`}
                d={path(t.points)}
                data-edge={`${t.limit}/${t.bound}`}
                fill="none"
                stroke={held === id ? "#b5371f" : "transparent"}
                strokeWidth={12}
                strokeOpacity={0.35}
                strokeLinecap="round"
                className="cursor-grab touch-none outline-none focus-visible:stroke-secondary"
                tabIndex={0}
                role="button"
                aria-label={worded("scalpMap.edge-of-arrow-keys", { name: on.name })}
                onPointerDown={(e) => take(e, on, t.limit, t.bound)}
                onKeyDown={(e) => nudge(e, on, t.limit, t.bound, mid)}
              />
            );
          }),
      )}
      {on?.corners.map(([limit, x, y]) => (
        <circle
          key={`${limit}/${x}/${y}`}
          cx={x}
          cy={-(y as number)}
          r={5}
          fill="#fbf8f1"
          stroke="#b5371f"
          strokeWidth={2}
          className="cursor-grab touch-none"
          onPointerDown={(e) => take(e, on, limit as number, false)}
        />
      ))}
      {result?.cover.overlaps.map((o) => {
        const [x, y] = map.places[o.near] ?? [0, 0];
        return (
          <text key={o.sections.join()} x={x} y={-(y as number)} fill="#9c2311" className="text-[12px]">
            {worded("scalpMap.taken-twice")}
          </text>
        );
      })}
    </svg>
  );
}
