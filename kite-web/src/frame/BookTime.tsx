import { useMutation, useQuery } from "@tanstack/react-query";
import { addDays, format } from "date-fns";
import { formatInTimeZone } from "date-fns-tz";
import { useState } from "react";
import { api, carriedOut, said } from "../api/http";
import type { FreeTime } from "../api/types";
import { worded } from "../words/worded";

type Props = {
  clientId: number;
  /** What is cut then; a usual visit when left out. */
  planId?: number;
  /** The first day that suits. */
  from: Date;
};

/** The next free time from a day on, booked by a touch, or one after it. */
export function BookTime({ clientId, planId, from }: Props) {
  const [later, setLater] = useState(0);
  const day = format(addDays(from, later), "yyyy-MM-dd");
  const free = useQuery({
    queryKey: ["free", planId, day],
    queryFn: () => said(api.GET("/api/diary/free", { params: { query: { planId, from: day } } })),
    placeholderData: (last) => last,
  });
  const book = useMutation({
    mutationFn: (f: FreeTime) =>
      carriedOut(
        api.POST("/api/appointments", {
          body: {
            personId: f.personId,
            clientId,
            planId,
            startsAt: f.startsAt,
            minutes: f.minutes,
          },
        }),
      ),
    onError: () => free.refetch(),
  });
  const told = (as: string) => free.data && formatInTimeZone(free.data.startsAt, free.data.zone, as);
  const when = `${told("EEE d MMMM")}, ${told("HH:mm")}`;
  return (
    <>
      {free.error && <p role="alert">{free.error.message}</p>}
      {book.error && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {book.error.message}
        </p>
      )}
      {book.isSuccess ? (
        <p role="status" className="mt-1 font-bold text-lg">
          {worded("bookTime.booked", { when })}
        </p>
      ) : (
        <>
          <div className="mt-1 flex flex-wrap gap-2">
            <button
              type="button"
              className="btn h-14 text-lg"
              disabled={!free.data || book.isPending}
              onClick={() => free.data && book.mutate(free.data)}
            >
              {free.data ? worded("bookTime.book", { when }) : worded("bookTime.looking-for-a-time")}
            </button>
            <button type="button" className="btn h-14 text-lg" onClick={() => setLater(later + 1)}>
              {worded("bookTime.a-day-later")}
            </button>
            <button type="button" className="btn h-14 text-lg" onClick={() => setLater(later + 7)}>
              {worded("bookTime.a-week-later")}
            </button>
          </div>
          {free.data?.byOwnPace && (
            <p className="soft mt-1">
              {worded("bookTime.by-own-pace", { minutes: free.data.minutes, stylist: free.data.stylist })}
            </p>
          )}
        </>
      )}
    </>
  );
}
