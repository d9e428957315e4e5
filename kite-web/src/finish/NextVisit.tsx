import { useMutation, useQuery } from "@tanstack/react-query";
import { addDays, format } from "date-fns";
import { useState } from "react";
import { api, carriedOut, said } from "../api/http";

type Free = { personId: number; stylist: string; startsAt: string; minutes: number };
type Props = { planId: number; clientId: number; words: string; weeks: number };

/** When growth and upkeep say to come back, and a free time then, booked by a touch. */
export function NextVisit({ planId, clientId, words, weeks }: Props) {
  const [later, setLater] = useState(0);
  const from = format(addDays(new Date(), Math.round(weeks * 7) + later), "yyyy-MM-dd");
  const free = useQuery({
    queryKey: ["free", planId, from],
    queryFn: () => said(api.GET("/api/diary/free", { params: { query: { planId, from } } })),
    placeholderData: (last) => last,
  });
  const book = useMutation({
    mutationFn: (f: Free) =>
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
  const when = free.data
    ? new Date(free.data.startsAt).toLocaleString("en-GB", {
        weekday: "short",
        day: "numeric",
        month: "long",
        hour: "2-digit",
        minute: "2-digit",
      })
    : "";
  return (
    <section aria-label="Next visit">
      <h2 className="font-bold text-xl">Next visit</h2>
      <p className="text-lg">{words}</p>
      {free.error && <p role="alert">{free.error.message}</p>}
      {book.error && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {book.error.message}
        </p>
      )}
      {book.isSuccess ? (
        <p role="status" className="mt-1 font-bold text-lg">
          Booked: {when}
        </p>
      ) : (
        <div className="mt-1 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn h-14 text-lg"
            disabled={!free.data || book.isPending}
            onClick={() => free.data && book.mutate(free.data)}
          >
            {free.data ? `Book ${when}` : "Looking for a time …"}
          </button>
          <button type="button" className="btn h-14 text-lg" onClick={() => setLater(later + 1)}>
            A day later
          </button>
          <button type="button" className="btn h-14 text-lg" onClick={() => setLater(later + 7)}>
            A week later
          </button>
        </div>
      )}
    </section>
  );
}
