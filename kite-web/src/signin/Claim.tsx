import { useMutation, useQueryClient } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, carriedOut } from "../api/http";
import { Problem } from "../frame/Problem";
import { written } from "../frame/written";
import { worded } from "../words/worded";

/** A shop just taken in has no passwords yet: one of its owners gives the first. */
export function Claim({ owners }: { owners: string[] }) {
  const queries = useQueryClient();
  const claim = useMutation({
    mutationFn: async (f: FormData) => {
      const who = { signIn: written(f, "signIn"), password: written(f, "password") };
      await carriedOut(api.POST("/api/session/claim", { body: who }));
      await carriedOut(api.POST("/api/session", { body: who }));
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ["me"] }),
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    claim.mutate(new FormData(e.currentTarget));
  };
  return (
    <main className="mx-auto grid max-w-md gap-3 p-6">
      <h1 className="font-bold text-3xl">{worded("claim.the-shop-is-here")}</h1>
      <p>{worded("claim.passwords-do-not-travel")}</p>
      <form onSubmit={submit} className="grid gap-3" noValidate>
        <label className="grid gap-1 font-bold">
          {worded("claim.you-an-owner-sign")}
          <select name="signIn" className="select touch w-full font-normal text-lg">
            {owners.map((o) => (
              <option key={o}>{o}</option>
            ))}
          </select>
        </label>
        <label className="grid gap-1 font-bold">
          {worded("claim.a-password-ten-characters")}
          <input
            name="password"
            type="password"
            autoComplete="new-password"
            className="input touch w-full font-normal text-lg"
          />
        </label>
        <Problem error={claim.error} />
        <button type="submit" className="btn btn-primary touch text-lg" disabled={claim.isPending}>
          {worded("claim.open-the-shop")}
        </button>
      </form>
    </main>
  );
}
