import { useEffect, useState } from "react";
import { Link } from "react-router";
import { useChair, write } from "../store/chairStore";
import { type Sitting, type Stands, workedMs } from "../store/sitting";

type Props = {
  id: number;
  client: string;
  sitting: Sitting;
  stands: Stands;
  leftMin: number;
  speaking: boolean;
  speak: (on: boolean) => void;
};

/** Whose chair it is, how long it has been, when it should be over, and whether all is stored. */
export function ChairTop({ id, client, sitting, stands, leftMin, speaking, speak }: Props) {
  const [now, setNow] = useState(Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, []);
  const sec = Math.floor(workedMs(sitting, stands, now) / 1000);
  const paused = stands.pausedAt !== null;
  const end = new Date(now + leftMin * 60_000).toLocaleTimeString([], {
    hour: "2-digit",
    minute: "2-digit",
    hour12: false,
  });
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 pt-2">
      <Link to={`/plans/${id}`} className="touch flex items-center text-lg underline">
        Back to the bench
      </Link>
      <b className="text-xl">{client}</b>
      <Stored unsent={sitting.unsent.length} />
      <span className="ml-auto text-lg">
        {paused ? "paused" : `about ${Math.max(1, Math.round(leftMin))} min left, until ${end}`}
      </span>
      <span className="font-bold text-3xl tabular-nums" role="timer" aria-label="Time in the chair">
        {Math.floor(sec / 60)}:{String(sec % 60).padStart(2, "0")}
      </span>
      <button
        type="button"
        className={`btn touch text-lg ${paused ? "btn-primary" : ""}`}
        onClick={() => write({ kind: paused ? "resumed" : "paused" })}
      >
        {paused ? "Go on" : "Pause"}
      </button>
      <button
        type="button"
        className={`btn touch text-lg ${speaking ? "btn-neutral" : ""}`}
        aria-pressed={speaking}
        onClick={() => speak(!speaking)}
      >
        Say it
      </button>
    </div>
  );
}

function Stored({ unsent }: { unsent: number }) {
  const { reached, problem, full } = useChair();
  if (problem)
    return (
      <span role="alert" className="border-error border-l-4 pl-2">
        {problem}
      </span>
    );
  if (full)
    return (
      <span role="alert" className="border-error border-l-4 pl-2">
        This device's storage is full: what you tap is kept only as long as this page is open, and sent.
      </span>
    );
  if (!reached)
    return (
      <span role="status" className="rounded-box bg-accent px-3 py-1 font-bold text-accent-content">
        No network. {unsent === 0 ? "Go on; it is kept here." : `${unsent} kept on this device.`}
      </span>
    );
  return <span role="status">{unsent === 0 ? "Stored" : "Storing …"}</span>;
}
