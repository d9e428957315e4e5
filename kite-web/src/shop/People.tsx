import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { send } from "../api/http";
import { Problem } from "../frame/Problem";
import { PersonFields, personOf } from "./PersonFields";

/** Somebody who gets a chair and a sign-in of their own. */
export function People({ owner }: { owner: boolean }) {
  const add = useMutation({ mutationFn: (body: unknown) => send("POST", "/api/people", body) });
  if (!owner) return <p className="soft">An owner of the shop gives sign-ins.</p>;
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const form = e.currentTarget;
    add.mutate(personOf(new FormData(form)), { onSuccess: () => form.reset() });
  };
  return (
    <form onSubmit={submit} className="grid max-w-xl gap-3" noValidate>
      <h2 className="font-bold text-xl">A new stylist</h2>
      <PersonFields />
      <Problem error={add.error} />
      {add.isSuccess && <p role="status">There is a chair for them in the diary now.</p>}
      <button type="submit" className="btn btn-primary touch text-lg" disabled={add.isPending}>
        Give them a chair
      </button>
    </form>
  );
}
