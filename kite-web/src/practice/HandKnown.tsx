import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, carriedOut } from "../api/http";
import type { PersonView, Practised } from "../api/types";
import { worded } from "../words/worded";
import { SkillPlot } from "./SkillPlot";

/** What is known of the hand, how sure, and what may be done with it. */
export function HandKnown({ practised }: { practised: Practised }) {
  const queries = useQueryClient();
  const anew = () => queries.invalidateQueries({ queryKey: ["practice"] });
  const agree = useMutation({
    mutationFn: (body: { used: boolean; shown: boolean }) =>
      carriedOut(api.PUT("/api/practice/consents", { body })),
    onSuccess: anew,
  });
  const cutsWith = useMutation({
    mutationFn: (leftHand: boolean) => carriedOut(api.PUT("/api/practice/hand", { body: { leftHand } })),
    // What is drawn in whose hands goes by it too.
    onSuccess: (_, leftHanded) => {
      queries.setQueryData<PersonView>(["me"], (me) => me && { ...me, leftHanded });
      return anew();
    },
  });
  const forget = useMutation({
    mutationFn: () => carriedOut(api.DELETE("/api/practice/tries")),
    onSuccess: anew,
  });
  const { used, shown, progress, leftHand } = practised;
  const known = progress.skills.filter((s) => s.offs.length > 0);
  return (
    <section className="grid gap-3">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h2 className="font-bold text-2xl">{worded("practice.your-hand")}</h2>
        <fieldset className="join">
          <legend className="sr-only">{worded("practice.i-cut-with")}</legend>
          {[false, true].map((left) => (
            <button
              key={String(left)}
              type="button"
              aria-pressed={leftHand === left}
              className={`btn join-item touch ${leftHand === left ? "btn-neutral" : ""}`}
              disabled={cutsWith.isPending}
              onClick={() => leftHand !== left && cutsWith.mutate(left)}
            >
              {worded(left ? "practice.left-hand" : "practice.right-hand")}
            </button>
          ))}
        </fieldset>
      </div>
      {known.length === 0 ? (
        <p className="text-lg">{worded("practice.nothing-known")}</p>
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(20rem,100%),1fr))] gap-4">
          {known.map((s) => (
            <li key={s.skill} className="border-base-300 border-t-4 pt-2">
              <SkillPlot skill={s} />
            </li>
          ))}
        </ul>
      )}
      <div className="grid max-w-2xl gap-2">
        <label className="flex items-start gap-3 text-lg">
          <input
            type="checkbox"
            className="checkbox mt-1"
            checked={used}
            onChange={(e) => agree.mutate({ used: e.target.checked, shown })}
          />
          <span>{worded("practice.used-in-my-plans")}</span>
        </label>
        <label className="flex items-start gap-3 text-lg">
          <input
            type="checkbox"
            className="checkbox mt-1"
            checked={shown}
            onChange={(e) => agree.mutate({ used, shown: e.target.checked })}
          />
          <span>{worded("practice.shown-to-who-teaches")}</span>
        </label>
        {known.length > 0 && (
          <button
            type="button"
            className="btn touch justify-self-start"
            disabled={forget.isPending}
            onClick={() => confirm(worded("practice.forget-sure")) && forget.mutate()}
          >
            {worded("practice.forget-it-all")}
          </button>
        )}
      </div>
    </section>
  );
}
