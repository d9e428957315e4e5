import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, carriedOut, said } from "../api/http";
import type { SitDownView } from "../api/types";
import { worded } from "../words/worded";
import { Choice } from "./fields";

/** What may come off; the words carry the trade's measure. */
export const HOW_MUCH = [
  ["little", worded("howMuch.a-little")],
  ["some", worded("howMuch.some")],
  ["all", worded("howMuch.what-it-takes")],
] as const;

/** How much may come off, changed where the shapes are looked at: they are ranked and drawn anew. */
export function HowMuch({ client }: { client: number }) {
  const queries = useQueryClient();
  const sat = useQuery({
    queryKey: ["sitdown", client],
    queryFn: () =>
      said(api.GET("/api/clients/{clientId}/sitdown", { params: { path: { clientId: client } } })),
  });
  const save = useMutation({
    mutationFn: (howMuch: (typeof HOW_MUCH)[number][0]) => {
      const s = sat.data as SitDownView;
      const document = { ...s.document, wishes: { ...s.document.wishes, howMuch } };
      return carriedOut(
        api.PUT("/api/sitdowns/{id}", {
          params: { path: { id: s.id } },
          body: { version: s.version, document },
        }),
      );
    },
    onSettled: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["sitdown", client] }),
        queries.invalidateQueries({ queryKey: ["client", client] }),
      ]),
  });
  if (!sat.data) return null;
  return (
    <div>
      <Choice
        name={worded("howMuch.how-much-may-come")}
        value={sat.data.document.wishes?.howMuch ?? "all"}
        set={(v) => save.mutate(v)}
        options={HOW_MUCH}
      />
      {save.error && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {save.error.message}
        </p>
      )}
    </div>
  );
}
