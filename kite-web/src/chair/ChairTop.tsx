import { useEffect, useState } from "react";
import { Link } from "react-router";
import { Soaking } from "../parts/Soaking";
import { useChair, write } from "../store/chairStore";
import { timeTold } from "../store/shopTime";
import { type Sitting, type Stands, workedMs } from "../store/sitting";
import { worded } from "../words/worded";

type Props = {
  id: number;
  client: string;
  clientId?: number;
  sitting: Sitting;
  stands: Stands;
  leftMin: number;
  speaking: boolean;
  speak: (on: boolean) => void;
};

/** Whose chair it is, how long it has been, when it should be over, and whether all is stored. */
export function ChairTop({ id, client, clientId, sitting, stands, leftMin, speaking, speak }: Props) {
  const [now, setNow] = useState(Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, []);
  const sec = Math.floor(workedMs(sitting, stands, now) / 1000);
  const paused = stands.pausedAt !== null;
  const end = timeTold(now + leftMin * 60_000);
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 pt-2">
      <Link to={`/plans/${id}`} className="touch flex items-center text-lg underline">
        {worded("chairTop.back-to-the-bench")}
      </Link>
      <b className="text-xl">{client}</b>
      <Stored unsent={sitting.unsent.length} />
      {clientId !== undefined && <Soaking clientId={clientId} planId={id} />}
      <span className="ml-auto text-lg">
        {paused
          ? worded("chairTop.paused")
          : worded("chairTop.about-min-left-until", { minutes: Math.max(1, Math.round(leftMin)), end })}
      </span>
      <span
        className="font-bold text-3xl tabular-nums"
        role="timer"
        aria-label={worded("chairTop.time-in-the-chair")}
      >
        {Math.floor(sec / 60)}:{String(sec % 60).padStart(2, "0")}
      </span>
      {sitting.startedAt !== null && (
        <button
          type="button"
          className={`btn touch text-lg ${paused ? "btn-primary" : ""}`}
          onClick={() => write({ kind: paused ? "resumed" : "paused" })}
        >
          {paused ? worded("chairTop.go-on") : worded("chairTop.pause")}
        </button>
      )}
      <button
        type="button"
        className={`btn touch text-lg ${speaking ? "btn-neutral" : ""}`}
        aria-pressed={speaking}
        onClick={() => speak(!speaking)}
      >
        {worded("chairTop.say-it")}
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
        {worded("chairTop.this-devices-storage-is")}
      </span>
    );
  if (!reached)
    return (
      <span role="status" className="rounded-box bg-accent px-3 py-1 font-bold text-accent-content">
        {worded("chairTop.no-network")}{" "}
        {unsent === 0 ? worded("chairTop.go-on-it-is") : worded("chairTop.kept-on-this-device", { unsent })}
      </span>
    );
  return <span role="status">{unsent === 0 ? worded("chairTop.stored") : worded("chairTop.storing")}</span>;
}
