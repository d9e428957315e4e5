import { useCallback, useMemo, useState } from "react";
import type { PlanDocument, Stroke, Strokes } from "../api/types";
import { wasCut } from "../draw/tools";
import { useView } from "../draw/useView";
import { ViewButtons } from "../draw/ViewButtons";
import type { ViewName } from "../draw/views";
import { Loading } from "../frame/States";
import type { SitHead } from "../parts/readSit";
import { Stepper } from "../parts/Stepper";
import { useHead, useSeams } from "../parts/useHead";
import { lengthStep, toMm, toShown, unitOf } from "../store/units";
import { useFall } from "../store/useFall";
import { useOutcome } from "../store/useOutcome";
import { useSettled } from "../store/useSettled";
import { worded } from "../words/worded";
import { CombSide } from "./CombSide";
import { CombStage } from "./CombStage";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import { DrillHead } from "./DrillHead";
import type { DrillProps } from "./drill";
import { crossings, outline } from "./Lines3D";
import { Replay } from "./Replay";
import { useSkin } from "./useSkin";

const FIRST_GAP_MM = 10;
/** A cut is drawn within so long of its lengths' being there. */
const SEEN_MS = 120;
/** More strokes than these no try has. */
const MOST_STROKES = 80;

const viewOf = (stand: string | undefined): ViewName =>
  stand === "left" || stand === "right" || stand === "front" ? stand : "back";

/** Columns stand from the hairline up to so much of the way to the apex. */
const COLUMNS_FROM = 0.5;
const FULL_TURN = 360;
/** Nothing is asked so far round to the front, where degrees begin again. */
const FRONT_DEG = 60;

/** The middle of each column on the skin. */
function columnLines(skin: SitHead, columnsDeg: number[]) {
  const round = skin.fields.azimuth.map((a, i) =>
    Math.abs(a) < FRONT_DEG || (skin.fields.share[i] as number) < COLUMNS_FROM
      ? Number.NaN
      : (a + FULL_TURN) % FULL_TURN,
  );
  return crossings(
    skin.head.scalp,
    round,
    columnsDeg.map((c) => (c + FULL_TURN) % FULL_TURN),
  );
}

/** Hair over the comb, stroke by stroke: the comb is led over the head, and what it holds is cut. */
export function LeadComb({ task, units, score, panel, busy, done }: DrillProps) {
  const move = task.document.moves[0];
  const [comb, setComb] = useState(move?.cut as Strokes);
  const [gap, setGap] = useState(FIRST_GAP_MM);
  const [lean, setLean] = useState(0);
  const [turning, setTurning] = useState(false);
  const [played, setPlayed] = useState(false);
  const { view, turn, look } = useView(viewOf(move?.stand));
  const document = useMemo(
    () => ({ ...task.document, moves: [{ ...task.document.moves[0], cut: comb }] }) as PlanDocument,
    [task, comb],
  );
  const { head } = useHead(task.document);
  const { outcome, of } = useOutcome(document);
  const any = comb.strokes.length > 0;
  // How the rest falls is asked for once what was cut is seen: both at once, and the cut would be seen later.
  const seen = useSettled(of ?? null, SEEN_MS);
  const { fall } = useFall(any ? seen : document, 0, true);
  const lengths = outcome?.state(outcome.count - 1);
  const wished = useOutcome(task.ghost ?? null).outcome;
  const { drawn, message } = useSkin(task.document);
  const seams = useSeams(task.document);
  const asked = useMemo(() => {
    if (!wished || !seams) return undefined;
    const [before, after] = [wished.state(0), wished.state(wished.count - 1)];
    return outline(seams, (v) => wasCut(before[v] as number, after[v] as number));
  }, [wished, seams]);
  const columns = useMemo(
    () => (drawn && task.columnsDeg.length > 0 ? columnLines(drawn, task.columnsDeg) : []),
    [drawn, task.columnsDeg],
  );
  const add = useCallback(
    (s: Stroke) => setComb((c) => ({ ...c, strokes: [...c.strokes, s].slice(0, MOST_STROKES) })),
    [],
  );
  const lines = useMemo(() => asked && [...asked, ...columns], [asked, columns]);
  const start =
    task.columnsDeg[comb.strokes.length % Math.max(1, task.columnsDeg.length)] ??
    { left: -105, right: 105 }[view as "left" | "right"] ??
    180;
  if (score)
    return (
      <DrillFrame
        head={
          played ? (
            <Replay
              document={task.document}
              comb={comb}
              view={viewOf(move?.stand)}
              label={worded("practice.head-of", { name: task.name })}
              over={() => setPlayed(false)}
            />
          ) : (
            <DrillHead
              document={score.after}
              meant={score.wished}
              units={units}
              first={viewOf(move?.stand)}
              label={worded("practice.head-of", { name: task.name })}
              paints
            />
          )
        }
        panel={panel}
      >
        <button type="button" className="btn touch text-lg" onClick={() => setPlayed(!played)}>
          {worded(played ? "practice.leave-off" : "practice.play-it-again")}
        </button>
      </DrillFrame>
    );
  return (
    <DrillFrame
      head={
        <>
          <div className="relative min-h-[300px] flex-1">
            <div className="absolute inset-0">
              {message && <p role="alert">{message}</p>}
              {drawn && head && lengths && fall ? (
                <CombStage
                  head={head}
                  skin={drawn}
                  fall={fall}
                  lengths={lengths}
                  comb={comb}
                  {...(lines ? { asked: lines } : {})}
                  gapMm={gap}
                  leanDeg={lean}
                  setGap={setGap}
                  setLean={setLean}
                  startDeg={start}
                  view={view}
                  viewTurn={turn}
                  turning={turning}
                  label={worded("practice.head-of", { name: task.name })}
                  done={add}
                />
              ) : (
                <Loading what={worded("common.the-hair")} />
              )}
            </div>
          </div>
          <div className="flex flex-wrap items-center gap-1">
            <ViewButtons view={view} set={look} />
            <button
              type="button"
              aria-pressed={turning}
              className={`touch ml-auto cursor-pointer border-b-3 px-2 ${turning ? "border-primary font-bold" : "border-transparent"}`}
              onClick={() => setTurning(!turning)}
            >
              {worded("practice.turn-the-head")}
            </button>
          </div>
        </>
      }
    >
      <CombSide
        gapMm={gap}
        leanDeg={lean}
        wishedGapMm={task.gapMm}
        wishedLeanDeg={task.leanDeg}
        units={units}
      />
      <div className="flex flex-wrap gap-4">
        <Stepper
          label={worded("practice.begins-off-the-skin")}
          value={toShown(gap, units)}
          step={lengthStep(units)}
          min={0}
          max={toShown(60, units)}
          unit={unitOf(units)}
          onChange={(v) => setGap(toMm(v, units))}
        />
        <Stepper
          label={worded("practice.leans-off")}
          value={lean}
          step={1}
          min={-20}
          max={60}
          unit="°"
          onChange={setLean}
        />
      </div>
      <p className="text-lg" role="status">
        {worded("practice.strokes", { count: comb.strokes.length })}
      </p>
      <p className="text-lg">{worded("practice.only-within")}</p>
      <p className="soft text-sm">{worded("practice.keys")}</p>
      <Done
        busy={busy}
        tried={false}
        can={comb.strokes.length > 0}
        done={() => done({ kind: "combed", strokes: comb })}
      />
    </DrillFrame>
  );
}
