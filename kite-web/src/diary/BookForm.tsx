import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { get, send } from "../api/http";
import type { ClientRow } from "../api/types";
import { Dialog } from "./Dialog";
import { clock, type Day, long, moment } from "./times";

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
  const [asked, setAsked] = useState("");
  const [from, setFrom] = useState(minute);
  const clients = useQuery({
    queryKey: ["clients", asked],
    queryFn: () => get<ClientRow[]>(`/api/clients?q=${encodeURIComponent(asked)}`),
    placeholderData: (last) => last,
  });
  const book = useMutation({
    mutationFn: (c: ClientRow) =>
      send("POST", "/api/appointments", {
        personId,
        clientId: c.id,
        planId: c.planId,
        startsAt: moment(day, from, zone),
      }),
    onSuccess: done,
  });
  return (
    <Dialog title={`${long(day)}, ${clock(from)}, ${chair}`} shut={shut}>
      <div className="flex gap-2">
        {[-15, -5, 5, 15].map((by) => (
          <button key={by} type="button" className="btn touch" onClick={() => setFrom(from + by)}>
            {by > 0 ? `+${by}` : by} min
          </button>
        ))}
      </div>
      <label className="grid gap-1 font-bold">
        Client
        <input
          className="input touch w-full font-normal text-lg"
          value={asked}
          placeholder="name"
          onChange={(e) => setAsked(e.target.value)}
        />
      </label>
      <ul className="grid max-h-72 gap-1 overflow-y-auto">
        {clients.data?.map((c) => (
          <li key={c.id}>
            <button
              type="button"
              className="btn touch h-auto w-full justify-between py-2 text-lg"
              disabled={book.isPending}
              onClick={() => book.mutate(c)}
            >
              <b>{c.name}</b>
              <span className="font-normal">{c.planTitle ?? "no plan yet"}</span>
            </button>
          </li>
        ))}
      </ul>
      {book.error && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {book.error.message}
        </p>
      )}
    </Dialog>
  );
}
