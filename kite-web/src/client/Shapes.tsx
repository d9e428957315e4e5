import { useEffect, useState } from "react";
import { lines } from "../api/http";
import type { RankLine } from "../api/types";
import { StillHead } from "../draw/StillHead";

type Props = { client: number; version: number; busy: boolean; pick: (family: string) => void };

/** The families on this client's own head, best first, each with its first reason. */
export function Shapes({ client, version, busy, pick }: Props) {
  const [line, setLine] = useState<RankLine>({});
  const [problem, setProblem] = useState("");
  // biome-ignore lint/correctness/useExhaustiveDependencies: another sit-down asks anew
  useEffect(() => {
    const stop = new AbortController();
    setLine({});
    setProblem("");
    lines<RankLine>(`/api/clients/${client}/ranking`, setLine, stop.signal).catch((e: Error) => {
      if (!stop.signal.aborted) setProblem(e.message);
    });
    return () => stop.abort();
  }, [client, version]);
  if (problem) return <p role="alert">{problem}</p>;
  if (!line.families)
    return (
      <p className="mt-2 flex items-center gap-3" aria-live="polite">
        <progress className="progress w-40" value={line.done ?? 0} max={line.of ?? 20} aria-label="Fitting" />
        Fitting shapes to this head and hair
      </p>
    );
  return (
    <ol className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3">
      {line.families.map((f) => (
        <li key={f.id}>
          <button
            type="button"
            className="grid h-full w-full cursor-pointer content-start rounded-box border-2 border-base-300 bg-base-200 p-2 text-left"
            disabled={busy}
            aria-label={f.title}
            aria-describedby={`why-${f.id}`}
            onClick={() => pick(f.id)}
          >
            <StillHead
              of={`clients/${client}/families/${f.id}`}
              version={version}
              name={f.title}
              className="mx-auto h-36"
            />
            <b className="block leading-tight">{f.title}</b>
            <span id={`why-${f.id}`} className="soft block text-sm leading-tight">
              {f.reasons[0]}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}
