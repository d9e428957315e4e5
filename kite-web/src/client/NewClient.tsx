import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { useNavigate } from "react-router";
import { ApiError, send } from "../api/http";
import type { Added } from "../api/types";

const HEAD = [
  ["girthMm", "Girth", "once round over brow and back", "570"],
  ["earToEarMm", "Ear to ear", "over the apex; may stay empty", ""],
  ["frontToNapeMm", "Front to nape", "hairline to hairline; may stay empty", ""],
] as const;
const TAPED = [
  ["frontMm", "Front", "105"],
  ["topMm", "Top", "100"],
  ["crownMm", "Crown", "90"],
  ["sideMm", "Side, above the ear", "65"],
  ["occipitalMm", "Occipital", "70"],
  ["napeMm", "Nape", "45"],
] as const;

export function NewClient() {
  const go = useNavigate();
  const add = useMutation({
    mutationFn: (body: unknown) => send<Added>("POST", "/api/clients", body),
    onSuccess: (a) => go(`/clients/${a.id}`),
  });
  const problems = add.error instanceof ApiError ? add.error.problems : [];
  const problemOf = (field: string) => problems.find((p) => p.path.endsWith(`.${field}`));
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const f = new FormData(e.currentTarget);
    const number = (k: string) => (f.get(k) ? Number(f.get(k)) : null);
    add.mutate({
      name: f.get("name"),
      note: f.get("note"),
      girthMm: number("girthMm"),
      earToEarMm: number("earToEarMm"),
      frontToNapeMm: number("frontToNapeMm"),
      start: Object.fromEntries(TAPED.map(([k]) => [k, number(k)])),
    });
  };
  const field = (name: string, title: string, hint: string, value: string) => {
    const p = problemOf(name);
    return (
      <label key={name} className="grid content-start gap-1 font-bold">
        {title}
        <input
          name={name}
          defaultValue={value}
          inputMode="decimal"
          type="number"
          step="any"
          aria-invalid={p ? true : undefined}
          className={`input touch w-full font-normal text-xl ${p ? "input-error" : ""}`}
        />
        {p ? (
          <span className="font-normal text-error">
            {p.value} mm: {p.allowed}
          </span>
        ) : (
          <span className="soft font-normal text-sm">{hint}</span>
        )}
      </label>
    );
  };
  return (
    <form onSubmit={submit} className="mx-auto grid w-full max-w-4xl gap-5 px-6 py-5" noValidate>
      <h1 className="font-bold text-3xl">Who is in the chair?</h1>
      <div className="grid gap-4 sm:grid-cols-2">
        <label className="grid content-start gap-1 font-bold">
          Name
          <input name="name" className="input touch w-full font-normal text-xl" required />
          {problemOf("name") && (
            <span className="font-normal text-error">Name {problemOf("name")?.allowed}</span>
          )}
        </label>
        <label className="grid content-start gap-1 font-bold">
          Note
          <input name="note" className="input touch w-full font-normal text-xl" />
        </label>
      </div>
      <h2 className="font-bold text-xl">Head, by tape, in mm</h2>
      <div className="grid gap-4 sm:grid-cols-3">{HEAD.map(([n, t, h, v]) => field(n, t, h, v))}</div>
      <h2 className="font-bold text-xl">Hair as it is today, taped, in mm</h2>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        {TAPED.map(([n, t, v]) => field(n, t, "", v))}
      </div>
      {add.error && problems.length === 0 && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {add.error.message}
        </p>
      )}
      <div>
        <button type="submit" className="btn btn-primary touch px-8 text-lg" disabled={add.isPending}>
          To the shapes
        </button>
      </div>
    </form>
  );
}
