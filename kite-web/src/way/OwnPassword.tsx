import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, carriedOut } from "../api/http";
import type { OwnPassword as Passwords } from "../api/types";
import { Problem } from "../frame/Problem";
import { written } from "../frame/written";
import { worded } from "../words/worded";

/** One's own password anew; wherever else one is signed in, that ends. */
export function OwnPassword() {
  const change = useMutation({
    mutationFn: (body: Passwords) => carriedOut(api.POST("/api/session/password", { body })),
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const form = e.currentTarget;
    const f = new FormData(form);
    change.mutate(
      { current: written(f, "current"), password: written(f, "password") },
      { onSuccess: () => form.reset() },
    );
  };
  return (
    <form
      onSubmit={submit}
      className="grid max-w-md content-start gap-3 border-base-300 border-t pt-4"
      noValidate
    >
      <h2 className="font-bold text-xl">{worded("ownPassword.your-password")}</h2>
      <label className="grid gap-1 font-bold">
        {worded("ownPassword.the-one-you-have")}
        <input
          name="current"
          type="password"
          autoComplete="current-password"
          className="input touch w-full"
        />
      </label>
      <label className="grid gap-1 font-bold">
        {worded("ownPassword.a-new-one-ten")}
        <input name="password" type="password" autoComplete="new-password" className="input touch w-full" />
      </label>
      <Problem error={change.error} />
      {change.isSuccess && <p role="status">{worded("ownPassword.it-counts-from-now")}</p>}
      <button type="submit" className="btn touch text-lg" disabled={change.isPending}>
        {worded("ownPassword.change-it")}
      </button>
    </form>
  );
}
