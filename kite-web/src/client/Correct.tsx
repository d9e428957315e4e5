import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, carriedOut } from "../api/http";
import type { ClientView, NewClient } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { worded } from "../words/worded";
import { clientOf } from "./clientOf";

const FIELDS = [
  ["name", worded("common.name"), "text"],
  ["phone", worded("correct.telephone"), "tel"],
  ["email", worded("correct.e-mail"), "email"],
  ["note", worded("common.note"), "text"],
] as const;

/** Puts right what was told or written wrong of a client. */
export function Correct({ client }: { client: ClientView }) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const correct = useMutation({
    mutationFn: (body: NewClient) =>
      carriedOut(api.PUT("/api/clients/{id}", { params: { path: { id: client.id } }, body })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["client", client.id] });
      setOpen(false);
    },
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    correct.mutate(clientOf(new FormData(e.currentTarget)));
  };
  return (
    <>
      <button type="button" className="touch cursor-pointer underline" onClick={() => setOpen(true)}>
        {worded("correct.correct")}
      </button>
      {open && (
        <Dialog title={worded("correct.correct-2", { name: client.name })} shut={() => setOpen(false)}>
          <form onSubmit={submit} className="grid gap-3" noValidate>
            {FIELDS.map(([field, name, type]) => (
              <label key={field} className="grid gap-1 font-bold">
                {name}
                <input
                  name={field}
                  type={type}
                  defaultValue={client[field]}
                  className="input touch w-full font-normal text-lg"
                />
              </label>
            ))}
            <Problem error={correct.error} />
            <button type="submit" className="btn btn-primary touch text-lg" disabled={correct.isPending}>
              {worded("correct.put-it-right")}
            </button>
          </form>
        </Dialog>
      )}
    </>
  );
}
