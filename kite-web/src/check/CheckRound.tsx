import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { keptJson } from "../api/http";
import type { CheckItem } from "../api/types";
import { useHead, useSeams } from "../bench/useHead";
import { lengthPaint } from "../draw/coats";
import { Head3D } from "../draw/Head3D";
import { Pin3D } from "../draw/Pin3D";
import type { ViewName } from "../draw/views";
import { Loading, Trouble } from "../frame/States";
import { sitDownAt, stayInTouch, useChair, write } from "../store/chairStore";
import { sideOf } from "../store/lookStore";
import { type Sitting, stands } from "../store/sitting";
import { lengthWords, type Units } from "../store/units";
import { useOutcome } from "../store/useOutcome";

const MISSES = [3, 5, 10, 15];
const FAR =
  "Step back and look from afar and in the mirror: level, balanced, the outline clean. Show the client the back.";

/** The round after the cut: seams, last bites, across each section, left against right; then from afar, and dry. */
export function CheckRound({ units }: { units: string }) {
  const id = Number(useParams().id);
  const { sitting, planId, problem } = useChair();
  useEffect(() => {
    if (useChair.getState().planId !== id || !useChair.getState().sitting) void sitDownAt(id);
    return stayInTouch();
  }, [id]);
  if (problem && !sitting) return <Trouble error={new Error(problem)} retry={() => void sitDownAt(id)} />;
  if (!sitting || planId !== id) return <Loading what="the round" />;
  return <Walking id={id} sitting={sitting} units={units as Units} />;
}

function Walking({ id, sitting, units }: { id: number; sitting: Sitting; units: Units }) {
  const go = useNavigate();
  const t = useMemo(() => stands(sitting), [sitting]);
  const round = useQuery({
    queryKey: ["check-round", id, JSON.stringify(t.document.moves)],
    queryFn: () => keptJson("/api/check-round", t.document),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const { outcome } = useOutcome(t.document, true);
  const { head, ramp } = useHead(t.document, true);
  const seams = useSeams(t.document, true);
  const last = outcome?.state(outcome.count - 1);
  const paint = useMemo(() => (last && ramp ? lengthPaint(last, ramp) : undefined), [last, ramp]);
  const [looked, setLooked] = useState<number | null>(null);
  const items = round.data?.items ?? [];
  const count = items.length + 1;
  const open = Array.from({ length: count }, (_, i) => i).find((i) => !t.checked.has(i));
  const at = looked ?? open ?? count;
  const enter = (longerMm: number) => {
    write({ kind: "checked", item: at, longerMm });
    setLooked(null);
  };
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      if (e.key === "PageDown" && at < count) enter(0);
      else if (e.key === "PageUp") setLooked(Math.max(0, at - 1));
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  });
  const item = items[at];
  const places = outcome?.result.head.landmarks;
  const pins = useMemo(
    () =>
      item && places
        ? [item.place, ...(item.kind === "balance" ? [item.place.replace("Left", "Right")] : [])].map((p) => {
            const [x, y, z] = places[p] ?? [];
            if (x === undefined || y === undefined || z === undefined) return null;
            return <Pin3D key={p} at={[x, y, z]} />;
          })
        : null,
    [item, places],
  );
  if (round.error) return <Trouble error={round.error} retry={() => round.refetch()} />;
  if (!round.data || !outcome || !head || !paint || !last) return <Loading what="the round" />;
  const missed = [...t.checked].filter(([, mm]) => mm > 0);
  const over = at >= count;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-5 pb-3 lg:max-h-[calc(100dvh-56px)]">
      <div className="flex flex-wrap items-baseline gap-4 py-2">
        <h1 className="font-bold text-3xl">Check</h1>
        <span className="text-xl tabular-nums">
          {Math.min(at + 1, count)} of {count}
        </span>
        <span className="flex flex-1 gap-1" aria-hidden="true">
          {Array.from({ length: count }, (_, i) => (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: the round's own numbers
              key={i}
              className={`h-3 flex-1 rounded-full ${tone(t.checked.get(i), i === at)}`}
            />
          ))}
        </span>
        <Link to={`/plans/${id}/chair`} className="touch flex items-center text-lg underline">
          Back to the chair
        </Link>
      </div>
      <div className="grid min-h-0 flex-1 gap-5 md:grid-cols-[1fr_1.2fr]">
        <div className="relative min-h-[280px]">
          <div className="absolute inset-0">
            <Head3D
              head={head}
              seams={seams}
              paint={paint}
              lengths={last}
              before={last}
              view={item ? viewOf(item) : "back"}
              viewTurn={at}
              units={units}
              labelled={false}
              label={
                item
                  ? `Head with the place that is checked marked: ${round.data.words[at]}`
                  : "Head from behind"
              }
            >
              {pins}
            </Head3D>
          </div>
        </div>
        <div className="flex min-h-0 flex-col gap-3">
          <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto" aria-live="polite">
            {over ? (
              <Found missed={missed} words={round.data.words} units={units} again={setLooked} />
            ) : (
              <p className="text-3xl leading-snug">{round.data.words[at] ?? FAR}</p>
            )}
            {over && t.forDry.length > 0 && (
              <div className="border-accent border-l-8 bg-base-200 p-3">
                <b className="text-xl">To look at dry</b>
                <ul>
                  {t.forDry.map((w) => (
                    <li key={w}>
                      <button
                        type="button"
                        className="btn touch mt-1 text-lg"
                        onClick={() => write({ kind: "drySeen", what: w })}
                      >
                        {w}: seen
                      </button>
                    </li>
                  ))}
                </ul>
              </div>
            )}
          </div>
          {over ? (
            <button
              type="button"
              className="btn btn-primary h-20 text-3xl"
              onClick={() => go(`/plans/${id}/finish`)}
            >
              To the finish
            </button>
          ) : (
            <>
              {item && (
                <fieldset className="grid gap-1">
                  <legend className="text-xl">It is longer there by</legend>
                  <span className="grid grid-cols-4 gap-3">
                    {MISSES.map((mm) => (
                      <button key={mm} type="button" className="btn h-16 text-2xl" onClick={() => enter(mm)}>
                        {lengthWords(mm, units)}
                      </button>
                    ))}
                  </span>
                </fieldset>
              )}
              <div className="grid grid-cols-[1fr_3fr] gap-3">
                <button
                  type="button"
                  className="btn h-20 text-2xl"
                  disabled={at === 0}
                  onClick={() => setLooked(at - 1)}
                >
                  Back
                </button>
                <button type="button" className="btn btn-primary h-20 text-3xl" onClick={() => enter(0)}>
                  Fine
                </button>
              </div>
            </>
          )}
        </div>
      </div>
    </div>
  );
}

/** Balance is looked at facing the client or from behind. */
function viewOf(item: CheckItem): ViewName {
  if (item.kind !== "balance") return sideOf(item.place) ?? "back";
  return /behind|mastoid|nape/i.test(item.place) ? "back" : "front";
}

function tone(longerMm: number | undefined, here: boolean): string {
  if (here) return "bg-primary";
  if (longerMm === undefined) return "bg-base-300";
  return longerMm > 0 ? "bg-accent" : "bg-secondary";
}

type FoundProps = {
  missed: [number, number][];
  words: string[];
  units: Units;
  again: (item: number) => void;
};

/** Where to take how much: only what stands out, and the round is not recut. */
function Found({ missed, words, units, again }: FoundProps) {
  if (missed.length === 0) return <p className="text-3xl">All of it is fine.</p>;
  return (
    <>
      <p className="text-2xl">Take only what stands out; do not recut.</p>
      <ul className="grid gap-2">
        {missed.map(([i, mm]) => (
          <li key={i} className="border-accent border-l-8 bg-base-200 p-3 text-xl">
            <b className="text-2xl">Take {lengthWords(mm, units)}.</b> {words[i]}{" "}
            <button type="button" className="touch cursor-pointer underline" onClick={() => again(i)}>
              Look again
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
