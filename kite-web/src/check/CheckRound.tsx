import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { keptJson } from "../api/http";
import type { Place, RoundPart } from "../api/types";
import { lengthPaint } from "../draw/coats";
import { Hair3D } from "../draw/Hair3D";
import { Head3D } from "../draw/Head3D";
import { Pin3D } from "../draw/Pin3D";
import type { ViewName } from "../draw/views";
import { Dialog } from "../frame/Dialog";
import { Loading, Trouble } from "../frame/States";
import { usePedal } from "../frame/usePedal";
import { useHead, useSeams } from "../parts/useHead";
import { WaysOut } from "../parts/WaysOut";
import { sitDownAt, stayInTouch, useChair, write } from "../store/chairStore";
import { measuredAt, nextMove, type Sitting, stands } from "../store/sitting";
import type { Units } from "../store/units";
import { useFall } from "../store/useFall";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";
import { Found } from "./Found";
import { Looks } from "./Looks";

/** The round after the cut, by the parts of the head, what is likeliest off first; then from afar, and dry. */
export function CheckRound({ units }: { units: string }) {
  const id = Number(useParams().id);
  const { sitting, planId, problem } = useChair();
  useEffect(() => {
    if (useChair.getState().planId !== id || !useChair.getState().sitting) void sitDownAt(id);
    return stayInTouch();
  }, [id]);
  if (problem && !sitting) return <Trouble error={new Error(problem)} retry={() => void sitDownAt(id)} />;
  if (!sitting || planId !== id) return <Loading what={worded("checkRound.the-round")} />;
  return <Walking id={id} sitting={sitting} units={units as Units} />;
}

function Walking({ id, sitting, units }: { id: number; sitting: Sitting; units: Units }) {
  const go = useNavigate();
  const t = useMemo(() => stands(sitting), [sitting]);
  const measured = useMemo(() => measuredAt(sitting), [sitting]);
  const round = useQuery({
    queryKey: ["check-round", id, JSON.stringify(t.roundOf.moves), measured.join()],
    queryFn: () => keptJson("/api/check-round", { document: t.roundOf, measured }),
    staleTime: Number.POSITIVE_INFINITY,
    // A slip found before anything was checked makes the round anew; the one before stays till then.
    placeholderData: keepPreviousData,
  });
  const { outcome } = useOutcome(t.document, true);
  const { head, ramp } = useHead(t.document, true);
  const seams = useSeams(t.document, true);
  const last = outcome?.state(outcome.count - 1);
  const paint = useMemo(() => (last && ramp ? lengthPaint(last, ramp) : undefined), [last, ramp]);
  const [looked, setLooked] = useState<number | null>(null);
  const [slip, setSlip] = useState("");
  const items = round.data?.items ?? [];
  const parts = round.data?.parts ?? [];
  // Part by part; then all of it from afar, in the mirror, and dry.
  const stops = [...parts.map((p) => p.items), ...LAST.map((_, k) => [items.length + k])];
  const open = stops.findIndex((all) => all.some((i) => !t.checked.has(i)));
  const at = looked ?? (open < 0 ? stops.length : open);
  const part = parts[at];
  // From afar and dry it is hair that is looked at, not lengths.
  const { fall } = useFall(t.document, 0, Boolean(round.data) && !part);
  const { name, how, view } = part ? PARTS[part.part] : (LAST[at - parts.length] ?? LAST[0]);
  const fine = () => {
    for (const item of stops[at] ?? [])
      if (!t.checked.has(item) || !part) write({ kind: "checked", item, longerMm: 0 });
    setLooked(null);
  };
  // What is shorter than meant is a slip of the move that cut there last.
  const shorter = (place: Place, move: string, mm: number) => {
    write({ kind: "tookMore", move, place, mm });
    const after = useChair.getState().sitting;
    setSlip((after && stands(after).slips.at(-1)?.id) ?? "");
  };
  const out = () => {
    setSlip("");
    const now = useChair.getState().sitting;
    // A way out that takes more moves is cut at the chair; the round goes on after it.
    if (now && nextMove(stands(now)) < stands(now).document.moves.length) go(`/plans/${id}/chair`);
  };
  usePedal({
    PageDown: () => at < stops.length && fine(),
    PageUp: () => setLooked(Math.max(0, at - 1)),
  });
  const places = outcome?.result.head.landmarks;
  const pins = useMemo(() => {
    if (!part || !places) return null;
    const all = part.items.flatMap((i) => (items[i]?.at ?? []).map((a) => a.place));
    return [...new Set(all)].map((p) => {
      const [x, y, z] = places[p] ?? [];
      if (x === undefined || y === undefined || z === undefined) return null;
      return <Pin3D key={p} at={[x, y, z]} />;
    });
  }, [part, items, places]);
  if (round.error) return <Trouble error={round.error} retry={() => round.refetch()} />;
  if (!round.data || !outcome || !head || !paint || !last)
    return <Loading what={worded("checkRound.the-round")} />;
  const missed = [...t.checked].filter(([, mm]) => mm > 0);
  const over = at >= stops.length;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-5 pb-3 lg:max-h-[calc(100dvh-56px)]">
      <div className="flex flex-wrap items-baseline gap-4 py-2">
        <h1 className="font-bold text-3xl">{worded("checkRound.check")}</h1>
        <span className="text-xl tabular-nums">
          {worded("checkRound.of", { at: Math.min(at + 1, stops.length), count: stops.length })}
        </span>
        <span className="flex flex-1 gap-1" aria-hidden="true">
          {stops.map((all, i) => (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: the round's own order
              key={i}
              className={`h-3 flex-1 rounded-full ${tone(
                all.map((item) => t.checked.get(item)),
                i === at,
              )}`}
            />
          ))}
        </span>
        <Link to={`/plans/${id}/chair`} className="touch flex items-center text-lg underline">
          {worded("checkRound.back-to-the-chair")}
        </Link>
      </div>
      {slip !== "" && (
        <Dialog title={worded("sheets.cut-too-short")} shut={out}>
          <WaysOut document={t.document} slip={slip} shut={out} />
        </Dialog>
      )}
      <div className="grid min-h-0 flex-1 gap-5 md:grid-cols-[1fr_1.2fr]">
        <div className="relative min-h-[280px]">
          <div className="absolute inset-0">
            {fall && !part ? (
              <Hair3D
                head={head}
                fall={fall}
                lengths={last}
                view={view}
                viewTurn={at}
                label={worded("checkRound.the-head", { view })}
              />
            ) : (
              <Head3D
                head={head}
                seams={seams}
                paint={paint}
                lengths={last}
                before={last}
                view={view}
                viewTurn={at}
                units={units}
                labelled={false}
                label={
                  part
                    ? worded("checkRound.head-with-the-place", { words: name })
                    : worded("checkRound.the-head", { view })
                }
              >
                {pins}
              </Head3D>
            )}
          </div>
        </div>
        <div className="flex min-h-0 flex-col gap-3">
          <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto" aria-live="polite">
            {over ? (
              <Found
                missed={missed}
                words={round.data.words}
                units={units}
                again={(i) => setLooked(stops.findIndex((all) => all.includes(i)))}
              />
            ) : (
              <>
                <h2 className="font-bold text-3xl">{name}</h2>
                <p className={part ? "text-xl" : "text-2xl leading-snug"}>{how}</p>
                {part && round.data.own && (
                  <p className="soft text-lg">{worded("common.by-your-own-hand")}</p>
                )}
                {part && (
                  <Looks
                    items={part.items}
                    round={round.data}
                    checked={t.checked}
                    units={units}
                    shorter={shorter}
                  />
                )}
              </>
            )}
            {at >= stops.length - 1 && t.forDry.length > 0 && (
              <div className="border-accent border-l-8 bg-base-200 p-3">
                <b className="text-xl">{worded("checkRound.to-look-at-dry")}</b>
                <ul>
                  {t.forDry.map((w) => (
                    <li key={w}>
                      <button
                        type="button"
                        className="btn touch mt-1 text-lg"
                        onClick={() => write({ kind: "drySeen", what: w })}
                      >
                        {worded("checkRound.seen", { w })}
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
              {worded("checkRound.to-the-finish")}
            </button>
          ) : (
            <div className="grid grid-cols-[1fr_3fr] gap-3">
              <button
                type="button"
                className="btn h-20 text-2xl"
                disabled={at === 0}
                onClick={() => setLooked(at - 1)}
              >
                {worded("checkRound.back")}
              </button>
              <button type="button" className="btn btn-primary h-20 text-3xl" onClick={fine}>
                {part?.items.some((i) => (t.checked.get(i) ?? 0) > 0)
                  ? worded("checkRound.the-rest-is-fine")
                  : part
                    ? worded("checkRound.all-fine-here")
                    : worded("checkRound.fine")}
              </button>
            </div>
          )}
        </div>
      </div>
    </div>
  );
}

type PartName = RoundPart["part"];

type Look = { name: string; how: string; view: ViewName };

/** Where each part of the head is looked at from, by which hand and by which eye. */
const PARTS: Record<PartName, Look> = {
  top: { name: worded("checkRound.top"), how: worded("checkRound.how-top"), view: "top" },
  left: { name: worded("checkRound.left"), how: worded("checkRound.how-side"), view: "left" },
  right: { name: worded("checkRound.right"), how: worded("checkRound.how-side"), view: "right" },
  back: { name: worded("checkRound.at-the-back"), how: worded("checkRound.how-back"), view: "back" },
  bothSides: {
    name: worded("checkRound.both-sides"),
    how: worded("checkRound.how-both"),
    view: "front",
  },
};

/** A part's bar: what stands out in it shows. */
function tone(longer: (number | undefined)[], here: boolean): string {
  if (here) return "bg-primary";
  if (longer.some((mm) => mm === undefined)) return "bg-base-300";
  return longer.some((mm) => (mm ?? 0) > 0) ? "bg-accent" : "bg-secondary";
}

/** All of it once more, when no part is left. */
const LAST: readonly [Look, ...Look[]] = [
  { name: worded("checkRound.from-afar"), how: worded("checkRound.how-afar"), view: "front" },
  { name: worded("checkRound.in-the-mirror"), how: worded("checkRound.how-mirror"), view: "back" },
  { name: worded("checkRound.dry"), how: worded("checkRound.how-dry"), view: "right" },
];
