import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import { momentTold } from "../store/shopTime";
import { worded } from "../words/worded";

type Props = {
  of: { what: "client" | "plan" | "visit"; id: number };
};

/** Where it is asked for. */
function asked({ what, id }: Props["of"]) {
  const params = { path: { id } };
  switch (what) {
    case "client":
      return api.GET("/api/clients/{id}/trail", { params });
    case "plan":
      return api.GET("/api/plans/{id}/trail", { params });
    case "visit":
      return api.GET("/api/visits/{id}/trail", { params });
  }
}

/** Who did what, when and from which device; asked for when it is opened. */
export function Trail({ of }: Props) {
  const [open, setOpen] = useState(false);
  const all = useQuery({
    queryKey: ["trail", of],
    queryFn: () => said(asked(of)),
    enabled: open,
    staleTime: 0,
  });
  return (
    <details className="mt-2" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="touch soft inline-flex cursor-pointer items-center underline">
        {worded("trail.who-did-what")}
      </summary>
      {open && all.isPending && <p role="status">{worded("trail.looking-it-up")}</p>}
      {all.error && (
        <p role="alert" className="border-error border-l-4 pl-2">
          {all.error.message}
        </p>
      )}
      {all.data?.length === 0 && <p className="soft">{worded("trail.nothing-is-written-down")}</p>}
      <ol className="max-h-72 overflow-auto">
        {all.data?.map((l) => (
          <li key={`${l.at}${l.who}${l.done}`} className="border-base-300 border-t py-1">
            <b>{l.who ?? worded("trail.the-server-itself")}</b> {l.done}
            <span className="soft block text-sm">
              {momentTold(l.at)}
              {l.device && ` · ${l.device}`}
            </span>
          </li>
        ))}
      </ol>
    </details>
  );
}
