import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { get } from "../api/http";
import type { PlanView } from "../api/types";
import { useHead } from "../bench/useHead";
import { lengthPaint } from "../draw/coats";
import { Head3D } from "../draw/Head3D";
import { KiteString } from "../draw/KiteString";
import { Loading, Trouble } from "../frame/States";
import { chairSession, keepChair } from "../store/chairStore";
import { useOutcome } from "../store/useOutcome";

const STANDS = {
  front: "Stand in front",
  left: "Stand at the client's left",
  right: "Stand at the client's right",
  back: "Stand behind",
};

/** One move fills the screen. */
export function Chair() {
  const id = Number(useParams().id);
  const go = useNavigate();
  const plan = useQuery({
    queryKey: ["chair-plan", id],
    queryFn: () => get<PlanView>(`/api/plans/${id}`),
    gcTime: 0,
  });
  const document = plan.data?.document ?? null;
  const { outcome, message } = useOutcome(document);
  const { head, ramp, error } = useHead(document);
  const [session, setSession] = useState(() => chairSession(id));
  const [now, setNow] = useState(Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, []);
  const count = document?.moves.length ?? 0;
  const step = (by: number) => {
    if (count === 0) return;
    const done = by > 0 ? Math.max(session.done, session.index + 1) : session.done;
    const next = { ...session, done, index: Math.min(count - 1, Math.max(0, session.index + by)) };
    setSession(next);
    keepChair(id, next);
    if (by > 0 && session.index === count - 1) go(`/plans/${id}/finish`);
  };
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      if (e.key === "PageDown") step(1);
      else if (e.key === "PageUp") step(-1);
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  });
  useEffect(() => {
    const lock = navigator.wakeLock?.request("screen").catch(() => undefined);
    return () => void lock?.then((l) => l?.release());
  }, []);
  if (plan.error) return <Trouble error={plan.error} retry={() => plan.refetch()} />;
  if (message || error) return <Trouble error={new Error(message || error?.message)} />;
  const move = document?.moves[session.index];
  if (!document || !move || !outcome || !head || !ramp) return <Loading what="the next move" />;
  const after = outcome.state(session.index + 1);
  const paint = lengthPaint(after, ramp);
  const seconds = Math.max(0, Math.floor((now - Date.parse(session.startedAt)) / 1000));
  const words = outcome.result.words[session.index];
  const made = outcome.result.moves[session.index];
  const finish = session.index === count - 1;
  return (
    <div className="flex min-h-dvh flex-col">
      <div className="flex items-center gap-6 px-6 pt-3">
        <Link to={`/plans/${id}`} className="touch flex items-center text-lg underline">
          Back to the bench
        </Link>
        <span className="text-lg">{plan.data?.clientName}</span>
        <span className="ml-auto font-bold text-3xl" role="timer" aria-label="Time in the chair">
          {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, "0")}
          <span className="soft font-normal text-lg"> of about {Math.round(outcome.result.minutes)} min</span>
        </span>
      </div>
      <div className="px-6">
        <KiteString
          bows={document.moves.map((m, i) => ({
            id: m.id,
            name: m.name,
            minutes: outcome.result.moves[i]?.minutes ?? 1,
          }))}
          chosen={session.index}
          done={session.done}
        />
      </div>
      <div className="grid flex-1 gap-6 px-6 pb-4 md:grid-cols-[1fr_1.15fr]">
        <div className="relative min-h-[280px]">
          <div className="absolute inset-0">
            <Head3D
              head={head}
              paint={paint}
              lengths={after}
              before={outcome.state(session.index)}
              view={move.stand}
              viewTurn={0}
              units="CM"
              labelled={false}
              label={`Head from the ${move.stand}, what move ${session.index + 1} cuts ringed in vermilion`}
            />
          </div>
        </div>
        <div className="flex flex-col gap-3">
          <p className="text-xl">
            {STANDS[move.stand]} · hair {move.damp}
          </p>
          <h1 className="font-bold text-4xl leading-tight">
            <span className="text-primary">{session.index + 1}</span> {move.name}
          </h1>
          <p className="font-bold text-6xl">{words?.headline}</p>
          <p className="text-2xl">{words?.parts.map((p) => p.text).join("")}</p>
          {move.watch && <p className="border-accent border-l-8 bg-base-200 p-3 text-2xl">{move.watch}</p>}
          {move.askFirst && (
            <p className="border-primary border-l-8 bg-base-200 p-3 font-bold text-2xl">
              Ask before you cut.
            </p>
          )}
          <p className="text-xl">
            {made?.bites} bites · about {Math.max(1, Math.round(made?.minutes ?? 0))} min
          </p>
          <div className="mt-auto grid grid-cols-[1fr_2fr] gap-4">
            <button
              type="button"
              className="btn h-20 text-2xl"
              disabled={session.index === 0}
              onClick={() => step(-1)}
            >
              Back
            </button>
            <button type="button" className="btn btn-primary h-20 text-3xl" onClick={() => step(1)}>
              {finish ? "Done: finish" : "Done: next"}
            </button>
          </div>
        </div>
      </div>
    </div>
  );
}
