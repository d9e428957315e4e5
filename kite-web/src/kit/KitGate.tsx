import { useState } from "react";
import { DONE, needWords, useDid, useKit } from "./useKit";

/** Before the first bite: this plan's tools that should not touch this client yet, each with a touch to set it right. */
export function KitGate({ clientId, planId }: { clientId: number; planId: number }) {
  const kit = useKit(clientId, planId);
  const did = useDid();
  const [passed, setPassed] = useState(false);
  const blocked = (kit.data ?? []).filter((t) => !t.retired && t.asked && t.needs.some((n) => n.blocks));
  if (passed || blocked.length === 0) return null;
  return (
    <section
      aria-label="Before this client"
      className="absolute inset-x-4 top-16 z-30 mx-auto grid max-w-3xl gap-3 rounded-box border-4 border-error bg-base-100 p-5 shadow-xl"
    >
      <h2 className="font-bold text-2xl">Before this client</h2>
      <ul className="grid gap-3">
        {blocked.map((t) => (
          <li key={t.id} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <b className="text-xl">{t.name}</b>
            {t.needs
              .filter((n) => n.blocks)
              .map((n) => (
                <span key={n.act} className="flex flex-wrap items-center gap-3 text-lg">
                  {needWords(n)}
                  {!n.readyAt && (
                    <button
                      type="button"
                      className="btn btn-primary touch text-lg"
                      disabled={did.isPending}
                      onClick={() => did.mutate({ tool: t.id, act: n.act })}
                    >
                      {DONE[n.act]}
                    </button>
                  )}
                </span>
              ))}
          </li>
        ))}
      </ul>
      <p>
        Nobody is cut with a blade or comb that touched another client. The label of the disinfectant and
        local rules come first.
      </p>
      <button type="button" className="btn touch justify-self-start text-lg" onClick={() => setPassed(true)}>
        I use other tools; go on
      </button>
    </section>
  );
}
