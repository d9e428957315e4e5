import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, carriedOut } from "../api/http";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { worded } from "../words/worded";
import { useWaiting } from "./useWaiting";

/** The waiting list: who would come sooner if a chair came free. */
export function Waiting() {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const list = useWaiting();
  const gone = useMutation({
    mutationFn: (id: number) => carriedOut(api.DELETE("/api/waiting/{id}", { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["waiting"] }),
  });
  const rows = list.data ?? [];
  return (
    <>
      <button type="button" className="btn touch" onClick={() => setOpen(true)}>
        {worded("waiting.waiting")}
        {rows.length > 0 ? ` (${rows.length})` : ""}
      </button>
      {open && (
        <Dialog title={worded("waiting.who-would-come-sooner")} shut={() => setOpen(false)}>
          {rows.length === 0 && <p>{worded("waiting.nobody-waits-touch-a")}</p>}
          <ul className="grid gap-2">
            {rows.map((w) => (
              <li key={w.id} className="flex items-center gap-3 border-secondary border-l-4 bg-base-200 p-2">
                <span className="flex-1">
                  <b className="text-lg">{w.clientName}</b>
                  <br />
                  <span className="soft">
                    {[
                      w.planTitle,
                      worded("waiting.until", {
                        day: new Date(w.until).toLocaleDateString("en-GB", {
                          day: "numeric",
                          month: "long",
                        }),
                      }),
                      w.note,
                    ]
                      .filter(Boolean)
                      .join(" · ")}
                  </span>
                </span>
                <button type="button" className="btn touch" onClick={() => gone.mutate(w.id)}>
                  {worded("waiting.take-off")}
                </button>
              </li>
            ))}
          </ul>
          <p className="soft">{worded("waiting.to-book-one-touch")}</p>
          <Problem error={list.error ?? gone.error} />
        </Dialog>
      )}
    </>
  );
}
