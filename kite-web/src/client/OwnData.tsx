import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, carriedOut } from "../api/http";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { worded } from "../words/worded";

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
    <section aria-label={worded("ownData.the-clients-own-data")} className="mt-5">
      <h2 className="font-bold text-xl">{worded("ownData.the-clients-own-data")}</h2>
      <div className="mt-1 flex flex-wrap gap-3">
        <a className="btn touch" href={`/api/clients/${clientId}/export.zip`} download>
          {worded("ownData.hand-over-all-that")}
        </a>
        <button type="button" className="btn touch" onClick={() => setAsking(true)}>
          {worded("ownData.erase")}
        </button>
      </div>
      {asking && (
        <Dialog title={worded("ownData.erase-2", { name })} shut={() => setAsking(false)}>
          <p>{worded("ownData.nobody-sees-them-from")}</p>
          <label className="grid gap-1 font-bold">
            {worded("ownData.type-the-clients-name")}
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
            {worded("ownData.erase-this-client")}
          </button>
        </Dialog>
      )}
    </section>
  );
}
