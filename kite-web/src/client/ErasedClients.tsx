import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, carriedOut, said } from "../api/http";
import { Problem } from "../frame/Problem";
import { weekdayTold } from "../store/shopTime";
import { worded } from "../words/worded";

/** Who was erased in the last day and can still be brought back; nothing where there is nobody. */
export function ErasedClients() {
  const queries = useQueryClient();
  const all = useQuery({
    queryKey: ["erased"],
    queryFn: async () => (await said(api.GET("/api/clients/erased"))).clients,
  });
  const undo = useMutation({
    mutationFn: (id: number) =>
      carriedOut(api.POST("/api/clients/{id}/unerase", { params: { path: { id } } })),
    onSettled: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["erased"] }),
        queries.invalidateQueries({ queryKey: ["clients"] }),
      ]),
  });
  if (!all.data || all.data.length === 0) return null;
  return (
    <section aria-label={worded("erasedClients.erased-today")} className="mt-8">
      <h2 className="font-bold text-xl">{worded("erasedClients.erased-in-the-last")}</h2>
      <Problem error={undo.error} />
      <ul className="mt-2 grid gap-2">
        {all.data.map((c) => (
          <li key={c.id} className="flex flex-wrap items-center gap-4">
            <span>
              <b>{c.name}</b>{" "}
              <span className="soft">
                {worded("erasedClients.gone-for-good", {
                  when: weekdayTold(c.finalAt),
                })}
              </span>
            </span>
            <button
              type="button"
              className="btn touch"
              disabled={undo.isPending}
              onClick={() => undo.mutate(c.id)}
            >
              {worded("erasedClients.bring-back")}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
