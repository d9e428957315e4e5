import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import { Loading, Trouble } from "../frame/States";
import { type Day, dayOf, long, minuteOf, moment, mondayOf, shifted, short } from "../parts/times";
import { worded } from "../words/worded";
import { AppointmentSheet } from "./AppointmentSheet";
import { BookForm } from "./BookForm";
import { type Change, Changed, moved } from "./Changed";
import { type Column, DayGrid, type Dropped } from "./DayGrid";
import { FeedAddress } from "./FeedAddress";
import { Late } from "./Late";
import { Waiting } from "./Waiting";

type Open =
  | { kind: "book"; personId: number; day: Day; minute: number }
  | { kind: "one" | "late"; id: number };

/** Whether this device shows the chair of who is signed in alone. */
const MINE = "kite-diary-mine";

/** A day of every chair, or of one's own, or a week of one: booked by a touch, moved by dragging. */
export function Diary({ me }: { me: number }) {
  const queries = useQueryClient();
  const [from, setFrom] = useState<Day>();
  const [week, setWeek] = useState(false);
  const [chair, setChair] = useState<number>();
  const [open, setOpen] = useState<Open | null>(null);
  const [problem, setProblem] = useState("");
  const [mine, setMine] = useState(() => localStorage.getItem(MINE) === "yes");
  const [changed, setChanged] = useState<Change | null>(null);
  const first = from && week ? mondayOf(from) : from;
  const diary = useQuery({
    queryKey: ["diary", first, week],
    queryFn: () =>
      said(
        api.GET("/api/diary", {
          params: { query: { days: week ? 7 : 1, from: first && (week ? mondayOf(first) : first) } },
        }),
      ),
    placeholderData: (last) => last,
  });
  const done = async () => {
    setOpen(null);
    setProblem("");
    setChanged(null);
    await queries.invalidateQueries({ queryKey: ["diary"] });
    await queries.invalidateQueries({ queryKey: ["today"] });
  };
  const failed = async (e: Error) => {
    setProblem(e.message);
    await queries.invalidateQueries({ queryKey: ["diary"] });
  };
  const move = useMutation({
    mutationFn: (d: Dropped) => moved(d),
    onSuccess: async (version, d) => {
      await done();
      setChanged({ kind: "moved", was: d.row, now: { ...d, row: { ...d.row, version } } });
    },
    onError: failed,
  });
  const find = useMutation({
    mutationFn: (day: Day) =>
      said(api.GET("/api/diary/free", { params: { query: { any: true, from: day } } })),
    onSuccess: (f) => {
      const zone = diary.data?.zone ?? "UTC";
      const day = dayOf(f.startsAt, zone);
      setFrom(day);
      setOpen({ kind: "book", personId: f.personId, day, minute: minuteOf(f.startsAt, zone) });
    },
    onError: failed,
  });
  if (diary.isPending) return <Loading what={worded("diary.the-diary")} />;
  if (diary.error) return <Trouble error={diary.error} retry={() => diary.refetch()} />;
  const { zone, chairs, appointments, now } = diary.data;
  const day = from ?? diary.data.from;
  const shown = chair ?? chairs[0]?.id ?? 0;
  const columns: Column[] = week
    ? Array.from({ length: 7 }, (_, i) => shifted(mondayOf(day), i)).map((d) => ({
        key: d,
        title: short(d),
        day: d,
        personId: shown,
      }))
    : chairs
        .filter((c) => !mine || c.id === me || !chairs.some((o) => o.id === me))
        .map((c) => ({ key: String(c.id), title: c.name, day, personId: c.id }));
  const one = open && open.kind !== "book" ? appointments.find((a) => a.id === open.id) : undefined;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-5 pb-3">
      <div className="flex flex-wrap items-center gap-3 py-2">
        <h1 className="mr-auto font-bold text-3xl">
          {week ? worded("diary.week-of", { long: long(mondayOf(day)) }) : long(day)}
        </h1>
        {week && (
          <select
            className="select touch w-44"
            aria-label={worded("diary.chair")}
            value={shown}
            onChange={(e) => setChair(Number(e.target.value))}
          >
            {chairs.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name}
              </option>
            ))}
          </select>
        )}
        {!week && chairs.length > 1 && (
          <span className="join">
            {[false, true].map((own) => (
              <button
                key={String(own)}
                type="button"
                aria-pressed={mine === own}
                className={`btn join-item touch ${mine === own ? "btn-neutral" : ""}`}
                onClick={() => {
                  setMine(own);
                  localStorage.setItem(MINE, own ? "yes" : "no");
                }}
              >
                {own ? worded("diary.mine") : worded("diary.all")}
              </button>
            ))}
          </span>
        )}
        <span className="join">
          {[false, true].map((w) => (
            <button
              key={String(w)}
              type="button"
              aria-pressed={week === w}
              className={`btn join-item touch ${week === w ? "btn-neutral" : ""}`}
              onClick={() => {
                setWeek(w);
                setFrom(day);
              }}
            >
              {w ? worded("diary.week") : worded("diary.day")}
            </button>
          ))}
        </span>
        <span className="join">
          <button
            type="button"
            className="btn join-item touch"
            aria-label={week ? worded("diary.week-before") : worded("diary.day-before")}
            onClick={() => setFrom(shifted(day, week ? -7 : -1))}
          >
            ‹
          </button>
          <button type="button" className="btn join-item touch" onClick={() => setFrom(dayOf(now, zone))}>
            {worded("common.today")}
          </button>
          <button
            type="button"
            className="btn join-item touch"
            aria-label={week ? worded("diary.next-week") : worded("diary.next-day")}
            onClick={() => setFrom(shifted(day, week ? 7 : 1))}
          >
            ›
          </button>
        </span>
        <button
          type="button"
          className="btn btn-primary touch"
          disabled={find.isPending}
          onClick={() => find.mutate(day)}
        >
          {worded("diary.book")}
        </button>
        <Waiting />
        <FeedAddress />
      </div>
      {problem && (
        <p role="alert" className="mb-2 border-error border-l-4 pl-3 text-lg">
          {problem}
        </p>
      )}
      {changed && (
        <Changed key={JSON.stringify(changed)} change={changed} zone={zone} now={now} done={done} />
      )}
      <DayGrid
        columns={columns}
        rows={appointments}
        hours={diary.data.open}
        closedDays={diary.data.closed}
        busy={diary.data.busy}
        zone={zone}
        now={now}
        book={(personId, d, minute) => setOpen({ kind: "book", personId, day: d, minute })}
        open={(id) => setOpen({ kind: "one", id })}
        drop={(d) => move.mutate(d)}
      />
      {open?.kind === "book" && (
        <BookForm
          chair={chairs.find((c) => c.id === open.personId)?.name ?? ""}
          personId={open.personId}
          day={open.day}
          minute={open.minute}
          zone={zone}
          done={done}
          shut={() => setOpen(null)}
        />
      )}
      {one && open?.kind === "late" && <Late row={one} zone={zone} done={done} shut={() => setOpen(null)} />}
      {one && open?.kind === "one" && (
        <AppointmentSheet
          row={one}
          zone={zone}
          chairs={chairs}
          late={() => setOpen({ kind: "late", id: one.id })}
          move={(personId, d, minute, minutes) =>
            move.mutate({ row: one, personId, startsAt: moment(d, minute, zone), minutes })
          }
          done={done}
          cancelled={async () => {
            await done();
            setChanged({ kind: "cancelled", was: one });
          }}
          shut={() => setOpen(null)}
        />
      )}
    </div>
  );
}
