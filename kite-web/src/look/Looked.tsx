import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { ApiError, api, carriedOut, said } from "../api/http";
import { Loading, Trouble } from "../frame/States";
import { sightName } from "../parts/sights";
import { worded } from "../words/worded";
import { ROUND, stepsOf, turned } from "./turning";

const NOT_FOUND = 404;
const ASKED_EACH_MS = 20_000;

const picture = (key: string, what: string, at: number) =>
  `/api/look/${key}/picture.png?what=${what}&view=${ROUND[at]}`;

/** What is planned, as the client sees it: large, turned by a finger, no numbers, one yes. */
export function Looked({ of, over }: { of: string; over: () => void }) {
  const [what, setWhat] = useState("planned");
  const [at, setAt] = useState(1);
  const from = useRef<{ x: number; at: number } | null>(null);
  const look = useQuery({
    queryKey: ["look", of],
    queryFn: () => said(api.GET("/api/look/{key}", { params: { path: { key: of } } })),
    refetchInterval: ASKED_EACH_MS,
    retry: (n, e) => !(e instanceof ApiError && e.status === NOT_FOUND) && n < 2,
  });
  const gone = look.error instanceof ApiError && look.error.status === NOT_FOUND;
  const ended = useRef(over);
  ended.current = over;
  useEffect(() => {
    if (gone) ended.current();
  }, [gone]);
  const endsAt = look.data?.endsAt;
  useEffect(() => {
    if (!endsAt) return;
    const timer = setTimeout(() => ended.current(), Math.max(0, Date.parse(endsAt) - Date.now()));
    return () => clearTimeout(timer);
  }, [endsAt]);
  // The next to either side are there before the finger is.
  useEffect(() => {
    for (const by of [1, -1]) new Image().src = picture(of, what, turned(at, by));
  }, [of, what, at]);
  if (gone) return null;
  if (look.error) return <Trouble error={look.error} retry={() => look.refetch()} />;
  if (!look.data) return <Loading what={worded("look.your-own-picture")} />;
  const { sights, liked } = look.data;
  const yes = async () => {
    await carriedOut(api.POST("/api/look/{key}/liked", { params: { path: { key: of } }, body: { what } }));
    await look.refetch();
  };
  return (
    <main className="flex h-dvh flex-col gap-3 p-4">
      <fieldset className="flex flex-wrap justify-center gap-2">
        <legend className="sr-only">{worded("look.what-you-see")}</legend>
        {sights.map((s) => (
          <button
            key={s.id}
            type="button"
            aria-pressed={s.id === what}
            className={`btn touch px-5 text-xl ${s.id === what ? "btn-neutral" : ""}`}
            onClick={() => setWhat(s.id)}
          >
            {sightName(s.id)}
            {liked === s.id && " ♥"}
          </button>
        ))}
      </fieldset>
      <div
        className="grid min-h-0 flex-1 cursor-grab touch-none place-items-center outline-none focus-visible:ring-4"
        role="slider"
        tabIndex={0}
        aria-label={worded("look.turn-the-head")}
        aria-valuemin={0}
        aria-valuemax={ROUND.length - 1}
        aria-valuenow={at}
        aria-valuetext={ROUND[at]}
        onPointerDown={(e) => {
          from.current = { x: e.clientX, at };
          e.currentTarget.setPointerCapture(e.pointerId);
        }}
        onPointerMove={(e) => {
          if (from.current) setAt(turned(from.current.at, -stepsOf(e.clientX - from.current.x)));
        }}
        onPointerUp={() => {
          from.current = null;
        }}
        onPointerCancel={() => {
          from.current = null;
        }}
        onKeyDown={(e) => {
          if (e.key === "ArrowRight" || e.key === "ArrowUp") setAt(turned(at, 1));
          if (e.key === "ArrowLeft" || e.key === "ArrowDown") setAt(turned(at, -1));
        }}
      >
        <img
          src={picture(of, what, at)}
          alt={sightName(what)}
          draggable={false}
          className="h-full max-h-full w-auto max-w-full select-none object-contain"
        />
      </div>
      <div className="flex items-center justify-center gap-4">
        <button
          type="button"
          className="btn touch px-6 text-3xl"
          aria-label={worded("look.turn-left")}
          onClick={() => setAt(turned(at, -1))}
        >
          ‹
        </button>
        {what === "today" ? null : (
          <button
            type="button"
            className={`btn touch h-16 px-8 font-bold text-2xl ${liked === what ? "btn-neutral" : "btn-primary"}`}
            aria-pressed={liked === what}
            onClick={() => void yes()}
          >
            {liked === what ? worded("look.thats-it-said") : worded("look.thats-it")}
          </button>
        )}
        <button
          type="button"
          className="btn touch px-6 text-3xl"
          aria-label={worded("look.turn-right")}
          onClick={() => setAt(turned(at, 1))}
        >
          ›
        </button>
      </div>
    </main>
  );
}
