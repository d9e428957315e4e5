import { useState } from "react";
import { Dialog } from "../frame/Dialog";
import { worded } from "../words/worded";
import { DONE, needWords, useDid, useKit } from "./useKit";

/** Before the first bite: this plan's tools that should not touch this client yet, each with a touch to set it right. */
export function KitGate({ clientId, planId }: { clientId: number; planId: number }) {
  const kit = useKit(clientId, planId);
  const did = useDid();
  const [passed, setPassed] = useState(false);
  const blocked = (kit.data ?? []).filter((t) => !t.retired && t.asked && t.needs.some((n) => n.blocks));
  if (passed || blocked.length === 0) return null;
  const open = blocked.flatMap((t) =>
    t.needs.filter((n) => n.blocks && !n.readyAt).map((n) => ({ tool: t.id, act: n.act })),
  );
  const all = async () => {
    for (const d of open) await did.mutateAsync(d);
  };
  return (
    <Dialog title={worded("kitGate.before-this-client")} shut={() => setPassed(true)}>
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
                      className="btn touch text-lg"
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
      <p>{worded("kitGate.nobody-is-cut-with")}</p>
      <div className="flex flex-wrap gap-3">
        {open.length > 0 && (
          <button
            type="button"
            className="btn btn-primary h-14 text-xl"
            disabled={did.isPending}
            onClick={() => void all().catch(() => undefined)}
          >
            {worded("kitGate.all-done", { count: open.length })}
          </button>
        )}
        <button type="button" className="btn h-14 text-lg" onClick={() => setPassed(true)}>
          {worded("kitGate.i-use-other-tools")}
        </button>
      </div>
    </Dialog>
  );
}
