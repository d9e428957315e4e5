import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, carriedOut } from "../api/http";
import { Problem } from "../frame/Problem";
import { useLearnt } from "../parts/useLearnt";
import { worded } from "../words/worded";

/** What visits taught of this client, and whether it is reckoned with already. */
export function Learnt({ clientId }: { clientId: number }) {
  const queries = useQueryClient();
  const learnt = useLearnt(clientId);
  const forget = useMutation({
    mutationFn: () =>
      carriedOut(api.DELETE("/api/clients/{id}/learnt", { params: { path: { id: clientId } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["learnt", clientId] }),
  });
  if (!learnt.data) return <Problem error={learnt.error} />;
  if (learnt.data.length === 0) return null;
  return (
    <section aria-label={worded("learnt.learnt-of-this-client")}>
      <h2 className="mt-5 font-bold text-xl">{worded("learnt.learnt-of-this-client")}</h2>
      <ul className="mt-1 grid gap-1">
        {learnt.data.map((l) => (
          <li key={l.what} className={`border-l-4 pl-3 ${l.used ? "border-secondary" : "border-base-300"}`}>
            <b>{l.words}</b>{" "}
            <span className="soft">
              {worded("learnt.seen", { from: l.from })}{" "}
              {l.used ? worded("learnt.reckoned-with-from-now") : worded("learnt.too-few-to-reckon")}
            </span>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="touch cursor-pointer underline"
        disabled={forget.isPending}
        onClick={() => forget.mutate()}
      >
        {worded("learnt.forget-this-and-learn")}
      </button>
      <Problem error={forget.error} />
    </section>
  );
}
