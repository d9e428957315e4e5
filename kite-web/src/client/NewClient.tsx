import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { useNavigate } from "react-router";
import { ApiError, api, said } from "../api/http";
import type { NewClient as NewClientAsked } from "../api/types";
import { worded } from "../words/worded";
import { clientOf } from "./clientOf";

/** Who is in the chair: a name is enough; everything else is picked at the sit-down. */
export function NewClient() {
  const go = useNavigate();
  const add = useMutation({
    mutationFn: (body: NewClientAsked) => said(api.POST("/api/clients", { body })),
    onSuccess: (a) => go(`/clients/${a.id}/sit`),
  });
  const problems = add.error instanceof ApiError ? add.error.problems : [];
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    add.mutate(clientOf(new FormData(e.currentTarget)));
  };
  const field = (name: string, title: string, type = "text") => {
    const p = problems.find((q) => q.path === `$.${name}`);
    return (
      <label className="grid content-start gap-1 font-bold">
        {title}
        <input
          name={name}
          type={type}
          aria-invalid={p ? true : undefined}
          className={`input touch w-full font-normal text-xl ${p ? "input-error" : ""}`}
        />
        {p && (
          <span className="font-normal text-error">
            {title}: {p.allowed}
          </span>
        )}
      </label>
    );
  };
  return (
    <form onSubmit={submit} className="mx-auto grid w-full max-w-3xl gap-5 px-6 py-5" noValidate>
      <h1 className="font-bold text-3xl">{worded("newClient.who-is-in-the")}</h1>
      <div className="grid gap-4 sm:grid-cols-2">
        {field("name", worded("common.name"))}
        {field("phone", worded("newClient.phone"), "tel")}
        {field("email", worded("newClient.e-mail"), "email")}
        {field("note", worded("common.note"))}
      </div>
      {add.error && problems.length === 0 && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {add.error.message}
        </p>
      )}
      <div>
        <button type="submit" className="btn btn-primary touch px-8 text-lg" disabled={add.isPending}>
          {worded("newClient.new-consultation")}
        </button>
      </div>
    </form>
  );
}
