import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { get } from "../api/http";
import type { PlanView } from "../api/types";
import { Hair3D } from "../draw/Hair3D";
import { Head3D } from "../draw/Head3D";
import { KiteString } from "../draw/KiteString";
import { Profile } from "../draw/Profile";
import { ViewButtons } from "../draw/ViewButtons";
import type { ViewName } from "../draw/views";
import { SaveNote } from "../frame/SaveNote";
import { Loading, Trouble } from "../frame/States";
import { choose, plan as kept, openPlan, redo, undo, useChosen, usePlan } from "../store/planStore";
import type { Units } from "../store/units";
import { useFall } from "../store/useFall";
import { useOutcome } from "../store/useOutcome";
import { useUndoKeys } from "../store/useUndoKeys";
import { Findings } from "./Findings";
import { HairControls } from "./HairControls";
import { MovePanel } from "./MovePanel";
import { Reading } from "./Reading";
import { useHead } from "./useHead";

export function Bench({ units }: { units: string }) {
  const id = Number(useParams().id);
  const plan = useQuery({
    queryKey: ["plan", id],
    queryFn: () => get<PlanView>(`/api/plans/${id}`),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    if (plan.data) openPlan(plan.data);
  }, [plan.data]);
  useEffect(kept.startAutosave, []);
  const ready = usePlan((s) => s.id === id && s.document !== null);
  if (plan.error) return <Trouble error={plan.error} retry={() => plan.refetch()} />;
  if (!ready) return <Loading what="the plan" />;
  return <Board units={units as Units} id={id} />;
}

function Board({ units, id }: { units: Units; id: number }) {
  const document = usePlan((s) => s.document);
  const chosen = useChosen((s) => s.chosen);
  const clientName = usePlan((s) => s.clientName);
  const clientId = usePlan((s) => s.clientId);
  const canUndo = usePlan((s) => s.done.length > 0);
  const canRedo = usePlan((s) => s.undone.length > 0);
  const { outcome, problems, message, busy } = useOutcome(document);
  const { head, ramp, error } = useHead(document);
  const [view, setView] = useState<ViewName>("right");
  const [turn, setTurn] = useState(0);
  const [whole, setWhole] = useState(false);
  const [coat, setCoat] = useState<"length" | "hair">("length");
  const [week, setWeek] = useState(0);
  const fallen = useFall(document, week, coat === "hair");
  const move = document?.moves[chosen];
  const stand = move?.stand;
  useEffect(() => {
    if (stand) setView(stand);
  }, [stand]);
  useUndoKeys(kept);
  if (!document || !move) return <Loading what="the plan" />;
  const result = outcome?.result;
  const last = (outcome?.count ?? 1) - 1;
  const state = whole ? last : Math.min(chosen + 1, last);
  const reading = coat === "hair" && week === 0 ? fallen.fall?.reading : undefined;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-1 px-5 py-1.5">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h1 className="font-bold text-2xl">{document.title}</h1>
        <Link to={`/clients/${clientId}`} className="touch flex items-center underline">
          {clientName}
        </Link>
        <SaveNote of={kept} />
        <span className="ml-auto flex flex-wrap items-center gap-2">
          <button type="button" className="btn touch" disabled={!canUndo} onClick={undo}>
            Undo
          </button>
          <button type="button" className="btn touch" disabled={!canRedo} onClick={redo}>
            Redo
          </button>
          <a className="btn touch" href={`/api/plans/${id}/sheet.pdf`} download>
            Cut sheet
          </a>
          <a className="btn touch" href={`/api/plans/${id}/document.json`} download>
            Plan file
          </a>
          <Link className="btn btn-primary touch text-lg" to={`/plans/${id}/chair`}>
            To the chair
          </Link>
        </span>
      </div>
      <KiteString
        bows={document.moves.map((m, i) => ({
          id: m.id,
          name: m.name,
          minutes: result?.moves[i]?.minutes ?? 1,
        }))}
        chosen={chosen}
        choose={choose}
      />
      {(message || error) && (
        <div role="alert" className="border-error border-l-4 pl-3">
          {problems.length > 0
            ? problems.map((p) => (
                <p key={p.path}>
                  {p.path}: {p.value}; {p.allowed}
                </p>
              ))
            : message || error?.message}
        </div>
      )}
      <div className="grid min-h-0 flex-1 gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_390px]">
        <div className="flex min-h-0 flex-col">
          <section className="flex min-h-[300px] flex-1 flex-col" aria-label="The head">
            <div className="flex flex-wrap items-center gap-1">
              <ViewButtons
                view={view}
                set={(v) => {
                  setView(v);
                  setTurn(turn + 1);
                }}
              />
              <fieldset className="join ml-auto">
                <legend className="sr-only">Show</legend>
                {(["length", "hair"] as const).map((c) => (
                  <button
                    key={c}
                    type="button"
                    aria-pressed={coat === c}
                    className={`btn join-item touch ${coat === c ? "btn-neutral" : ""}`}
                    onClick={() => setCoat(c)}
                  >
                    {c === "length" ? "Lengths" : "Hair"}
                  </button>
                ))}
              </fieldset>
              {coat === "length" && (
                <label className="touch flex cursor-pointer items-center gap-2">
                  <input
                    type="checkbox"
                    className="toggle"
                    checked={whole}
                    onChange={(e) => setWhole(e.target.checked)}
                  />
                  whole plan
                </label>
              )}
            </div>
            {coat === "hair" && <HairControls week={week} setWeek={setWeek} />}
            <div className="relative min-h-[260px] flex-1" aria-busy={coat === "hair" ? fallen.busy : busy}>
              {coat === "hair" && head && outcome && fallen.fall ? (
                <div className="absolute inset-0">
                  <Hair3D
                    head={head}
                    fall={fallen.fall}
                    lengths={outcome.state(last)}
                    view={view}
                    viewTurn={turn}
                    label={`Head from the ${view} with its hair as it falls${week ? ` after ${week} weeks` : ""}. ${fallen.fall.reading.words.join(" ")}`}
                  />
                </div>
              ) : coat === "hair" ? (
                fallen.message ? (
                  <p role="alert" className="border-error border-l-4 pl-3">
                    {fallen.message}
                  </p>
                ) : (
                  <Loading what="the hair" />
                )
              ) : head && ramp && outcome ? (
                <div className="absolute inset-0">
                  <Head3D
                    head={head}
                    ramp={ramp}
                    lengths={outcome.state(state)}
                    before={outcome.state(whole ? last : Math.max(0, state - 1))}
                    view={view}
                    viewTurn={turn}
                    units={units}
                    label={`Head from the ${view}, painted with its length ${whole ? "after the whole plan" : `after move ${chosen + 1}, ${move.name}`}`}
                  />
                </div>
              ) : (
                <Loading what="the head" />
              )}
            </div>
          </section>
          <section aria-label="Profiles" className="grid gap-x-5 md:grid-cols-2">
            {result?.walks
              .filter((w) => w.walk !== "edge")
              .map((w) => (
                <Profile
                  key={w.walk}
                  walk={w}
                  step={whole ? result.moves.length - 1 : chosen}
                  whole={whole}
                  units={units}
                />
              ))}
          </section>
        </div>
        <div className="grid content-start gap-3 lg:overflow-y-auto lg:pr-2 lg:pb-2">
          {reading && <Reading reading={reading} />}
          <MovePanel move={move} index={chosen} result={result} units={units} />
          {result && (
            <Findings
              findings={(reading ?? result).findings}
              words={(reading ?? result).findingWords}
              moves={result.moves}
            />
          )}
          {coat === "hair" && <Files id={id} />}
        </div>
      </div>
    </div>
  );
}

const FILES = [
  ["fall.glb", "Fallen shape (GLB)"],
  ["silhouettes.svg", "Outlines (SVG)"],
  ["scalp-map.svg", "Scalp map (SVG)"],
  ["profile.svg", "Profile (SVG)"],
  ["profile.csv", "Lengths (CSV)"],
] as const;

function Files({ id }: { id: number }) {
  return (
    <section aria-label="Files" className="flex flex-wrap gap-x-4 text-sm">
      {FILES.map(([file, name]) => (
        <a
          key={file}
          className="touch flex items-center underline"
          href={`/api/plans/${id}/${file}`}
          download
        >
          {name}
        </a>
      ))}
    </section>
  );
}
