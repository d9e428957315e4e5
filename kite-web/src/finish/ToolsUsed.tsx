import type { Cut, PlanDocument, ToolRow } from "../api/types";
import { DONE, KINDS, useDid, useKit } from "../kit/useKit";

const USES: Record<Cut["kind"], ToolRow["kind"][]> = {
  fingers: ["SHEARS"],
  comb: ["COMB", "CLIPPER"],
  guard: ["CLIPPER", "GUARD"],
  edge: ["RAZOR"],
  texture: ["SHEARS"],
  aside: [],
};

/** Tools of the kinds a plan cuts with. */
export function usedIn(document: PlanDocument, tools: ToolRow[]): ToolRow[] {
  const kinds = new Set(document.moves.flatMap((m) => USES[m.cut.kind] ?? []));
  return tools.filter((t) => !t.retired && kinds.has(t.kind));
}

type Props = {
  document: PlanDocument;
  clientId: number;
  /** Ids of the tools that touched this client. */
  used: ReadonlySet<number>;
  toggle: (id: number) => void;
};

/** What touched this client, and where it goes now: a touch puts a tool away clean. */
export function ToolsUsed({ document, clientId, used, toggle }: Props) {
  const kit = useKit(clientId);
  const did = useDid();
  if (kit.error) return <p className="soft">The tools cannot be looked up now; clean them as always.</p>;
  const tools = usedIn(document, kit.data ?? []);
  if (tools.length === 0) return null;
  return (
    <section aria-label="Tools used">
      <h2 className="font-bold text-xl">Tools used</h2>
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
            {t.kind === "RAZOR" && (
              <button
                type="button"
                className="btn touch"
                disabled={did.isPending}
                onClick={() => did.mutate({ tool: t.id, act: "BLADE" })}
              >
                {DONE.BLADE}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
