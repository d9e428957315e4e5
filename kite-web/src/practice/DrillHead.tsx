import { type ReactNode, useEffect, useState } from "react";
import type { PlanDocument } from "../api/types";
import { Hair3D } from "../draw/Hair3D";
import { Head3D } from "../draw/Head3D";
import { useBenchPaint } from "../draw/useBenchPaint";
import { useView } from "../draw/useView";
import { ViewButtons } from "../draw/ViewButtons";
import type { ViewName } from "../draw/views";
import { Loading } from "../frame/States";
import { useHead } from "../parts/useHead";
import type { Units } from "../store/units";
import { useFall } from "../store/useFall";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";

type Props = {
  document: PlanDocument;
  /** The same head as it was meant, to be looked at instead. */
  meant?: PlanDocument | null | undefined;
  units: Units;
  /** From where it is seen until it is turned. */
  first: ViewName;
  label: string;
  /** Lengths may be looked at as paint. */
  paints?: boolean;
  /** Drawn on the head besides. */
  children?: ReactNode;
};

/** The head of a drill as its hair falls, turned by finger; its lengths as paint where that tells nothing it should not. */
export function DrillHead({ document: cameOut, meant, units, first, label, paints, children }: Props) {
  const { view, turn, look } = useView(first);
  const [painted, setPainted] = useState(false);
  useEffect(() => {
    look(first);
  }, [first, look]);
  const [asMeant, setAsMeant] = useState(false);
  const document = (asMeant && meant) || cameOut;
  const { head, ramp, error } = useHead(document);
  const { outcome, message } = useOutcome(document);
  const { fall } = useFall(document, 0, !painted);
  const last = (outcome?.count ?? 1) - 1;
  const { paint } = useBenchPaint({ document, outcome, ramp, coat: "length", done: last, before: 0 });
  const trouble = error?.message || message;
  return (
    <>
      <div className="relative min-h-[300px] flex-1">
        <div className="absolute inset-0">
          {trouble ? (
            <p role="alert" className="m-4 border-error border-l-4 pl-3 text-lg">
              {trouble}
            </p>
          ) : painted && head && outcome && paint ? (
            <Head3D
              head={head}
              paint={paint}
              lengths={outcome.state(last)}
              before={outcome.state(last)}
              view={view}
              viewTurn={turn}
              units={units}
              label={label}
            >
              {children}
            </Head3D>
          ) : head && outcome && fall && !painted ? (
            <Hair3D
              head={head}
              fall={fall}
              lengths={outcome.state(last)}
              view={view}
              viewTurn={turn}
              label={label}
            >
              {children}
            </Hair3D>
          ) : (
            <Loading what={worded("common.the-hair")} />
          )}
        </div>
      </div>
      <div className="flex flex-wrap items-center gap-1">
        <ViewButtons view={view} set={look} />
        {meant && (
          <button
            type="button"
            className={`touch ml-auto cursor-pointer border-b-3 px-2 ${asMeant ? "border-primary font-bold" : "border-transparent"}`}
            aria-pressed={asMeant}
            onClick={() => setAsMeant(!asMeant)}
          >
            {worded("practice.as-it-was-meant")}
          </button>
        )}
        {paints && (
          <button
            type="button"
            className={`touch ${meant ? "" : "ml-auto"} cursor-pointer border-b-3 px-2 ${painted ? "border-primary font-bold" : "border-transparent"}`}
            aria-pressed={painted}
            onClick={() => setPainted(!painted)}
          >
            {worded("practice.lengths")}
          </button>
        )}
      </div>
    </>
  );
}
