import { useMutation } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, carriedOut } from "../api/http";
import type { AppointmentRow, DiaryView } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { clock, type Day, dayOf, long, minuteOf, STEP_MIN } from "./times";

type Props = {
  row: AppointmentRow;
  zone: string;
  chairs: DiaryView["chairs"];
  late: () => void;
  move: (personId: number, day: Day, minute: number, minutes: number) => void;
  done: () => void;
  shut: () => void;
};

/** One appointment: to the client or the chair, earlier or later, another chair, longer, or off. */
export function AppointmentSheet({ row, zone, chairs, late, move, done, shut }: Props) {
  const day = dayOf(row.startsAt, zone);
  const from = minuteOf(row.startsAt, zone);
  const minutes = Math.round((Date.parse(row.endsAt) - Date.parse(row.startsAt)) / 60_000);
  const cancel = useMutation({
    mutationFn: () => carriedOut(api.DELETE("/api/appointments/{id}", { params: { path: { id: row.id } } })),
    onSuccess: done,
  });
  return (
    <Dialog title={row.clientName} shut={shut}>
      <p className="text-xl">
        {long(day)}, {clock(from)} to {clock(from + minutes)} · {row.stylist}
      </p>
      <div className="flex flex-wrap gap-2">
        <Link to={`/clients/${row.clientId}`} className="btn touch">
          The client
        </Link>
        {row.planId && (
          <Link to={`/plans/${row.planId}/chair`} className="btn btn-primary touch">
            To the chair
          </Link>
        )}
        <button type="button" className="btn touch" onClick={late}>
          Runs late
        </button>
      </div>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn touch"
          onClick={() => move(row.personId, day, from - STEP_MIN, minutes)}
        >
          5 min earlier
        </button>
        <button
          type="button"
          className="btn touch"
          onClick={() => move(row.personId, day, from + STEP_MIN, minutes)}
        >
          5 min later
        </button>
        <button
          type="button"
          className="btn touch"
          onClick={() => move(row.personId, day, from, minutes + STEP_MIN)}
        >
          5 min longer
        </button>
        {minutes > STEP_MIN && (
          <button
            type="button"
            className="btn touch"
            onClick={() => move(row.personId, day, from, minutes - STEP_MIN)}
          >
            5 min shorter
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
              To {c.name}
            </button>
          ))}
      </div>
      <button
        type="button"
        className="btn touch justify-self-start"
        disabled={cancel.isPending}
        onClick={() => cancel.mutate()}
      >
        Take it off the diary
      </button>
      {cancel.error && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {cancel.error.message}
        </p>
      )}
    </Dialog>
  );
}
