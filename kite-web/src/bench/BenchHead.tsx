import { useDeferredValue, useMemo } from "react";
import type { HeadData, Outcome } from "../api/binary";
import type { GripRow, PlanDocument, Ramp } from "../api/types";
import { COATS } from "../draw/coats";
import { Grip3D, handsRoom } from "../draw/Grip3D";
import { Hair3D } from "../draw/Hair3D";
import { Head3D } from "../draw/Head3D";
import { useBenchPaint } from "../draw/useBenchPaint";
import { Xray3D } from "../draw/Xray3D";
import { Loading } from "../frame/States";
import { useLook } from "../store/lookStore";
import type { Units } from "../store/units";
import { useFall } from "../store/useFall";
import { Legend } from "./LookBar";
import { useSeams } from "./useHead";

const XRAY = "#1b3f6b";

type Props = {
  document: PlanDocument;
  outcome?: Outcome;
  head?: HeadData;
  ramp?: Ramp;
  /** The chosen move; all of the plan when it is left out. */
  chosen?: number;
  grip?: GripRow;
  /** Lengths of another shape, laid over as an outline. */
  over?: Float32Array;
  /** A plan whose fallen hair is laid over as an outline. */
  overDocument?: PlanDocument;
  /** Weeks of growth; of the bench itself when left out. */
  week?: number;
  overWeek?: number;
  units: Units;
  busy?: boolean;
  linked?: boolean;
  name?: string;
};

/** One plan on its head, painted and dressed as the bench is looked at. */
export function BenchHead(props: Props) {
  const { document, outcome, head, ramp, chosen, grip, over, units, busy, linked } = props;
  const { view, turn, shown, coat, whole, xray, light, week: benchWeek } = useLook();
  const week = props.week ?? benchWeek;
  const fallen = useFall(document, week, shown === "fallen");
  const ghost = useFall(
    props.overDocument ?? null,
    props.overWeek ?? week,
    shown === "fallen" && props.overDocument !== undefined,
  );
  const last = (outcome?.count ?? 1) - 1;
  const all = whole || chosen === undefined;
  const done = all ? last : Math.min((chosen as number) + 1, last);
  const before = all ? 0 : Math.max(0, done - 1);
  const { paint, rows } = useBenchPaint({ document, outcome, ramp, coat, done, before });
  const shape = outcome?.state(before);
  // The head is painted first; its borders are drawn in when they are there.
  const painted = useDeferredValue(outcome !== undefined, false);
  const seams = useSeams(painted && shown !== "fallen" ? document : null);
  const fits = over !== undefined && over.length === shape?.length;
  const overlays = useMemo(
    () => (
      <>
        {head && over && fits && <Xray3D head={head} before={over} colour={XRAY} />}
        {head && xray && !over && shape && <Xray3D head={head} before={shape} colour={XRAY} />}
        {grip && <Grip3D grip={grip} />}
      </>
    ),
    [head, over, fits, xray, shape, grip],
  );
  const of = props.name ? `${props.name}: head` : "Head";
  if (shown === "fallen") {
    if (fallen.message && !fallen.fall)
      return (
        <p role="alert" className="m-4 border-error border-l-4 pl-3">
          {fallen.message}
        </p>
      );
    if (!head || !outcome || !fallen.fall) return <Loading what="the hair" />;
    return (
      <div className="absolute inset-0" aria-busy={fallen.busy}>
        <Hair3D
          head={head}
          fall={fallen.fall}
          lengths={outcome.state(last)}
          view={view}
          viewTurn={turn}
          linked={linked}
          other={ghost.fall}
          light={light}
          label={`${of} from the ${view} with its hair as it falls${week ? ` after ${week} weeks` : ""}. ${fallen.fall.reading.words.join(" ")}`}
        />
      </div>
    );
  }
  if (!head || !paint || !outcome) return <Loading what="the head" />;
  return (
    <div className="absolute inset-0" aria-busy={busy}>
      <Head3D
        head={head}
        seams={seams}
        paint={paint}
        lengths={outcome.state(done)}
        before={outcome.state(all ? done : before)}
        standing={shown === "standing"}
        view={view}
        viewTurn={turn}
        linked={linked}
        room={grip ? handsRoom(outcome.state(0)) : 1}
        units={units}
        label={`${of} from the ${view}, painted with ${COATS[coat].toLowerCase()} ${all ? "after the whole plan" : `after move ${(chosen as number) + 1}`}`}
      >
        {overlays}
      </Head3D>
      <div className="pointer-events-none absolute right-0 bottom-12 z-10 rounded-box bg-base-100/70 p-1">
        <Legend coat={coat} document={document} rows={rows} />
      </div>
    </div>
  );
}
