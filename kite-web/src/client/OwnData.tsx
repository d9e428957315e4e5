import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, carriedOut } from "../api/http";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";

type Props = {
  clientId: number;
  name: string;
  /** Told as the erasing begins and when it was refused. */
  erasing: (on: boolean) => void;
};

/** All that is held on a client, to hand over; or erased at their wish. */
export function OwnData({ clientId, name, erasing }: Props) {
  const go = useNavigate();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [typed, setTyped] = useState("");
  const erase = useMutation({
    mutationFn: () =>
      carriedOut(
        api.DELETE("/api/clients/{id}", { params: { path: { id: clientId }, query: { name: typed } } }),
      ),
    onMutate: () => erasing(true),
    onError: () => erasing(false),
    onSuccess: async () => {
      await Promise.all(["clients", "erased"].map((list) => queries.invalidateQueries({ queryKey: [list] })));
      go("/clients");
    },
  });
  return (
    <section aria-label="The client's own data" className="mt-5">
      <h2 className="font-bold text-xl">The client's own data</h2>
      <div className="mt-1 flex flex-wrap gap-3">
        <a className="btn touch" href={`/api/clients/${clientId}/export.zip`} download>
          Hand over all that is kept
        </a>
        <button type="button" className="btn touch" onClick={() => setAsking(true)}>
          Erase
        </button>
      </div>
      {asking && (
        <Dialog title={`Erase ${name}?`} shut={() => setAsking(false)}>
          <p>
            Nobody sees them from now on, and what is booked is let go. For a day it can be undone, under
            Clients; then consultations, plans, photographs and messages are gone for good. Visits stay in the
            books with their times and prices, without whose they were.
          </p>
          <label className="grid gap-1 font-bold">
            Type the client's name
            <input
              className="input touch w-full text-lg"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
            />
          </label>
          <Problem error={erase.error} />
          <button
            type="button"
            className="btn btn-error touch text-lg"
            disabled={typed.trim() === "" || erase.isPending}
            onClick={() => erase.mutate()}
          >
            Erase this client
          </button>
        </Dialog>
      )}
    </section>
  );
}
