import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ComponentType, useRef, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { api, said } from "../api/http";
import type { DrillId, TaskView, Tried, TryDocument } from "../api/types";
import { Loading, Trouble } from "../frame/States";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import type { DrillProps } from "./drill";
import { FindFault } from "./FindFault";
import { FindLandmark } from "./FindLandmark";
import { HoldIt } from "./HoldIt";
import { LeadComb } from "./LeadComb";
import { PutInOrder } from "./PutInOrder";
import { ReadLength } from "./ReadLength";
import { SaveIt } from "./SaveIt";
import { ScorePanel } from "./ScorePanel";
import { usePractised } from "./usePractised";
import { WalkGuide } from "./WalkGuide";
import { WhatLeaves } from "./WhatLeaves";
import { WholeCut } from "./WholeCut";
import { WithGuards } from "./WithGuards";

const PLAYED: Record<DrillId, ComponentType<DrillProps>> = {
  readLength: ReadLength,
  findLandmark: FindLandmark,
  oneCentimetre: LeadComb,
  overComb: LeadComb,
  guards: WithGuards,
  hold: HoldIt,
  walkGuide: WalkGuide,
  whatLeaves: WhatLeaves,
  findFault: FindFault,
  putInOrder: PutInOrder,
  saveIt: SaveIt,
  wholeCut: WholeCut,
};

const MS = 1000;

/** One drill on one head: what is asked, the hand's try, and what it came to. */
export function DrillPage({ units }: { units: Units }) {
  const drill = useParams().drill as DrillId;
  const [query] = useSearchParams();
  const seed = query.get("seed");
  const level = query.get("level");
  const [turn, setTurn] = useState(0);
  const task = useQuery({
    queryKey: ["drill", drill, seed, level, turn],
    queryFn: () =>
      said(
        api.GET("/api/practice/drills/{drill}", {
          params: {
            path: { drill },
            query: {
              ...(seed === null ? {} : { seed: Number(seed) }),
              ...(level === null ? {} : { level: Number(level) }),
            },
          },
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const mine = usePractised();
  const error = task.error ?? (mine.data ? null : mine.error);
  const retry = () => Promise.all([task.refetch(), mine.refetch()]);
  if (error) return <Trouble error={error} retry={retry} />;
  if (!task.data || !mine.data || !PLAYED[drill]) return <Loading what={worded("practice.the-drill")} />;
  return (
    <Played
      key={`${turn}-${task.data.seed}-${task.data.level}`}
      task={task.data}
      leftHand={mine.data.leftHand}
      units={units}
      again={() => setTurn((t) => t + 1)}
    />
  );
}

type PlayedProps = { task: TaskView; leftHand: boolean; units: Units; again: () => void };

function Played({ task, leftHand, units, again }: PlayedProps) {
  const queries = useQueryClient();
  const go = useNavigate();
  const began = useRef(performance.now());
  const token = useRef(crypto.randomUUID());
  const last = useRef<TryDocument>(undefined);
  const sent = useMutation({
    mutationFn: (attempt: TryDocument) => {
      last.current = attempt;
      return said(api.POST("/api/practice/tries", { body: { token: token.current, attempt } }));
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ["practice"] }),
  });
  const done = (tried: Tried) =>
    sent.mutate({
      version: 1,
      drill: task.drill as TryDocument["drill"],
      seed: task.seed,
      level: task.level,
      seconds: Math.round((performance.now() - began.current) / MS),
      leftHand,
      tried,
    });
  const Drill = PLAYED[task.drill];
  const score = sent.data?.score;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-3 px-6 py-4">
      <div className="flex flex-wrap items-baseline gap-x-5">
        <Link to="/practice" className="touch inline-flex items-center underline">
          {worded("practice.practice")}
        </Link>
        <h1 className="font-bold text-3xl">{task.name}</h1>
        {task.drill === "wholeCut" && <span className="text-xl">{task.ask}</span>}
        <span className="soft">{worded("practice.level", { level: task.level, seed: task.seed })}</span>
      </div>
      {task.drill !== "wholeCut" && <p className="max-w-4xl text-2xl">{task.ask}</p>}
      {sent.error && (
        <div role="alert" className="flex flex-wrap items-center gap-3 border-error border-l-4 pl-3 text-lg">
          {sent.error.message}
          <button
            type="button"
            className="btn touch"
            onClick={() => last.current && sent.mutate(last.current)}
          >
            {worded("practice.send-again")}
          </button>
        </div>
      )}
      <Drill
        task={task}
        units={units}
        {...(score
          ? {
              score,
              panel: (
                <ScorePanel
                  task={task}
                  score={score}
                  units={units}
                  again={() => {
                    void go(`/practice/${task.drill}?seed=${task.seed}&level=${task.level}`, {
                      replace: true,
                    });
                    again();
                  }}
                  another={() => {
                    void go(`/practice/${task.drill}`, { replace: true });
                    again();
                  }}
                />
              ),
            }
          : {})}
        busy={sent.isPending}
        done={done}
      />
    </div>
  );
}
