import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, carriedOut, said } from "../api/http";
import type { NewPerson } from "../api/types";
import { Problem } from "../frame/Problem";
import { Loading, Trouble } from "../frame/States";
import { PersonFields, personOf } from "../parts/PersonFields";
import { worded } from "../words/worded";
import { PersonCard } from "./PersonCard";
import { ROLES, type Role } from "./roles";

/** Who works here and as what; let in, moved and shut out. */
export function People({ minds }: { minds: boolean }) {
  const all = useQuery({
    queryKey: ["people"],
    queryFn: () => said(api.GET("/api/people")),
    enabled: minds,
  });
  if (!minds) return <p className="soft">{worded("people.an-owner-or-a")}</p>;
  if (all.isPending) return <Loading what={worded("people.the-people")} />;
  if (all.error) return <Trouble error={all.error} retry={() => all.refetch()} />;
  return (
    <div className="grid items-start gap-8 lg:grid-cols-[1.4fr_1fr]">
      <ul className="grid gap-2" aria-label={worded("people.people")}>
        {all.data.people.map((p) => (
          <PersonCard key={p.id} person={p} roles={all.data.roles} />
        ))}
      </ul>
      <Added roles={all.data.roles} />
    </div>
  );
}

function Added({ roles }: { roles: Role[] }) {
  const queries = useQueryClient();
  const [role, setRole] = useState<Role>("stylist");
  const add = useMutation({
    mutationFn: (body: NewPerson) => carriedOut(api.POST("/api/people", { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["people"] }),
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const form = e.currentTarget;
    add.mutate({ ...personOf(new FormData(form)), role }, { onSuccess: () => form.reset() });
  };
  return (
    <form onSubmit={submit} className="grid gap-3" noValidate>
      <h2 className="font-bold text-xl">{worded("people.add-stylist")}</h2>
      <PersonFields />
      <label className="grid gap-1 font-bold">
        {worded("people.as")}
        <select
          name="role"
          value={role}
          onChange={(e) => setRole(e.target.value as Role)}
          className="select touch w-full font-normal text-lg"
        >
          {roles.map((r) => (
            <option key={r} value={r}>
              {ROLES[r].name}
            </option>
          ))}
        </select>
        <span className="soft font-normal">{ROLES[role].may}</span>
      </label>
      <Problem error={add.error} />
      {add.isSuccess && <p role="status">{worded("people.they-can-sign-in")}</p>}
      <button type="submit" className="btn btn-primary touch text-lg" disabled={add.isPending}>
        {worded("people.let-them-in")}
      </button>
    </form>
  );
}
