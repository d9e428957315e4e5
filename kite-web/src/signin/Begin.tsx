import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type ChangeEvent, type FormEvent, useState } from "react";
import { api, carriedOut, upload } from "../api/http";
import { Problem } from "../frame/Problem";
import { written } from "../frame/written";
import { PersonFields, personOf } from "../parts/PersonFields";
import { worded } from "../words/worded";

/** On an empty database: a shop begins, or an archive of one is taken in. */
export function Begin() {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<Error | null>(null);
  const begin = useMutation({
    mutationFn: async (f: FormData) => {
      const owner = personOf(f);
      await carriedOut(
        api.POST("/api/session/shop", {
          body: { name: written(f, "shop"), zone: written(f, "zone"), owner },
        }),
      );
      await carriedOut(
        api.POST("/api/session", { body: { signIn: owner.signIn, password: owner.password } }),
      );
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ["me"] }),
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    begin.mutate(new FormData(e.currentTarget));
  };
  const takeIn = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (!file) return;
    setProblem(null);
    try {
      await upload("/api/session/archive", file);
      await Promise.all([
        queries.invalidateQueries({ queryKey: ["claim"] }),
        queries.invalidateQueries({ queryKey: ["begun"] }),
      ]);
    } catch (error) {
      setProblem(error as Error);
    }
  };
  return (
    <main className="mx-auto grid max-w-4xl gap-10 p-6 md:grid-cols-[1.3fr_1fr]">
      <form onSubmit={submit} className="grid content-start gap-3" noValidate>
        <h1 className="font-bold text-3xl">{worded("begin.your-shop-begins-here")}</h1>
        <label className="grid gap-1 font-bold">
          {worded("begin.name-of-the-shop")}
          <input name="shop" className="input touch w-full font-normal text-lg" />
        </label>
        <label className="grid gap-1 font-bold">
          {worded("begin.time-zone")}
          <input
            name="zone"
            defaultValue={Intl.DateTimeFormat().resolvedOptions().timeZone}
            className="input touch w-full font-normal text-lg"
          />
        </label>
        <h2 className="mt-2 font-bold text-xl">{worded("begin.you-its-owner")}</h2>
        <PersonFields />
        <Problem error={begin.error} />
        <button type="submit" className="btn btn-primary touch text-lg" disabled={begin.isPending}>
          {worded("begin.begin")}
        </button>
      </form>
      <section>
        <h2 className="font-bold text-xl">{worded("begin.or-from-an-archive")}</h2>
        <p>{worded("begin.a-year-of-a")}</p>
        <label className="btn touch mt-3 text-lg">
          {worded("begin.take-in-an-archive")}
          <input type="file" accept=".zip,application/zip" className="sr-only" onChange={takeIn} />
        </label>
        <Problem error={problem} />
      </section>
    </main>
  );
}
