import { type PointerEvent, useEffect, useRef, useState } from "react";
import type { AppointmentRow, DiaryView } from "../api/types";
import { useLift } from "../draw/useLift";
import { STATES, type State } from "../parts/states";
import { clock, type Day, dayOf, minuteOf, moment, STEP_MIN, snapped } from "../parts/times";
import { worded } from "../words/worded";

export type Column = { key: string; title: string; day: Day; personId: number };
export type Dropped = { row: AppointmentRow; personId: number; startsAt: string; minutes: number };

const FROM_MIN = 8 * 60;
const TO_MIN = 21 * 60;
const PX_PER_MIN = 1.05;
/** So much of the day is seen before its first appointment. */
const BEFORE_MIN = 30;
/** In less nobody is cut. */
const LEAST_GAP_MIN = 15;
/** A touch that moves less is no drag. */
const STILL_PX = 6;

type Props = {
  columns: Column[];
  rows: AppointmentRow[];
  /** When the shop is open, in minutes past midnight. */
  hours: DiaryView["open"];
  /** Days on which it is closed whatever its hours. */
  closedDays: DiaryView["closed"];
  /** When somebody is elsewhere. */
  busy: DiaryView["busy"];
  zone: string;
  now: string;
  book: (personId: number, day: Day, minute: number) => void;
  open: (id: number) => void;
  drop: (d: Dropped) => void;
};

type Point = { clientX: number; clientY: number };
type Drag = { row: AppointmentRow; grabbedMin: number; column: number; minute: number; moved: boolean };

/** Chairs or days side by side, time downward. */
export function DayGrid({ columns, rows, hours, closedDays, busy, zone, now, book, open, drop }: Props) {
  const grid = useRef<HTMLDivElement>(null);
  const scroll = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const start = useRef<{ x: number; y: number }>({ x: 0, y: 0 });
  const first = Math.min(10 * 60, ...rows.map((r) => minuteOf(r.startsAt, zone)));
  useEffect(() => {
    if (scroll.current) scroll.current.scrollTop = Math.max(0, first - BEFORE_MIN - FROM_MIN) * PX_PER_MIN;
  }, [first]);
  const minutesOf = (r: AppointmentRow) =>
    Math.round((Date.parse(r.endsAt) - Date.parse(r.startsAt)) / 60_000);
  const at = (e: Point) => {
    const box = grid.current?.getBoundingClientRect();
    if (!box) return { column: 0, minute: FROM_MIN };
    const column = Math.floor(((e.clientX - box.left) / box.width) * columns.length);
    return {
      column: Math.min(columns.length - 1, Math.max(0, column)),
      minute: FROM_MIN + (e.clientY - box.top) / PX_PER_MIN,
    };
  };
  const pull = (e: PointerEvent) => {
    if (!drag) return;
    const far = Math.hypot(e.clientX - start.current.x, e.clientY - start.current.y);
    const { column, minute } = at(e);
    setDrag({
      ...drag,
      column,
      minute: snapped(minute - drag.grabbedMin),
      moved: drag.moved || far > STILL_PX,
    });
  };
  const letGo = () => {
    if (!drag) return;
    setDrag(null);
    const c = columns[drag.column];
    if (!drag.moved || !c) return open(drag.row.id);
    drop({
      row: drag.row,
      personId: c.personId,
      startsAt: moment(c.day, drag.minute, zone),
      minutes: minutesOf(drag.row),
    });
  };
  const nowMin = minuteOf(now, zone);
  const today = dayOf(now, zone);
  return (
    <div ref={scroll} className="min-h-[420px] flex-1 select-none overflow-y-auto border-base-300 border-t">
      <div className="sticky top-0 z-20 flex bg-base-100 pl-14">
        {columns.map((c) => (
          <b key={c.key} className="flex-1 py-1 text-lg">
            {c.title}
          </b>
        ))}
      </div>
      <div className="relative flex" style={{ height: (TO_MIN - FROM_MIN) * PX_PER_MIN }}>
        <div className="w-14 flex-none">
          {Array.from({ length: (TO_MIN - FROM_MIN) / 60 }, (_, i) => FROM_MIN + i * 60).map((m) => (
            <span
              key={m}
              className="soft absolute tabular-nums"
              style={{ top: (m - FROM_MIN) * PX_PER_MIN - 2 }}
            >
              {clock(m)}
            </span>
          ))}
        </div>
        <div
          ref={grid}
          className="relative flex flex-1"
          onPointerMove={pull}
          onPointerUp={letGo}
          onPointerCancel={() => setDrag(null)}
        >
          {columns.map((c, i) => (
            <div key={c.key} className="relative flex-1 border-base-300 border-l">
              {Array.from({ length: (TO_MIN - FROM_MIN) / 30 }, (_, k) => FROM_MIN + k * 30).map((m) => (
                <button
                  key={m}
                  type="button"
                  aria-label={worded("dayGrid.book-at", { title: c.title, clock: clock(m) })}
                  className={`absolute inset-x-0 cursor-pointer hover:bg-base-200 ${m % 60 === 0 ? "border-base-300 border-t" : ""}`}
                  style={{ top: (m - FROM_MIN) * PX_PER_MIN, height: 30 * PX_PER_MIN }}
                  onClick={() => book(c.personId, c.day, m)}
                />
              ))}
              {closed(hours.filter((h) => h.day === c.day)).map(([a, b]) => (
                <Veil
                  key={a}
                  from={a}
                  to={b}
                  label={closedDays.find((d) => d.day === c.day)?.why || worded("dayGrid.closed")}
                />
              ))}
              {gaps(c, { rows, hours, busy, zone, fromMin: c.day === today ? nowMin : 0 }).map(([a, b]) => (
                <span
                  key={`free${a}`}
                  className="soft pointer-events-none absolute right-2 z-[4] text-sm"
                  style={{ top: (a - FROM_MIN) * PX_PER_MIN + 1 }}
                >
                  {worded("dayGrid.free", { hours: Math.floor((b - a) / 60), rest: (b - a) % 60 })}
                </span>
              ))}
              {busy
                .filter((b) => b.personId === c.personId)
                .map((b) => [onDay(b.startsAt, c.day, zone, 0), onDay(b.endsAt, c.day, zone, 1)] as const)
                .filter(([a, b]) => b > a)
                .map(([a, b]) => (
                  <Veil key={`busy${a}`} from={a} to={b} label={worded("dayGrid.elsewhere")} />
                ))}
              {rows
                .filter((r) => r.personId === c.personId && dayOf(r.startsAt, zone) === c.day)
                .map((r) => (
                  <Block
                    key={r.id}
                    row={r}
                    from={minuteOf(r.startsAt, zone)}
                    minutes={minutesOf(r)}
                    faint={drag?.moved === true && drag.row.id === r.id}
                    open={() => open(r.id)}
                    grab={(e) => {
                      start.current = { x: e.clientX, y: e.clientY };
                      const from = minuteOf(r.startsAt, zone);
                      setDrag({
                        row: r,
                        grabbedMin: at(e).minute - from,
                        column: i,
                        minute: from,
                        moved: false,
                      });
                    }}
                  />
                ))}
              {drag?.moved && drag.column === i && (
                <div
                  className="pointer-events-none absolute inset-x-1 z-10 rounded-box border-2 border-primary border-dashed bg-base-100/80 p-1 font-bold"
                  style={{
                    top: (drag.minute - FROM_MIN) * PX_PER_MIN,
                    height: minutesOf(drag.row) * PX_PER_MIN,
                  }}
                >
                  {clock(drag.minute)} {drag.row.clientName}
                </div>
              )}
              {c.day === today && nowMin >= FROM_MIN && nowMin < TO_MIN && (
                <div
                  className="pointer-events-none absolute inset-x-0 z-10 border-primary border-t-2"
                  style={{ top: (nowMin - FROM_MIN) * PX_PER_MIN }}
                />
              )}
            </div>
          ))}
        </div>
      </div>
    </div>
  );
}

/** What of the drawn day lies outside all hours. */
export function closed(hours: DiaryView["open"]): [number, number][] {
  const gaps: [number, number][] = [];
  let at = FROM_MIN;
  for (const h of [...hours].sort((a, b) => a.from - b.from)) {
    if (h.from > at) gaps.push([at, h.from]);
    at = Math.max(at, h.to);
  }
  if (at < TO_MIN) gaps.push([at, TO_MIN]);
  return gaps;
}

type Taken = Pick<Props, "rows" | "hours" | "busy" | "zone"> & { fromMin: number };

/** Where a chair is free on a day, in minutes past midnight, from a minute on; what is too short for anything left out. */
export function gaps(c: Pick<Column, "day" | "personId">, t: Taken): [number, number][] {
  const taken = [...t.rows.filter((r) => r.state !== "didNotCome"), ...t.busy]
    .filter((r) => r.personId === c.personId)
    .map((r) => [onDay(r.startsAt, c.day, t.zone, 0), onDay(r.endsAt, c.day, t.zone, 1)] as const)
    .filter(([a, b]) => b > a)
    .sort((a, b) => a[0] - b[0]);
  const out: [number, number][] = [];
  for (const h of t.hours.filter((h) => h.day === c.day)) {
    let at = Math.max(h.from, Math.ceil(t.fromMin / STEP_MIN) * STEP_MIN);
    for (const [a, b] of [...taken, [h.to, h.to] as const]) {
      const until = Math.min(a, h.to);
      if (until - at >= LEAST_GAP_MIN) out.push([at, until]);
      at = Math.max(at, b);
    }
  }
  return out;
}

/** The minute of a time on a day's drawing; its rim when the time is on a day before or after. */
function onDay(at: string, day: Day, zone: string, rim: 0 | 1): number {
  const its = dayOf(at, zone);
  if (its < day) return rim === 0 ? FROM_MIN : 0;
  if (its > day) return rim === 1 ? TO_MIN : TO_MIN + 1;
  return minuteOf(at, zone);
}

/** A time nobody is offered; it can still be touched. */
function Veil({ from, to, label }: { from: number; to: number; label: string }) {
  const top = Math.max(FROM_MIN, from);
  const end = Math.min(TO_MIN, to);
  if (end <= top) return null;
  return (
    <div
      className="soft pointer-events-none absolute inset-x-0 overflow-hidden pl-2 text-sm"
      style={{
        top: (top - FROM_MIN) * PX_PER_MIN,
        height: (end - top) * PX_PER_MIN,
        background:
          "repeating-linear-gradient(135deg, transparent 0 7px, color-mix(in oklab, currentColor 14%, transparent) 7px 9px)",
      }}
    >
      {label}
    </div>
  );
}

const TONES: Record<State, string> = {
  planned: "border-secondary",
  here: "border-accent",
  inTheChair: "border-primary",
  done: "border-base-content",
  didNotCome: "border-base-300 border-dashed",
};

type BlockProps = {
  row: AppointmentRow;
  from: number;
  minutes: number;
  faint: boolean;
  open: () => void;
  grab: (e: Point) => void;
};

function Block({ row, from, minutes, faint, open, grab }: BlockProps) {
  const box = useRef<HTMLButtonElement>(null);
  /** Pressed by a mouse, or held by a finger; a short touch opens. */
  const lifted = useRef(false);
  const by = useLift(box, (at) => {
    lifted.current = true;
    box.current?.setPointerCapture?.(at.pointerId);
    grab(at);
  });
  return (
    <button
      ref={box}
      type="button"
      data-testid={`appointment-${row.id}`}
      className={`absolute inset-x-1 z-[5] cursor-grab touch-pan-y select-none overflow-hidden rounded-box border-l-8 bg-base-200 px-2 py-0.5 text-left leading-tight ${TONES[row.state]} ${faint ? "opacity-40" : ""}`}
      style={{ top: (from - FROM_MIN) * PX_PER_MIN + 1, height: minutes * PX_PER_MIN - 2 }}
      onPointerDown={(e) => {
        lifted.current = false;
        by.down(e);
      }}
      onPointerMove={by.move}
      onPointerUp={by.end}
      onPointerCancel={by.end}
      onClick={() => {
        if (!lifted.current) open();
      }}
      onKeyDown={(e) => {
        if (e.key !== "Enter" && e.key !== " ") return;
        // Or the key would press what the sheet puts under it.
        e.preventDefault();
        open();
      }}
    >
      <b className={row.state === "didNotCome" ? "line-through" : ""}>
        {clock(from)} {row.clientName}
      </b>
      {STATES[row.state] && <span className="ml-2 text-sm">{STATES[row.state]}</span>}
      <br />
      <span className="text-sm">
        {worded("dayGrid.min", {
          planTitle: row.service ?? row.planTitle ?? worded("dayGrid.to-be-planned"),
          minutes,
        })}
      </span>
    </button>
  );
}
