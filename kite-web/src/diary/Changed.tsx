import { useMutation } from "@tanstack/react-query";
import { ApiError, api, carriedOut, said } from "../api/http";
import type { AppointmentRow } from "../api/types";
import { Problem } from "../frame/Problem";
import { clock, dayOf, minuteOf, short } from "../parts/times";
import { worded } from "../words/worded";
import type { Dropped } from "./DayGrid";

/** What was done to an appointment last. */
export type Change =
  | { kind: "moved"; was: AppointmentRow; now: Dropped }
  | { kind: "cancelled"; was: AppointmentRow };

/** An appointment at another time or chair; the version it has then. */
export const moved = async (d: Dropped): Promise<number> =>
  (
    await said(
      api.PUT("/api/appointments/{id}", {
        params: { path: { id: d.row.id } },
        body: { version: d.row.version, personId: d.personId, startsAt: d.startsAt, minutes: d.minutes },
      }),
    )
  ).version;

const minutesOf = (r: AppointmentRow) => Math.round((Date.parse(r.endsAt) - Date.parse(r.startsAt)) / 60_000);

/** The appointment that was taken off, as it was; where the server no longer knows it, one like it. */
async function putBack(was: AppointmentRow): Promise<unknown> {
  try {
    return await carriedOut(api.POST("/api/appointments/{id}/back", { params: { path: { id: was.id } } }));
  } catch (e) {
    if (!(e instanceof ApiError && e.status === 404)) throw e;
    return said(
      api.POST("/api/appointments", {
        body: {
          personId: was.personId,
          clientId: was.clientId,
          planId: was.planId,
          serviceId: was.serviceId,
          startsAt: was.startsAt,
          minutes: minutesOf(was),
          note: was.note,
        },
      }),
    );
  }
}

const back = (c: Change): Promise<unknown> =>
  c.kind === "moved"
    ? moved({
        row: c.now.row,
        personId: c.was.personId,
        startsAt: c.was.startsAt,
        minutes: minutesOf(c.was),
      })
    : putBack(c.was);

/** What was just done, taken back by a touch; a client whose time is still to come is told by another. */
export function Changed({
  change,
  zone,
  now,
  done,
}: {
  change: Change;
  zone: string;
  now: string;
  done: () => void;
}) {
  const undo = useMutation({ mutationFn: () => back(change), onSuccess: done });
  const tell = useMutation({
    mutationFn: () =>
      carriedOut(api.POST("/api/appointments/{id}/told", { params: { path: { id: change.was.id } } })),
  });
  const at = (time: string) => `${short(dayOf(time, zone))} ${clock(minuteOf(time, zone))}`;
  return (
    <div
      role="status"
      className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1 border-accent border-l-4 pl-3"
    >
      <span className="text-lg">
        {change.kind === "moved"
          ? worded("changed.moved", {
              client: change.was.clientName,
              from: at(change.was.startsAt),
              to: at(change.now.startsAt),
            })
          : worded("changed.cancelled", { client: change.was.clientName, at: at(change.was.startsAt) })}
      </span>
      <button type="button" className="btn touch" disabled={undo.isPending} onClick={() => undo.mutate()}>
        {worded("changed.undo")}
      </button>
      {change.kind === "moved" && Date.parse(change.now.startsAt) >= Date.parse(now) && (
        <button
          type="button"
          className="btn touch"
          disabled={tell.isPending || tell.isSuccess}
          onClick={() => tell.mutate()}
        >
          {tell.isSuccess ? worded("changed.told") : worded("changed.tell")}
        </button>
      )}
      <Problem error={undo.error ?? tell.error} />
    </div>
  );
}
