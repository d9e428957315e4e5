import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { get, send } from "../api/http";
import type { SitDownView } from "../api/types";
import { Choice } from "../sit/fields";

/** What may come off; the words carry the trade's measure. */
export const HOW_MUCH: [string, string][] = [
  ["little", "a little"],
  ["some", "some"],
  ["all", "what it takes"],
];

/** How much may come off, changed where the shapes are looked at: they are ranked and drawn anew. */
export function HowMuch({ client }: { client: number }) {
  const queries = useQueryClient();
  const sat = useQuery({
    queryKey: ["sitdown", client],
    queryFn: () => get<SitDownView>(`/api/clients/${client}/sitdown`),
  });
  const save = useMutation({
    mutationFn: (howMuch: string) => {
      const s = sat.data as SitDownView;
      const document = { ...s.document, wishes: { ...s.document.wishes, howMuch } };
      return send("PUT", `/api/sitdowns/${s.id}`, { version: s.version, document });
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
        name="How much may come off"
        value={String(sat.data.document.wishes?.howMuch ?? "all")}
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
