import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, said } from "../api/http";
import { Empty, Loading, Trouble } from "../frame/States";
import { PlanHead } from "../parts/PlanHead";
import { worded } from "../words/worded";
import { ErasedClients } from "./ErasedClients";

export function Clients({ erases }: { erases: boolean }) {
  const [find, setFind] = useState("");
  const all = useQuery({
    queryKey: ["clients", find],
    queryFn: () => said(api.GET("/api/clients", { params: { query: { q: find } } })),
    placeholderData: (last) => last,
  });
  if (all.isPending) return <Loading what={worded("clients.the-clients")} />;
  if (all.error) return <Trouble error={all.error} retry={() => all.refetch()} />;
  const shown = all.data;
  return (
    <div className="px-6 py-5">
      <div className="flex flex-wrap items-center gap-4">
        <h1 className="font-bold text-3xl">{worded("clients.clients")}</h1>
        <input
          className="input touch w-64"
          placeholder={worded("clients.find-by-name")}
          aria-label={worded("clients.find-by-name")}
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <Link to="/clients/cards" className="btn touch ml-auto">
          {worded("clients.import-and-export-contacts")}
        </Link>
        <Link to="/clients/new" className="btn btn-primary touch text-lg">
          {worded("clients.new-client")}
        </Link>
      </div>
      {shown.length === 0 ? (
        <Empty>
          {find === "" ? worded("clients.no-clients-yet") : worded("clients.nobody-here-is-called", { find })}
        </Empty>
      ) : (
        <ul className="mt-5 grid gap-3 md:grid-cols-2 xl:grid-cols-3">
          {shown.map((c) => (
            <li key={c.id}>
              <Link
                to={`/clients/${c.id}`}
                className="flex gap-4 rounded-box border-2 border-base-300 bg-base-200 p-3"
              >
                <PlanHead
                  plan={{ id: c.planId, version: c.planVersion }}
                  name={c.name}
                  className="h-28 w-24"
                />
                <span className="grid content-start">
                  <span className="font-bold text-xl">{c.name}</span>
                  <span>{c.planTitle ?? ""}</span>
                  <span className="soft">{c.note}</span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      {erases && <ErasedClients />}
    </div>
  );
}
