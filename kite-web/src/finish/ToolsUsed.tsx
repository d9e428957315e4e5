import type { ToolRow } from "../api/types";
import { DONE, KINDS, useDid, useKit } from "../parts/useKit";
import { worded } from "../words/worded";

/** Of the kinds this plan cuts with; which they are is worked out of its blades and moves. */
export const usedIn = (tools: ToolRow[]): ToolRow[] => tools.filter((t) => !t.retired && t.asked);

type Props = {
  planId: number;
  clientId: number;
  /** Ids of the tools that touched this client. */
  used: ReadonlySet<number>;
  toggle: (id: number) => void;
  /** Ticks all of these. */
  all: (ids: number[]) => void;
};

/** What touched this client, and where it goes now: a touch puts a tool away clean. */
export function ToolsUsed({ planId, clientId, used, toggle, all }: Props) {
  const kit = useKit(clientId, planId);
  const did = useDid();
  if (kit.error) return <p className="soft">{worded("toolsUsed.the-tools-cannot-be")}</p>;
  const tools = usedIn(kit.data ?? []);
  if (tools.length === 0) return null;
  return (
    <section aria-label={worded("toolsUsed.tools-used")}>
      <h2 className="font-bold text-xl">{worded("toolsUsed.tools-used")}</h2>
      <p className="soft">{worded("toolsUsed.tick-what-touched-this")}</p>
      <button type="button" className="btn touch" onClick={() => all(tools.map((t) => t.id))}>
        {worded("toolsUsed.all-of-these")}
      </button>
      <ul className="mt-1 grid gap-2">
        {tools.map((t) => (
          <li key={t.id} className="flex flex-wrap items-center gap-2">
            <label className="touch flex flex-1 cursor-pointer items-center gap-3 text-lg">
              <input
                type="checkbox"
                className="checkbox"
                checked={used.has(t.id)}
                onChange={() => toggle(t.id)}
              />
              {t.name} <span className="soft">{KINDS[t.kind]}</span>
            </label>
            {t.kind === "razor" && (
              <button
                type="button"
                className="btn touch"
                disabled={did.isPending}
                onClick={() => did.mutate({ tool: t.id, act: "blade" })}
              >
                {DONE.blade}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
