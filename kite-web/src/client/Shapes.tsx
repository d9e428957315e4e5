import { Link } from "react-router";
import { StillHead } from "../draw/StillHead";
import { Fitting } from "../parts/Fitting";
import { HowMuch } from "../parts/HowMuch";
import { inWeeks, parted, type Ranked, TODAYS } from "../parts/ranked";
import { ShapeCard } from "../parts/ShapeCard";
import { useRanking } from "../parts/useRanking";
import { worded } from "../words/worded";

type Props = { client: number; version: number; busy: boolean; pick: (family: string) => void };

/** Today's cut first, then the families on this client's own head, best first, each with its first reason. */
export function Shapes({ client, version, busy, pick }: Props) {
  const { line, problem } = useRanking(client, version);
  if (problem) return <p role="alert">{problem}</p>;
  if (!line.families) return <Fitting line={line} />;
  const { today, shapes } = parted(line.families);
  return (
    <div className="mt-2 grid gap-3">
      {today && <Today shape={today} client={client} version={version} busy={busy} pick={pick} />}
      <HowMuch client={client} />
      <ol className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3">
        {shapes.map((f) => (
          <li key={f.id}>
            <button
              type="button"
              className="grid h-full w-full cursor-pointer content-start rounded-box border-2 border-base-300 bg-base-200 p-2 text-left"
              disabled={busy}
              aria-label={f.title}
              aria-describedby={`why-${f.id}`}
              onClick={() => pick(f.id)}
            >
              <ShapeCard shape={f} client={client} version={version} tall="h-36" />
              <span id={`why-${f.id}`} className="soft block text-sm leading-tight">
                {f.reasons[0]}
              </span>
            </button>
            {inWeeks(f.weeks) && (
              <Link
                to={`/clients/${client}/grow/${f.id}`}
                className="touch inline-flex items-center text-sm underline"
              >
                {worded("shapes.growing-out-to-it")}
              </Link>
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}

type TodayProps = Omit<Props, "version"> & { shape: Ranked; version: number };

/** Most who sit down want what they have, tidied: it stands first and large. */
function Today({ shape, client, version, busy, pick }: TodayProps) {
  return (
    <button
      type="button"
      className="flex cursor-pointer flex-wrap items-center gap-3 rounded-box border-2 border-primary bg-base-200 p-2 text-left"
      disabled={busy}
      aria-label={shape.title}
      aria-describedby="why-today"
      onClick={() => pick(shape.id)}
    >
      {(["front", "right", "back"] as const).map((view) => (
        <StillHead
          key={view}
          of={`clients/${client}/families/${shape.id}`}
          version={version}
          view={view}
          name={shape.title}
          className="h-36 w-28"
        />
      ))}
      <span className="grid min-w-48 flex-1 content-center gap-1">
        <b className="text-xl">{shape.title}</b>
        <span id="why-today" className="soft">
          {[TODAYS, ...shape.fit.answered].join(" ")}
        </span>
      </span>
    </button>
  );
}
