import { useDeferredValue, useMemo } from "react";
import type { HeadData, Outcome } from "../api/binary";
import type { GripRow, PlanDocument, Ramp } from "../api/types";
import { BiteOnHair } from "../draw/BiteOnHair";
import { COATS } from "../draw/coats";
import { useFirstDrawn } from "../draw/firstDrawn";
import { Grip3D, handsRoom } from "../draw/Grip3D";
import { Hair3D } from "../draw/Hair3D";
import { Head3D } from "../draw/Head3D";
import { useBenchPaint } from "../draw/useBenchPaint";
import { Xray3D } from "../draw/Xray3D";
import { Loading } from "../frame/States";
import { useSeams } from "../parts/useHead";
import { useLook } from "../store/lookStore";
import type { Units } from "../store/units";
import { useFall } from "../store/useFall";
import { useStylist } from "../store/useStylist";
import { worded } from "../words/worded";
import { Legend } from "./LookBar";

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

const unreached = (message: string) => (
  <p role="alert" className="m-4 border-error border-l-4 pl-3">
    {message}
  </p>
);

/** One plan on its head, painted and dressed as the bench is looked at. */
export function BenchHead(props: Props) {
  const { document, outcome, head, ramp, chosen, grip, over, units, busy, linked } = props;
  const { view, turn, shown, coat, whole, xray, light, bite, played, week: benchWeek } = useLook();
  const week = props.week ?? benchWeek;
  const onHair = grip !== undefined && bite !== null && shown === "fallen";
  const fallen = useFall(document, week, shown === "fallen" && !onHair);
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
  const drawn = useFirstDrawn();
  const seams = useSeams(painted && drawn && shown !== "fallen" ? document : null);
  const move = chosen === undefined ? undefined : document.moves[chosen];
  const stylist = useStylist(move?.stand ?? "back");
  const fits = over !== undefined && over.length === shape?.length;
  const overlays = useMemo(
    () => (
      <>
        {head && over && fits && <Xray3D head={head} before={over} colour={XRAY} />}
        {head && xray && !over && shape && <Xray3D head={head} before={shape} colour={XRAY} />}
        {grip && move && <Grip3D grip={grip} cut={move.cut} stylist={stylist} />}
      </>
    ),
    [head, over, fits, xray, shape, grip, move, stylist],
  );
  const of = props.name ? worded("benchHead.head", { name: props.name }) : worded("benchHead.head-2");
  if (onHair && chosen !== undefined) {
    if (!head || !outcome) return <Loading what={worded("common.the-hair")} />;
    return (
      <div className="absolute inset-0">
        <BiteOnHair
          document={document}
          at={chosen}
          bite={bite}
          played={played}
          outcome={outcome}
          head={head}
          view={view}
          viewTurn={turn}
          label={worded("benchHead.bite-in-hand", { head: of, view, move: chosen + 1, bite })}
          instead={unreached}
        />
      </div>
    );
  }
  if (shown === "fallen") {
    if (fallen.message && !fallen.fall) return unreached(fallen.message);
    if (!head || !outcome || !fallen.fall) return <Loading what={worded("common.the-hair")} />;
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
          label={worded("benchHead.fallen", {
            head: of,
            view,
            week: week ? ` ${worded("benchHead.after-weeks", { week })}` : "",
            words: fallen.fall.reading.words.join(" "),
          })}
        />
      </div>
    );
  }
  const there = head && paint && outcome;
  return (
    <div className="absolute inset-0" aria-busy={busy || !there}>
      <Head3D
        {...(there
          ? {
              head,
              seams,
              paint,
              lengths: outcome.state(done),
              before: outcome.state(all ? done : before),
            }
          : { colours: ramp?.colours })}
        standing={shown === "standing"}
        view={view}
        viewTurn={turn}
        linked={linked}
        above={grip && outcome ? handsRoom(outcome.state(0)) : 1}
        units={units}
        label={worded("benchHead.painted", {
          head: of,
          view,
          coat: COATS[coat].toLowerCase(),
          steps: all
            ? worded("benchHead.after-the-whole-plan")
            : worded("benchHead.after-move", { chosen: (chosen as number) + 1 }),
        })}
      >
        {there && overlays}
      </Head3D>
      {there ? (
        <div className="pointer-events-none absolute right-0 bottom-12 z-10 rounded-box bg-base-100/70 p-1">
          <Legend coat={coat} document={document} rows={rows} />
        </div>
      ) : (
        <div className="absolute inset-0 grid">
          <Loading what={worded("common.the-head")} />
        </div>
      )}
    </div>
  );
}
