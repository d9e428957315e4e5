import { useQuery } from "@tanstack/react-query";
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { api, said } from "../api/http";
import type { PlanDocument, Result } from "../api/types";
import { useFirstDrawn } from "../draw/firstDrawn";
import { KiteString } from "../draw/KiteString";
import { SaveNote } from "../frame/SaveNote";
import { Loading, Trouble } from "../frame/States";
import { ShowClient } from "../parts/ShowClient";
import { useBenchKeys } from "../parts/useBenchKeys";
import { useHead } from "../parts/useHead";
import { ask } from "../store/asks";
import { compareNot, useOther } from "../store/compareStore";
import { look, lookAnew, turnTo, useLook } from "../store/lookStore";
import { choose, plan as kept, openPlan, redo, undo, useChosen, usePlan, useSaid } from "../store/planStore";
import { letGo, useTried } from "../store/tryStore";
import type { Units } from "../store/units";
import { useAnswer } from "../store/useAnswer";
import { useFall } from "../store/useFall";
import { useGrip } from "../store/useGrip";
import { useOutcome } from "../store/useOutcome";
import { useSettled } from "../store/useSettled";
import { useUndoKeys } from "../store/useUndoKeys";
import { worded } from "../words/worded";
import { ComparePicker } from "./ComparePicker";
import { Conflict } from "./Conflict";
import { DialPanel } from "./DialPanel";
import { ErrsMost } from "./ErrsMost";
import { Findings } from "./Findings";
import { HeadPane } from "./HeadPane";
import { KeyHelp } from "./KeyHelp";
import { MapPanel } from "./MapPanel";
import { MovePanel } from "./MovePanel";
import { MoveTools } from "./MoveTools";
import { PlanName } from "./PlanName";
import { Printouts } from "./Printouts";
import { ProfilePanel } from "./ProfilePanel";
import { Reading } from "./Reading";
import { Versions } from "./Versions";

/** The fall and the remedies are asked when nothing has changed for so long. */
const SETTLED_MS = 700;

/** The head with the few dials beside it; under each other on a phone. */
const FEW = "sm:grid-cols-[minmax(0,1fr)_300px] sm:grid-rows-[minmax(0,1fr)]";

const NO_MOVES: Result["moves"] = [];
const LateString = memo(KiteString);
const LateMap = memo(MapPanel);
const LateProfile = memo(ProfilePanel);
const LateFindings = memo(Findings);

export function Bench({ units }: { units: string }) {
  const id = Number(useParams().id);
  const few = useSearchParams()[0].has("few");
  const plan = useQuery({
    queryKey: ["plan", id],
    queryFn: () => said(api.GET("/api/plans/{id}", { params: { path: { id } } })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    if (!plan.data) return;
    lookAnew();
    if (few) fewDials();
    compareNot();
    letGo();
    openPlan(plan.data);
  }, [plan.data, few]);
  useEffect(kept.startAutosave, []);
  const ready = usePlan((s) => s.id === id && s.document !== null);
  if (plan.error) return <Trouble error={plan.error} retry={() => plan.refetch()} />;
  if (!ready) return <Loading what={worded("bench.the-plan")} />;
  return <Board units={units as Units} id={id} />;
}

function Board({ units, id }: { units: Units; id: number }) {
  const plan = usePlan((s) => s.document) as PlanDocument;
  const tried = useTried((s) => s.tried);
  const document = tried?.document ?? plan;
  const chosen = Math.min(
    useChosen((s) => s.chosen),
    document.moves.length - 1,
  );
  const answer = useOutcome(document);
  const { outcome, problems, message } = answer;
  const { head, ramp, error } = useHead(document);
  // The map knows sections and head alone: a length changed leaves it as it is.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what the map is drawn from
  const mapped = useMemo(() => document, [document.sections, document.head]);
  const drawn = useFirstDrawn();
  const map = useAnswer(ask.map, mapped, drawn);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what landings hang on
  const grown = useMemo(() => document, [document.head, document.hair]);
  const landings = useAnswer(ask.landings, grown, drawn);
  const bite = useLook((s) => s.bite);
  const profileLarge = useLook((s) => s.profileLarge);
  const few = useLook((s) => s.few);
  const comparing = useOther((s) => s.other !== null);
  // The head is painted first; the other instruments follow when it is, all with one answer and what it is of.
  const shown = useDeferredValue(answer);
  const late = shown.outcome?.result;
  const lateDocument = shown.of ?? document;
  const move = document.moves[chosen];
  const grip = useGrip(document, move?.id ?? "", bite);
  // Once its head is drawn, and nothing has changed for a moment.
  const settled = useSettled(plan, SETTLED_MS, drawn);
  const fallen = useFall(settled, 0, true, "never");
  const remedies = useAnswer(ask.remedies, settled);
  const [help, setHelp] = useState(false);
  const openHelp = useCallback(() => setHelp(true), []);
  useBenchKeys(openHelp);
  useUndoKeys(kept);
  const stand = move?.stand;
  const moveId = move?.id;
  // biome-ignore lint/correctness/useExhaustiveDependencies: another move is looked at from where it is cut
  useEffect(() => {
    if (stand && !few) turnTo(stand);
    look({ bite: null });
  }, [moveId, stand]);
  const bows = useMemo(
    () =>
      lateDocument.moves.map((m, i) => ({ id: m.id, name: m.name, minutes: late?.moves[i]?.minutes ?? 1 })),
    [lateDocument, late],
  );
  if (!move) return <Loading what={worded("bench.the-plan")} />;
  const reading = settled === plan && !tried ? fallen.fall?.reading : undefined;
  const told = reading ?? late;
  const remediesNow = settled === plan ? remedies.data : undefined;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-4 pb-1">
      <TitleRow id={id} title={document.title} help={openHelp} />
      {!few && (
        <div className="flex flex-wrap items-center gap-x-4">
          <div className="min-w-0 flex-1 basis-72">
            <LateString bows={bows} chosen={chosen} choose={choose} />
          </div>
          <MoveTools document={document} chosen={chosen} />
        </div>
      )}
      <Said
        problems={problems.map((p) => `${p.path}: ${p.value}; ${p.allowed}`)}
        message={message || error?.message}
      />
      <div
        className={`grid min-h-0 flex-1 gap-x-4 gap-y-1 ${few ? FEW : `sm:max-lg:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_minmax(230px,27%)_minmax(300px,27%)] ${profileLarge ? "lg:grid-rows-[276px_minmax(0,1fr)]" : "lg:grid-rows-[minmax(0,1fr)_236px]"}`}`}
      >
        <HeadPane
          document={document}
          base={tried?.base}
          outcome={outcome}
          head={head}
          ramp={ramp}
          chosen={chosen}
          grip={grip}
          units={units}
          busy={answer.of !== document && message === ""}
        />
        {!comparing && !few && (
          <LateMap
            map={map.data}
            message={map.message}
            document={lateDocument}
            result={late}
            chosen={chosen}
            grip={grip}
          />
        )}
        <div className={`grid content-start gap-3 lg:overflow-y-auto lg:pr-1 ${few ? "" : "lg:row-span-2"}`}>
          {few ? (
            <DialPanel document={document} units={units} />
          ) : (
            <MovePanel move={move} index={chosen} document={document} result={late} units={units} />
          )}
          {told && (
            <LateFindings
              findings={told.findings}
              words={told.findingWords}
              moves={late?.moves ?? NO_MOVES}
              remediesOf={plan}
              remedies={remediesNow}
              read={reading !== undefined}
            />
          )}
          {reading && <Reading reading={reading} />}
          {!few && <ErrsMost document={settled} units={units} />}
        </div>
        {!few && (
          <div className="min-w-0 sm:max-lg:col-span-2 lg:col-span-2 lg:flex lg:min-h-0 lg:flex-col">
            {late && (
              <LateProfile
                document={lateDocument}
                base={tried?.base}
                result={late}
                map={map.data}
                landings={landings.data}
                weightLines={reading?.weightLines}
                chosen={chosen}
                units={units}
              />
            )}
          </div>
        )}
      </div>
      {help && <KeyHelp shut={() => setHelp(false)} />}
      <Conflict units={units} />
    </div>
  );
}

const TitleRow = memo(function TitleRow({
  id,
  title,
  help,
}: {
  id: number;
  title: string;
  help: () => void;
}) {
  const clientName = usePlan((s) => s.clientName);
  const clientId = usePlan((s) => s.clientId);
  const canUndo = usePlan((s) => s.done.length > 0);
  const canRedo = usePlan((s) => s.undone.length > 0);
  return (
    <div className="flex flex-wrap items-center gap-x-3">
      <PlanName title={title} clientId={clientId} />
      <Link to={`/clients/${clientId}`} className="touch flex items-center underline">
        {clientName}
      </Link>
      <SaveNote of={kept} choice={false} />
      <span className="ml-auto flex flex-wrap items-center gap-1.5">
        <button
          type="button"
          className="btn touch"
          disabled={!canUndo}
          onClick={undo}
          aria-label={worded("bench.undo")}
        >
          <span className="text-2xl" aria-hidden="true">
            ↶
          </span>
        </button>
        <button
          type="button"
          className="btn touch"
          disabled={!canRedo}
          onClick={redo}
          aria-label={worded("bench.redo")}
        >
          <span className="text-2xl" aria-hidden="true">
            ↷
          </span>
        </button>
        <FewOrAll />
        <ComparePicker id={id} clientId={clientId} />
        <Versions id={id} />
        <ShowClient planId={id} />
        <Printouts id={id} />
        <button
          type="button"
          className="btn touch"
          aria-label={worded("bench.keys-of-the-bench")}
          onClick={help}
        >
          ?
        </button>
        <Link className="btn btn-primary touch text-lg" to={`/plans/${id}/chair`}>
          {worded("bench.to-the-chair")}
        </Link>
      </span>
    </div>
  );
});

/** The head as it falls, on a face one can judge by. */
function fewDials() {
  look({ few: true, shown: "fallen", whole: true });
  turnTo("front");
}

/** From the few dials to all of the bench, and back. */
function FewOrAll() {
  const few = useLook((s) => s.few);
  return (
    <button type="button" className="btn touch" onClick={() => (few ? look({ few: false }) : fewDials())}>
      {few ? worded("bench.all-of-it") : worded("bench.few-dials")}
    </button>
  );
}

/** One line for what was just done, or what stands in the way. */
function Said({ problems, message }: { problems: string[]; message?: string }) {
  const said = useSaid();
  const trouble = problems.length > 0 ? problems : message ? [message] : said.trouble ? [said.words] : [];
  if (trouble.length > 0)
    return (
      <div role="alert" className="border-error border-l-4 pl-3">
        {trouble.map((t) => (
          <p key={t}>{t}</p>
        ))}
      </div>
    );
  return (
    <p role="status" className="min-h-6 truncate text-sm" title={said.words}>
      {said.words}
    </p>
  );
}
