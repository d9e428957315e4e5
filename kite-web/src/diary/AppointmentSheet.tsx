import { useMutation } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, carriedOut } from "../api/http";
import type { AppointmentRow, DiaryView } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { STATES } from "../parts/states";
import { clock, type Day, dayOf, long, minuteOf, STEP_MIN } from "../parts/times";
import { worded } from "../words/worded";

type Props = {
  row: AppointmentRow;
  zone: string;
  chairs: DiaryView["chairs"];
  late: () => void;
  move: (personId: number, day: Day, minute: number, minutes: number) => void;
  done: () => void;
  cancelled: () => void;
  shut: () => void;
};

/** One appointment: to the client or the chair, earlier or later, another chair, longer, or off. */
export function AppointmentSheet({ row, zone, chairs, late, move, done, cancelled, shut }: Props) {
  const day = dayOf(row.startsAt, zone);
  const from = minuteOf(row.startsAt, zone);
  const minutes = Math.round((Date.parse(row.endsAt) - Date.parse(row.startsAt)) / 60_000);
  const cancel = useMutation({
    mutationFn: () => carriedOut(api.DELETE("/api/appointments/{id}", { params: { path: { id: row.id } } })),
    onSuccess: cancelled,
  });
  const tell = useMutation({
    mutationFn: (state: "planned" | "here" | "didNotCome") =>
      carriedOut(
        api.PUT("/api/appointments/{id}/state", { params: { path: { id: row.id } }, body: { state } }),
      ),
    onSuccess: done,
  });
  const told = row.state === "here" || row.state === "didNotCome" || row.state === "planned";
  return (
    <Dialog title={row.clientName} shut={shut}>
      <p className="text-xl">
        {worded("appointmentSheet.to", {
          long: long(day),
          clock: clock(from),
          clock2: clock(from + minutes),
          stylist: row.stylist,
        })}
      </p>
      {row.byOwnPace && (
        <p className="soft">{worded("bookTime.by-own-pace", { minutes, stylist: row.stylist })}</p>
      )}
      {row.service && <p className="text-lg">{row.service}</p>}
      {STATES[row.state] && <p className="font-bold text-lg">{STATES[row.state]}</p>}
      {told && (
        <div className="flex flex-wrap gap-2">
          {(["here", "didNotCome"] as const).map((s) => (
            <button
              key={s}
              type="button"
              aria-pressed={row.state === s}
              className={`btn touch ${row.state === s ? "btn-neutral" : ""}`}
              disabled={tell.isPending}
              onClick={() => tell.mutate(row.state === s ? "planned" : s)}
            >
              {STATES[s]}
            </button>
          ))}
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        <Link to={`/clients/${row.clientId}`} className="btn touch">
          {worded("appointmentSheet.the-client")}
        </Link>
        {row.planId && (
          <Link to={`/plans/${row.planId}/chair`} className="btn btn-primary touch">
            {worded("appointmentSheet.to-the-chair")}
          </Link>
        )}
        <button type="button" className="btn touch" onClick={late}>
          {worded("appointmentSheet.runs-late")}
        </button>
      </div>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn touch"
          onClick={() => move(row.personId, day, from - STEP_MIN, minutes)}
        >
          {worded("appointmentSheet.5-min-earlier")}
        </button>
        <button
          type="button"
          className="btn touch"
          onClick={() => move(row.personId, day, from + STEP_MIN, minutes)}
        >
          {worded("appointmentSheet.5-min-later")}
        </button>
        <button
          type="button"
          className="btn touch"
          onClick={() => move(row.personId, day, from, minutes + STEP_MIN)}
        >
          {worded("appointmentSheet.5-min-longer")}
        </button>
        {minutes > STEP_MIN && (
          <button
            type="button"
            className="btn touch"
            onClick={() => move(row.personId, day, from, minutes - STEP_MIN)}
          >
            {worded("appointmentSheet.5-min-shorter")}
          </button>
        )}
        {chairs
          .filter((c) => c.id !== row.personId)
          .map((c) => (
            <button
              key={c.id}
              type="button"
              className="btn touch"
              onClick={() => move(c.id, day, from, minutes)}
            >
              {worded("appointmentSheet.to-2", { name: c.name })}
            </button>
          ))}
      </div>
      <button
        type="button"
        className="btn touch justify-self-start"
        disabled={cancel.isPending}
        onClick={() => cancel.mutate()}
      >
        {worded("appointmentSheet.take-it-off-the")}
      </button>
      {(cancel.error ?? tell.error) && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {(cancel.error ?? tell.error)?.message}
        </p>
      )}
    </Dialog>
  );
}
