import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { api, said } from "../api/http";
import { PLACES } from "../api/names";
import type { Place, PlanDocument, Tried } from "../api/types";
import { DrawnStill } from "../draw/DrawnStill";
import { KiteString } from "../draw/KiteString";
import { Loading } from "../frame/States";
import { ChairHead } from "../parts/ChairHead";
import { useHead } from "../parts/useHead";
import type { Units } from "../store/units";
import { useOutcome } from "../store/useOutcome";
import { useSettled } from "../store/useSettled";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";
import { type Dials, LedMove, lying } from "./LedMove";

type Led = Extract<Tried, { kind: "whole" }>["led"][number];

const WEEKS = [0, 4];
/** The hand has stopped for so long: the bite is shown as it is held now. */
const SETTLED_MS = 150;
const SECONDS = 60;
const TICK_MS = 1000;

/** A shape from its first move to its check round, on hair of its own: what comes off stays off. */
export function WholeCut({ task, units, score, panel, busy, done }: DrillProps) {
  const { moves } = task;
  const [led, setLed] = useState<Led[]>([]);
  const [at, setAt] = useState(0);
  const [dials, setDials] = useState<Dials>(() => lying(moves[0]));
  const [notRight, setNotRight] = useState<Place[]>([]);
  const [began] = useState(Date.now);
  const move = moves[at];
  const hand = useMemo(() => (move ? { move: move.id, dials } : null), [move, dials]);
  const settled = useSettled(hand, SETTLED_MS);
  // With the move at hand as the hand has it: what is seen in it is its own.
  const shown = settled && settled.move === move?.id ? [...led, settled] : led;
  const so = useQuery({
    queryKey: ["cut-so-far", task.seed, task.level, shown],
    queryFn: () =>
      said(
        api.POST("/api/practice/after", {
          body: {
            attempt: {
              version: 1,
              drill: "wholeCut",
              seed: task.seed,
              level: task.level,
              seconds: 0,
              tried: { kind: "whole", led: shown },
            },
          },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
  });
  const go = (k: number) => {
    setAt(k);
    setDials(lying(moves[k]));
  };
  const lead = () => {
    if (!move) return;
    setLed([...led, { move: move.id, dials }]);
    go(at + 1);
  };
  if (score)
    return (
      <DrillFrame panel={panel} head={<AfterAll task={task} score={score} units={units} />}>
        {null}
      </DrillFrame>
    );
  return (
    <>
      <KiteString
        bows={moves.map((m) => ({ id: m.id, name: m.name, minutes: 1 }))}
        chosen={at}
        tied={moves.map((m) => led.some((l) => l.move === m.id))}
        choose={go}
      />
      <DrillFrame
        head={
          move ? (
            <InTheHand document={so.data ?? null} units={units} />
          ) : (
            <DrillHead
              document={so.data ?? task.document}
              units={units}
              first="front"
              label={worded("practice.head-of", { name: task.name })}
            />
          )
        }
      >
        {so.error && (
          <p role="alert" className="border-error border-l-4 pl-3 text-lg">
            {so.error.message}
          </p>
        )}
        {move ? (
          <>
            <Heading name={move.name} began={began} />
            <p className="text-lg">{move.asks}</p>
            <LedMove move={move} dials={dials} units={units} set={setDials} />
            <div className="grid grid-cols-[1fr_auto] gap-2">
              <button type="button" className="btn btn-primary h-14 text-xl" onClick={lead}>
                {move.cuts ? worded("practice.cut") : worded("practice.done")}
              </button>
              <button type="button" className="btn h-14 text-lg" onClick={() => go(at + 1)}>
                {worded("practice.leave-it-out")}
              </button>
            </div>
          </>
        ) : (
          <>
            <Heading name={worded("practice.check-round")} began={began} />
            <p className="text-lg">{worded("practice.what-is-not-right")}</p>
            <NotRight places={notRight} set={setNotRight} />
            <Done busy={busy} tried={false} done={() => done({ kind: "whole", led, notRight })} />
          </>
        )}
      </DrillFrame>
    </>
  );
}

/** The last move of a document on its hair, bite in hand, as at the chair. */
function InTheHand({ document, units }: { document: PlanDocument | null; units: Units }) {
  const { outcome, of, message } = useOutcome(document);
  const { head, ramp, error } = useHead(of ?? null);
  const trouble = error?.message || message;
  if (trouble)
    return (
      <p role="alert" className="m-4 border-error border-l-4 pl-3 text-lg">
        {trouble}
      </p>
    );
  if (!of || !outcome || !head || !ramp || of.moves.length === 0)
    return <Loading what={worded("common.the-hair")} />;
  return (
    <div className="grid min-h-0 flex-1">
      <ChairHead
        document={of}
        at={of.moves.length - 1}
        bite={1}
        outcome={outcome}
        head={head}
        ramp={ramp}
        units={units}
        place={null}
        choose={NOWHERE}
        practised
      />
    </div>
  );
}

const NOWHERE = () => undefined;

function Heading({ name, began }: { name: string; began: number }) {
  return (
    <div className="flex items-baseline gap-3">
      <h2 className="min-w-0 flex-1 font-bold text-2xl">{name}</h2>
      <Clock began={began} />
    </div>
  );
}

/** How long it has been. */
function Clock({ began }: { began: number }) {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(tick);
  }, []);
  const sec = Math.max(0, Math.floor((now - began) / TICK_MS));
  return (
    <span
      className="font-bold text-3xl tabular-nums"
      role="timer"
      aria-label={worded("practice.time-since-it-began")}
    >
      {Math.floor(sec / SECONDS)}:{String(sec % SECONDS).padStart(2, "0")}
    </span>
  );
}

/** Named places, marked where they do not look right. */
function NotRight({ places, set }: { places: Place[]; set: (p: Place[]) => void }) {
  return (
    <ul className="grid grid-cols-2 gap-1">
      {PLACES.map(([id, name]) => {
        const on = places.includes(id);
        return (
          <li key={id} className="flex">
            <button
              type="button"
              aria-pressed={on}
              className={`touch w-full cursor-pointer rounded-box border-2 px-2 text-left ${on ? "border-error font-bold" : "border-base-300"}`}
              onClick={() => set(on ? places.filter((p) => p !== id) : [...places, id])}
            >
              {name}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** The head to be turned, and what would have come of it on a client, today and four weeks on. */
function AfterAll({ task, score, units }: Required<Pick<DrillProps, "task" | "score" | "units">>) {
  return (
    <>
      <DrillHead
        document={score.after}
        meant={score.wished}
        units={units}
        first="front"
        label={worded("practice.head-of", { name: task.name })}
        paints
      />
      <ul className="grid grid-cols-4 gap-2">
        {WEEKS.flatMap((week) =>
          [score.after, score.wished].map((document, k) => {
            if (!document) return null;
            const name = worded(k === 0 ? "practice.as-it-came-out" : "practice.as-it-was-meant");
            return (
              <li key={`${week}-${name}`} className="grid">
                <DrawnStill document={document} view="right" week={week} name={name} className="h-36" />
                <span className="text-center">
                  {week === 0
                    ? worded("practice.today", { name })
                    : worded("practice.in-weeks", { name, week })}
                </span>
              </li>
            );
          }),
        )}
      </ul>
    </>
  );
}
