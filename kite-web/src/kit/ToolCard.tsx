import type { ToolRow } from "../api/types";
import { DONE, KINDS, needWords, useDid } from "../parts/useKit";
import { worded } from "../words/worded";

/** One tool: what it is, what it needs, and a touch to say it was done. */
export function ToolCard({ tool }: { tool: ToolRow }) {
  const did = useDid();
  const due = tool.needs.filter((n) => !n.readyAt);
  const blocked = tool.needs.some((n) => n.blocks);
  const edge = blocked ? "border-error" : tool.needs.length > 0 ? "border-accent" : "border-base-300";
  return (
    <li className={`grid content-start gap-2 rounded-box border-2 bg-base-200 p-3 ${edge}`}>
      <span>
        <b className="text-xl">{tool.name}</b>{" "}
        <span className="soft">
          {KINDS[tool.kind]}
          {tool.measuredMm !== undefined &&
            worded("toolCard.measured-mm", { measuredMm: tool.measuredMm.toFixed(1) })}
        </span>
      </span>
      {tool.note && <span className="soft">{tool.note}</span>}
      {tool.needs.length === 0 && <span>{worded("toolCard.ready-for-the-next")}</span>}
      {tool.needs.map((n) => (
        <span key={n.act} className={n.blocks ? "font-bold" : ""}>
          {needWords(n)}
        </span>
      ))}
      <span className="flex flex-wrap gap-2">
        {due.map((n) => (
          <button
            key={n.act}
            type="button"
            className="btn btn-primary touch text-lg"
            disabled={did.isPending}
            onClick={() => did.mutate({ tool: tool.id, act: n.act })}
          >
            {DONE[n.act]}
          </button>
        ))}
      </span>
      {did.error && <span role="alert">{did.error.message}</span>}
    </li>
  );
}
