import { StillHead } from "../draw/StillHead";
import { Fitting } from "../shapes/Fitting";
import { useRanking } from "../shapes/useRanking";

type Props = { client: number; version: number; busy: boolean; pick: (family: string) => void };

/** The families on this client's own head, best first, each with its first reason. */
export function Shapes({ client, version, busy, pick }: Props) {
  const { line, problem } = useRanking(client, version);
  if (problem) return <p role="alert">{problem}</p>;
  if (!line.families) return <Fitting line={line} />;
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
