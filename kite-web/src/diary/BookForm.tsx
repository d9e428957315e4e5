import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api, carriedOut, said } from "../api/http";
import type { ClientRow } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { clock, type Day, long, moment, shifted } from "../parts/times";
import { worded } from "../words/worded";
import { useWaiting } from "./useWaiting";

/** Who is put on the waiting list waits so long. */
const WAITS_DAYS = 14;

type Props = {
  chair: string;
  personId: number;
  day: Day;
  minute: number;
  zone: string;
  done: () => void;
  shut: () => void;
};

/** Who comes at this time: picked from the shop's clients; as long as their plan takes. */
export function BookForm({ chair, personId, day, minute, zone, done, shut }: Props) {
  const queries = useQueryClient();
  const [asked, setAsked] = useState("");
  const [from, setFrom] = useState(minute);
  const [service, setService] = useState<number>();
  const [phone, setPhone] = useState("");
  const clients = useQuery({
    queryKey: ["clients", asked],
    queryFn: () => said(api.GET("/api/clients", { params: { query: { q: asked } } })),
    placeholderData: (last) => last,
  });
  const services = useQuery({
    queryKey: ["services"],
    queryFn: async () => (await said(api.GET("/api/shop/services"))).services,
  });
  const waiting = useWaiting();
  const book = useMutation({
    mutationFn: async (c: { id: number; planId?: number; waits?: number }) => {
      await carriedOut(
        api.POST("/api/appointments", {
          body: {
            personId,
            clientId: c.id,
            planId: c.planId,
            serviceId: service,
            startsAt: moment(day, from, zone),
          },
        }),
      );
      if (c.waits !== undefined)
        await carriedOut(api.DELETE("/api/waiting/{id}", { params: { path: { id: c.waits } } }));
    },
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["waiting"] });
      done();
    },
  });
  const name = asked.trim();
  const known = clients.data?.some((c) => c.name.toLowerCase() === name.toLowerCase());
  // Where the booking fails, the client is not written down a second time.
  const made = useRef<{ name: string; id: number }>(undefined);
  const first = useMutation({
    mutationFn: async () => {
      if (made.current?.name !== name) {
        const added = await said(
          api.POST("/api/clients", { body: { name, phone: phone.trim() || undefined } }),
        );
        made.current = { name, id: added.id };
      }
      await book.mutateAsync({ id: made.current.id });
    },
  });
  const wait = useMutation({
    mutationFn: (c: ClientRow) =>
      carriedOut(
        api.POST("/api/waiting", {
          body: {
            clientId: c.id,
            planId: c.planId,
            until: shifted(day, WAITS_DAYS),
          },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["waiting"] }),
  });
  const longest = (waiting.data ?? []).filter((w) => w.personId === undefined || w.personId === personId);
  return (
    <Dialog title={`${long(day)}, ${clock(from)}, ${chair}`} shut={shut}>
      <div className="flex gap-2">
        {[-15, -5, 5, 15].map((by) => (
          <button key={by} type="button" className="btn touch" onClick={() => setFrom(from + by)}>
            {by > 0 ? `+${by}` : by} {worded("bookForm.min")}
          </button>
        ))}
      </div>
      {(services.data?.length ?? 0) > 0 && (
        <fieldset className="flex flex-wrap gap-1">
          <legend className="sr-only">{worded("bookForm.what-for")}</legend>
          {services.data?.map((s) => (
            <button
              key={s.id}
              type="button"
              aria-pressed={service === s.id}
              className={`btn touch ${service === s.id ? "btn-neutral" : ""}`}
              onClick={() => setService(service === s.id ? undefined : s.id)}
            >
              {worded("bookForm.service", { name: s.name, minutes: s.minutes })}
            </button>
          ))}
        </fieldset>
      )}
      <label className="grid gap-1 font-bold">
        {worded("bookForm.client")}
        <input
          className="input touch w-full font-normal text-lg"
          value={asked}
          placeholder="name"
          onChange={(e) => setAsked(e.target.value)}
        />
      </label>
      {longest.length > 0 && (
        <ul className="grid gap-1" aria-label={worded("bookForm.waiting")}>
          {longest.map((w) => (
            <li key={w.id}>
              <button
                type="button"
                className="btn touch h-auto w-full justify-between border-primary py-2 text-lg"
                disabled={book.isPending}
                onClick={() => book.mutate({ id: w.clientId, planId: w.planId, waits: w.id })}
              >
                <b>{w.clientName}</b>
                <span className="font-normal">{worded("bookForm.waits-for-a-time")}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {name !== "" && clients.data && !known && (
        <div className="flex flex-wrap items-end gap-2">
          <label className="grid flex-1 gap-1 text-sm">
            {worded("bookForm.phone")}
            <input
              className="input touch w-full text-lg"
              type="tel"
              maxLength={60}
              value={phone}
              onChange={(e) => setPhone(e.target.value)}
            />
          </label>
          <button
            type="button"
            className="btn btn-primary touch"
            disabled={first.isPending || book.isPending}
            onClick={() => first.mutate()}
          >
            {worded("bookForm.book-new", { name })}
          </button>
        </div>
      )}
      <ul className="grid max-h-72 gap-1 overflow-y-auto">
        {clients.data?.map((c) => (
          <li key={c.id} className="flex gap-1">
            <button
              type="button"
              className="btn touch h-auto flex-1 justify-between py-2 text-lg"
              disabled={book.isPending}
              onClick={() => book.mutate(c)}
            >
              <b>{c.name}</b>
              <span className="font-normal">{c.planTitle ?? worded("common.no-plan-yet")}</span>
            </button>
            <button
              type="button"
              className="btn touch h-auto"
              aria-label={worded("bookForm.waiting-list", { name: c.name })}
              disabled={wait.isPending}
              onClick={() => wait.mutate(c)}
            >
              {worded("bookForm.waits")}
            </button>
          </li>
        ))}
      </ul>
      {wait.isSuccess && <p role="status">{worded("bookForm.on-the-waiting-list")}</p>}
      <Problem error={book.error ?? first.error ?? wait.error} />
    </Dialog>
  );
}
