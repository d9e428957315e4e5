import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, carriedOut, upload } from "../api/http";
import { Dialog } from "../frame/Dialog";
import { PasswordAgain } from "../frame/PasswordAgain";
import { Problem } from "../frame/Problem";
import { worded } from "../words/worded";

type Rows = { rows: number; known: number };

/** A further archive of this shop, of other days: laid beside what is here. */
export function TakeInBeside() {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const take = useMutation({
    mutationFn: async ({ password, file }: { password: string; file: File }) => {
      await carriedOut(api.POST("/api/session/again", { body: { password } }));
      return upload<Rows>("/api/records/archive", file, () => undefined);
    },
    onSuccess: () => {
      setAsking(false);
      return queries.invalidateQueries();
    },
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const f = new FormData(e.currentTarget);
    take.mutate({ password: String(f.get("password") ?? ""), file: f.get("file") as File });
  };
  return (
    <div>
      <button type="button" className="btn touch text-lg" onClick={() => setAsking(true)}>
        {worded("takeInBeside.take-in-a-further")}
      </button>
      {take.data && (
        <p role="status" className="mt-2">
          {worded("takeInBeside.rows-were-added-were", { rows: take.data.rows, known: take.data.known })}
        </p>
      )}
      {asking && (
        <Dialog title={worded("takeInBeside.a-further-archive-of")} shut={() => setAsking(false)}>
          <form onSubmit={submit} className="grid gap-3" noValidate>
            <p>{worded("takeInBeside.what-stands-here-stays")}</p>
            <label className="grid gap-1 font-bold">
              {worded("takeInBeside.the-zip")}
              <input name="file" type="file" accept=".zip" required className="file-input touch w-full" />
            </label>
            <PasswordAgain />
            <Problem error={take.error} />
            <button type="submit" className="btn btn-primary touch text-lg" disabled={take.isPending}>
              {worded("takeInBeside.take-it-in")}
            </button>
          </form>
        </Dialog>
      )}
    </div>
  );
}
