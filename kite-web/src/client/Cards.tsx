import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type ChangeEvent, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, carriedOut, said } from "../api/http";
import type { CardsRead } from "../api/types";
import { TakeOut } from "../frame/TakeOut";
import { worded } from "../words/worded";

/** Contacts in and out as vCards: read first, looked at, then taken in. */
export function Cards() {
  const go = useNavigate();
  const queries = useQueryClient();
  const [read, setRead] = useState<CardsRead>();
  const [taken, setTaken] = useState<Set<number>>(new Set());
  const reading = useMutation({
    mutationFn: (text: string) => said(api.POST("/api/contacts/read", { body: { text } })),
    onSuccess: (r) => {
      setRead(r);
      setTaken(new Set(r.cards.flatMap((c, i) => (c.sameAs ? [] : [i]))));
    },
  });
  const taking = useMutation({
    mutationFn: () =>
      carriedOut(api.POST("/api/contacts", { body: (read?.cards ?? []).filter((_, i) => taken.has(i)) })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["clients"] });
      go("/clients");
    },
  });
  const open = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (file) reading.mutate(await file.text());
  };
  const toggle = (i: number) => {
    const next = new Set(taken);
    if (!next.delete(i)) next.add(i);
    setTaken(next);
  };
  const error = reading.error ?? taking.error;
  return (
    <div className="mx-auto grid w-full max-w-4xl gap-4 px-6 py-5">
      <h1 className="font-bold text-3xl">{worded("cards.import-and-export-contacts")}</h1>
      <p className="text-lg">{worded("cards.names-phone-numbers-e")}</p>
      <div className="flex flex-wrap gap-3">
        <label className="btn btn-primary touch text-lg">
          {worded("cards.read-a-card-file")}
          <input type="file" accept=".vcf,text/vcard" className="sr-only" onChange={open} />
        </label>
        <TakeOut href="/api/contacts.vcf?version=4">{worded("cards.all-clients-as-vcard")}</TakeOut>
        <TakeOut href="/api/contacts.vcf?version=3">{worded("cards.as-vcard-3")}</TakeOut>
        <Link to="/clients" className="touch flex items-center underline">
          {worded("cards.back-to-the-clients")}
        </Link>
      </div>
      {reading.isPending && <p role="status">{worded("cards.reading-the-cards")}</p>}
      {error && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {error.message}
        </p>
      )}
      {read?.problems.map((p) => (
        <p key={p} role="alert" className="border-accent border-l-4 pl-3">
          {p}
        </p>
      ))}
      {read && read.cards.length > 0 && (
        <>
          <ul className="grid gap-1.5">
            {read.cards.map((c, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: two cards may be the same
              <li key={i} className="rounded-box border-2 border-base-300 bg-base-200">
                <label className="touch flex cursor-pointer items-center gap-3 px-3">
                  <input
                    type="checkbox"
                    className="checkbox"
                    checked={taken.has(i)}
                    onChange={() => toggle(i)}
                  />
                  <b>{c.name}</b>
                  <span className="soft">{[c.phone, c.email].filter(Boolean).join(" · ")}</span>
                  {c.sameAs && (
                    <span className="ml-auto border-accent border-b-4">
                      {worded("cards.very-likely-here-already", { sameAs: c.sameAs })}
                    </span>
                  )}
                </label>
              </li>
            ))}
          </ul>
          <div>
            <button
              type="button"
              className="btn btn-primary touch text-lg"
              disabled={taken.size === 0 || taking.isPending}
              onClick={() => taking.mutate()}
            >
              {worded("cards.take-in", { count: taken.size })}
            </button>
          </div>
        </>
      )}
    </div>
  );
}
