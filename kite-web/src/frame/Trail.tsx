import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { get } from "../api/http";
import type { TrailLine } from "../api/types";

const dated = (at: string) =>
  new Date(at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" });

type Props = {
  /** What it is about, as the server names it: "clients/3", "plans/7", "visits/1". */
  of: string;
};

/** Who did what, when and from which device; asked for when it is opened. */
export function Trail({ of }: Props) {
  const [open, setOpen] = useState(false);
  const all = useQuery({
    queryKey: ["trail", of],
    queryFn: () => get<TrailLine[]>(`/api/${of}/trail`),
    enabled: open,
    staleTime: 0,
  });
  return (
    <details className="mt-2" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="touch soft inline-flex cursor-pointer items-center underline">Who did what</summary>
      {open && all.isPending && <p role="status">Looking it up …</p>}
      {all.error && (
        <p role="alert" className="border-error border-l-4 pl-2">
          {all.error.message}
        </p>
      )}
      {all.data?.length === 0 && <p className="soft">Nothing is written down yet.</p>}
      <ol className="max-h-72 overflow-auto">
        {all.data?.map((l) => (
          <li key={`${l.at}${l.who}${l.done}`} className="border-base-300 border-t py-1">
            <b>{l.who ?? "The server itself"}</b> {l.done}
            <span className="soft block text-sm">
              {dated(l.at)}
              {l.device && ` · ${l.device}`}
            </span>
          </li>
        ))}
      </ol>
    </details>
  );
}
