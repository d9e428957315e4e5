import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, carriedOut } from "../api/http";
import type { PersonRow } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { dayTold } from "../store/shopTime";
import { worded } from "../words/worded";
import { ROLES, type Role } from "./roles";

const CHAIRS = Array.from({ length: 12 }, (_, i) => i + 1);

/** One of the shop: their role, their chair, shut out or let in again, and a password when theirs is lost. */
export function PersonCard({ person, roles }: { person: PersonRow; roles: Role[] }) {
  const queries = useQueryClient();
  const [resetting, setResetting] = useState(false);
  const changed = () => queries.invalidateQueries({ queryKey: ["people"] });
  const change = useMutation({
    mutationFn: (to: { role?: Role; disabled?: boolean }) =>
      carriedOut(
        api.PUT("/api/people/{id}", {
          params: { path: { id: person.id } },
          body: {
            name: person.name,
            role: person.role,
            disabled: person.disabledAt !== undefined,
            ...to,
          },
        }),
      ),
    onSettled: changed,
  });
  const seat = useMutation({
    mutationFn: (chair: number | undefined) =>
      carriedOut(api.PUT("/api/people/{id}/chair", { params: { path: { id: person.id } }, body: { chair } })),
    onSettled: async () => {
      await changed();
      await queries.invalidateQueries({ queryKey: ["diary"] });
    },
  });
  const reset = useMutation({
    mutationFn: (password: string) =>
      carriedOut(
        api.POST("/api/people/{id}/password", { params: { path: { id: person.id } }, body: { password } }),
      ),
    onSuccess: () => setResetting(false),
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    reset.mutate(String(new FormData(e.currentTarget).get("password") ?? ""));
  };
  const out = person.disabledAt !== undefined;
  return (
    <li className={`grid gap-2 border-l-4 bg-base-200 p-3 ${out ? "border-base-300" : "border-secondary"}`}>
      <span>
        <b className="text-lg">{person.name}</b>{" "}
        <span className="soft">
          {worded("personCard.signs-in-as", { signIn: person.signIn })}
          {person.me && ", you"}
          {out &&
            worded("personCard.shut-out-since", {
              day: dayTold(person.disabledAt as string),
            })}
        </span>
      </span>
      {person.mine ? (
        <span className="flex flex-wrap items-center gap-2">
          <select
            aria-label={worded("personCard.what-is", { name: person.name })}
            className="select touch w-36"
            value={person.role}
            disabled={change.isPending}
            onChange={(e) => change.mutate({ role: e.target.value as Role })}
          >
            {roles.map((r) => (
              <option key={r} value={r}>
                {ROLES[r].name}
              </option>
            ))}
          </select>
          <select
            aria-label={worded("personCard.chair-of", { name: person.name })}
            className="select touch w-44"
            value={person.chair ?? ""}
            disabled={seat.isPending}
            onChange={(e) => seat.mutate(e.target.value === "" ? undefined : Number(e.target.value))}
          >
            <option value="">{worded("personCard.no-chair")}</option>
            {CHAIRS.map((n) => (
              <option key={n} value={n}>
                {worded("personCard.chair", { n })}
              </option>
            ))}
          </select>
          {!person.me && (
            <>
              <button
                type="button"
                className="btn touch border-base-300 bg-base-100"
                onClick={() => setResetting(true)}
              >
                {worded("personCard.new-password")}
              </button>
              <button
                type="button"
                className="btn touch border-base-300 bg-base-100"
                disabled={change.isPending}
                onClick={() => change.mutate({ disabled: !out })}
              >
                {out ? worded("personCard.let-in-again") : worded("personCard.shut-out")}
              </button>
            </>
          )}
        </span>
      ) : (
        <span>{ROLES[person.role].name}</span>
      )}
      <Problem error={change.error ?? seat.error} />
      {resetting && (
        <Dialog
          title={worded("personCard.a-new-password-for", { name: person.name })}
          shut={() => setResetting(false)}
        >
          <form onSubmit={submit} className="grid gap-3" noValidate>
            <p>{worded("personCard.it-counts-from-now")}</p>
            <label className="grid gap-1 font-bold">
              {worded("personCard.password-ten-characters-or")}
              <input
                name="password"
                type="password"
                autoComplete="new-password"
                className="input touch w-full text-lg"
              />
            </label>
            <Problem error={reset.error} />
            <button type="submit" className="btn btn-primary touch text-lg" disabled={reset.isPending}>
              {worded("personCard.give-it")}
            </button>
          </form>
        </Dialog>
      )}
    </li>
  );
}
