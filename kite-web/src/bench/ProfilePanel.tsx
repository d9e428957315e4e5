import { useMemo, useRef, useState } from "react";
import type { FallReading, LandingRow, PlanDocument, Result, ScalpMap, Walk } from "../api/types";
import { type Held, type Mark, Profile } from "../draw/Profile";
import { ProfileTable } from "../draw/ProfileTable";
import { marksOf, weightOn } from "../draw/walks";
import { WalkSection } from "../parts/WalkSection";
import { changes } from "../store/asks";
import { useOther } from "../store/compareStore";
import { type PlanDrag, startDrag } from "../store/dragPlan";
import { look, useLook } from "../store/lookStore";
import { editPlan } from "../store/planStore";
import { lengthWords, type Units } from "../store/units";
import { useOutcome } from "../store/useOutcome";
import { useSize } from "../store/useSize";
import { worded } from "../words/worded";
import { AddLine } from "./AddLine";
import { EdgeProfile } from "./EdgeProfile";
import { EdgeTable } from "./EdgeTable";
import { edgeOf } from "./edges";

const WALKS: Record<Walk["walk"], string> = {
  centre: worded("profilePanel.centre"),
  earToEar: worded("profilePanel.ear-to-ear"),
  edge: worded("profilePanel.edge"),
};
const FORMS = {
  graph: worded("profilePanel.graph"),
  head: worded("profilePanel.on-the-head"),
  table: worded("profilePanel.table"),
} as const;
const FIRST = { width: 800, height: 170 };
/** A slope is pulled against a place at least so far away. */
const KEPT_APART_MM = 25;

type Form = keyof typeof FORMS;
type Props = {
  document: PlanDocument;
  /** The plan the document was made from, when it is one only tried on. */
  base?: PlanDocument;
  result: Result;
  map?: ScalpMap;
  landings?: LandingRow[];
  weightLines?: FallReading["weightLines"];
  chosen: number;
  units: Units;
};

/** Length along a walk over the head or round its edge: seen, pulled, or typed. */
export function ProfilePanel({ document, base, result, map, landings, weightLines, chosen, units }: Props) {
  const [on, setOn] = useState<Walk["walk"]>("centre");
  const [form, setForm] = useState<Form>("graph");
  const [sloping, setSloping] = useState(false);
  const [both, setBoth] = useState(true);
  const [kept, setKept] = useState<number>();
  const { ref, size } = useSize<HTMLDivElement>(FIRST);
  const whole = useLook((s) => s.whole);
  const walk = result.walks.find((w) => w.walk === on) as Walk;
  const other = useCompared(on, base);
  const edge = useMemo(
    () => (on === "edge" ? edgeOf(document, map, walk) : { handles: [], lines: [] }),
    [on, document, map, walk],
  );
  const drag = useRef<PlanDrag | null>(null);
  const sided = on !== "centre";
  const pull = (h: Held, done: boolean) => {
    if (!drag.current) drag.current = startDrag();
    const keptMm = sloping ? keptFor(walk, h.atMm) : undefined;
    setKept(done ? undefined : keptMm);
    drag.current.to(
      changes.length({ walk: on, atMm: h.atMm, lengthMm: h.lengthMm, keptMm, both: sided && both }),
    );
    if (done) drag.current = null;
  };
  const set = (atMm: number, lengthMm: number) =>
    void editPlan(changes.length({ walk: on, atMm, lengthMm, both: sided && both }));
  return (
    <section
      aria-label={worded("profilePanel.profile")}
      className="flex min-h-[260px] min-w-0 flex-col lg:min-h-0 lg:flex-1"
    >
      <div className="flex flex-wrap items-center gap-x-1">
        <fieldset className="flex">
          <legend className="sr-only">{worded("profilePanel.walk")}</legend>
          {(Object.keys(WALKS) as Walk["walk"][]).map((w) => (
            <Tab key={w} on={on === w} name={WALKS[w]} set={() => setOn(w)} />
          ))}
        </fieldset>
        <span className="ml-auto flex">
          {on === "edge" && <AddLine document={document} />}
          {form === "graph" && on !== "edge" && (
            <Tab on={sloping} name={worded("profilePanel.pull-a-slope")} set={() => setSloping(!sloping)} />
          )}
          {sided && form !== "head" && (
            <Tab on={both} name={worded("profilePanel.both-sides")} set={() => setBoth(!both)} />
          )}
        </span>
        <fieldset className="join ml-3">
          <legend className="sr-only">{worded("profilePanel.shown-as")}</legend>
          {(Object.keys(FORMS) as Form[]).map((f) => (
            <button
              key={f}
              type="button"
              aria-pressed={form === f}
              className={`btn join-item touch ${form === f ? "btn-neutral" : ""}`}
              onClick={() => {
                setForm(f);
                look({ profileLarge: f !== "graph" });
              }}
            >
              {FORMS[f]}
            </button>
          ))}
        </fieldset>
      </div>
      <div ref={ref} className={`min-h-0 flex-1 ${form === "table" ? "overflow-y-auto" : "overflow-hidden"}`}>
        {form === "table" ? (
          <div className="flex flex-wrap gap-x-8">
            <div className="min-w-72 flex-1">
              <ProfileTable walk={walk} units={units} set={set} />
            </div>
            {on === "edge" && <EdgeTable handles={edge.handles} document={document} chosen={chosen} />}
          </div>
        ) : form === "head" ? (
          <WalkSection walk={walk} cuts={document.moves.map((m) => m.cut)} other={other} size={size} />
        ) : on === "edge" ? (
          <EdgeProfile edge={walk} {...edge} chosen={chosen} units={units} size={size} />
        ) : (
          <Profile
            walk={walk}
            step={whole ? result.moves.length - 1 : chosen}
            whole={whole}
            units={units}
            cuts={document.moves.map((m) => m.cut)}
            wishes={wishesOn(walk, result, units)}
            other={other}
            pull={base ? undefined : pull}
            keptMm={kept}
            landings={landings?.flatMap((l) => {
              const atMm = walk.marksMm[l.place];
              return atMm === undefined ? [] : [{ ...l, atMm }];
            })}
            ledgesMm={result.ledgesOnWalksMm[walk.walk]}
            weight={weightLines && weightOn(walk, weightLines)}
            size={size}
          />
        )}
      </div>
    </section>
  );
}

function Tab({ on, name, set }: { on: boolean; name: string; set: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`touch cursor-pointer border-b-3 px-2 ${on ? "border-primary font-bold" : "border-transparent"}`}
      onClick={set}
    >
      {name}
    </button>
  );
}

/** Against which place a slope is pulled: the named one next to it, on the way to the nearer end of the walk. */
export function keptFor(walk: Walk, atMm: number): number {
  const marks = marksOf(walk).map((m) => m.atMm);
  const far = marks.filter((d) => Math.abs(d - atMm) > KEPT_APART_MM);
  const low = atMm < walk.lengthMm / 2;
  const outward = far.filter((d) => (low ? d < atMm : d > atMm));
  const from = outward.length > 0 ? outward : [low ? 0 : walk.lengthMm];
  return from.reduce((b, d) => (Math.abs(d - atMm) < Math.abs(b - atMm) ? d : b));
}

function wishesOn(walk: Walk, result: Result, units: Units): Mark[] {
  return result.wishes.flatMap((w) => {
    const atMm = walk.marksMm[w.place];
    if (atMm === undefined) return [];
    const short =
      w.shortfallMm > 1
        ? worded("profilePanel.short-of-it", { length: lengthWords(w.shortfallMm, units) })
        : "";
    return [
      {
        atMm,
        lengthMm: w.wishedMm,
        words: worded("profilePanel.wished", { length: lengthWords(w.wishedMm, units), short }),
      },
    ];
  });
}

/** The other plan's lengths along the same walk, grown by its weeks; or the plan's own before a change tried on. */
function useCompared(on: Walk["walk"], base?: PlanDocument) {
  const other = useOther((s) => s.other);
  const week = useLook((s) => s.week);
  const { outcome } = useOutcome(base ?? other?.document ?? null);
  if (!outcome || !(base || other)) return undefined;
  const walk = outcome.result.walks.find((w) => w.walk === on);
  if (!walk) return undefined;
  const end = walk.afterMove.at(-1)?.lengthMm ?? walk.beforeMm;
  const grown = base || !other ? 0 : (other.week - week) * outcome.result.growthMmPerWeek;
  return {
    name: base ? worded("profilePanel.as-it-was") : (other?.name ?? ""),
    distanceMm: walk.distanceMm,
    lengthMm: end.map((l) => Math.max(0, l + grown)),
  };
}
