import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api, said } from "../api/http";
import type { Place } from "../api/types";
import { KiteString } from "../draw/KiteString";
import { Loading, Trouble } from "../frame/States";
import { usePedal } from "../frame/usePedal";
import { ChairHead } from "../parts/ChairHead";
import { byKey } from "../parts/chairKeys";
import { KitGate } from "../parts/KitGate";
import { useHead } from "../parts/useHead";
import { useLearnt } from "../parts/useLearnt";
import { sitDownAt, start, stayInTouch, useChair, write } from "../store/chairStore";
import { lastDone, nextMove, numberOf, type Sitting, stands } from "../store/sitting";
import type { Units } from "../store/units";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";
import { ChairMove } from "./ChairMove";
import { ChairTop } from "./ChairTop";
import { Hands } from "./Hands";
import { readyWithoutNetwork } from "./offline";
import { Sheets } from "./Sheets";
import { TooSoon } from "./TooSoon";
import { useSpoken } from "./useSpoken";

/** One move fills the screen; what is done is written down by a tap or the pedal, with the network or without. */
export function Chair({ units }: { units: string }) {
  const id = Number(useParams().id);
  const { sitting, planId, problem } = useChair();
  useEffect(() => {
    void sitDownAt(id);
    readyWithoutNetwork(id);
    return stayInTouch();
  }, [id]);
  useEffect(() => {
    const lock = navigator.wakeLock?.request("screen").catch(() => undefined);
    return () => void lock?.then((l) => l?.release());
  }, []);
  if (problem && !sitting) return <Trouble error={new Error(problem)} retry={() => void sitDownAt(id)} />;
  if (!sitting || planId !== id) return <Loading what={worded("chair.the-next-move")} />;
  return <AtWork id={id} sitting={sitting} units={units as Units} />;
}

function AtWork({ id, sitting, units }: { id: number; sitting: Sitting; units: Units }) {
  const go = useNavigate();
  const t = useMemo(() => stands(sitting), [sitting]);
  const { document } = t;
  const count = document.moves.length;
  const [looked, setLooked] = useState<number | null>(null);
  const [place, setPlace] = useState<Place | null>(null);
  const at = Math.min(looked ?? nextMove(t), count - 1);
  const move = document.moves[at];
  const plan = useQuery({
    queryKey: ["chair-plan", id],
    queryFn: () => said(api.GET("/api/plans/{id}", { params: { path: { id } } })),
    retry: false,
  });
  const bias = useLearnt(plan.data?.clientId).data?.find((l) => l.what === "bias");
  const cuts = move?.cut.kind === "fingers" || move?.cut.kind === "comb";
  const { outcome, message } = useOutcome(document, true);
  const { head, ramp, error } = useHead(document, true);
  const words = outcome?.result.words[at];
  const made = outcome?.result.moves[at];
  const spoken = useSpoken(
    move && words
      ? `${move.name}. ${words.headline}. ${move.watch}${move.askFirst ? ` ${worded("chair.ask-first")}` : ""}`
      : "",
  );
  const bites = move ? (t.bites.get(move.id) ?? 0) : 0;
  const allBites = made?.bites ?? 0;
  const ask = move?.askFirst === true && !t.approved.has(move.id);
  const begun = sitting.startedAt !== null;
  const done = () => {
    if (!begun) return start();
    if (!move || ask) return;
    if (!t.done.has(move.id)) write({ kind: "done", move: move.id });
    setLooked(null);
    if (nextMove(stands(useChair.getState().sitting ?? sitting)) >= count) go(`/plans/${id}/check`);
  };
  const bite = () => {
    if (!begun) return start();
    if (!move || ask) return;
    if (bites < allBites && !t.done.has(move.id)) write({ kind: "bite", move: move.id });
    else done();
  };
  const back = () => setLooked(Math.max(0, at - 1));
  usePedal(byKey({ bite, back, done }));
  if (message || error) return <Trouble error={new Error(message || error?.message)} />;
  if (!move || !outcome || !head || !ramp || !made || !words)
    return <Loading what={worded("chair.the-next-move")} />;
  const left = outcome.result.moves.reduce(
    (min, m) => min + (t.done.has(m.id) || t.skipped.has(m.id) ? 0 : m.minutes),
    0,
  );
  return (
    <div className="relative flex min-h-dvh flex-col lg:h-dvh">
      {(sitting.weeksToGo ?? 0) > 0 && t.done.size === 0 && (
        <TooSoon weeks={sitting.weeksToGo ?? 0} clientId={plan.data?.clientId} />
      )}
      {plan.data && !begun && <KitGate clientId={plan.data.clientId} planId={id} />}
      <ChairTop
        id={id}
        client={plan.data?.clientName ?? ""}
        clientId={plan.data?.clientId}
        sitting={sitting}
        stands={t}
        leftMin={left}
        speaking={spoken.on}
        speak={spoken.set}
      />
      <div className="px-5">
        <KiteString
          bows={document.moves.map((m, i) => ({
            id: m.id,
            name: m.name,
            minutes: outcome.result.moves[i]?.minutes ?? 1,
            number: m.job === "slip" ? "×" : String(numberOf(document.moves, i)),
          }))}
          chosen={at}
          tied={document.moves.map((m) => t.done.has(m.id))}
          choose={setLooked}
        />
      </div>
      <div className="grid min-h-0 flex-1 gap-5 px-5 pb-3 md:grid-cols-[1fr_1.2fr]">
        <ChairHead
          document={document}
          at={at}
          bite={Math.min(bites + 1, Math.max(1, allBites))}
          outcome={outcome}
          head={head}
          ramp={ramp}
          units={units}
          place={place}
          choose={setPlace}
        />
        <div className="flex min-h-0 flex-col gap-2">
          <ChairMove
            aside={place !== null}
            move={move}
            number={numberOf(document.moves, at)}
            headline={words.headline}
            said={words.parts.map((p) => p.text).join("")}
            made={made}
            bites={bites}
            dosed={t.dosed}
            skipped={t.skipped.get(move.id)}
            hand={cuts && bias?.heed ? bias.words : undefined}
          />
          <Sheets
            move={move}
            stands={t}
            units={units}
            place={place}
            setPlace={setPlace}
            last={lastDone(sitting)?.entry.kind}
            back={looked !== null ? () => setLooked(null) : undefined}
            moved={() => setLooked(null)}
          />
          <Hands
            begun={begun}
            start={start}
            ask={ask}
            first={at === 0}
            done={t.done.has(move.id)}
            last={at === count - 1}
            bites={bites}
            allBites={allBites}
            yes={() => write({ kind: "approved", move: move.id })}
            back={back}
            bite={bite}
            next={done}
          />
        </div>
      </div>
    </div>
  );
}
