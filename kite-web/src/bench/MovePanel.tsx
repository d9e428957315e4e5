import { type ReactNode, useState } from "react";
import { within } from "../api/range";
import type { Move, PlanDocument, Result } from "../api/types";
import { FadePanel } from "../parts/FadePanel";
import { Stepper } from "../parts/Stepper";
import { changes } from "../store/asks";
import { change, editPlan } from "../store/planStore";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { BLADES, LAYERS, OVER_COMB } from "./blades";
import { DampHere } from "./DampHere";
import { EdgePanel } from "./EdgePanel";
import { FingersPanel } from "./FingersPanel";
import { HandlingPanel } from "./HandlingPanel";
import { NextSafe } from "./NextSafe";
import { Pick } from "./Pick";
import { Primary } from "./Primary";
import { Sentence } from "./Sentence";
import { Strays } from "./Strays";

const TOOLS = [
  ["clipper", worded("movePanel.clipper")],
  ["scissors", worded("movePanel.scissors")],
] as const;
const GRAINS = [
  ["with", worded("movePanel.with-the-grain")],
  ["against", worded("movePanel.against-the-grain")],
] as const;

type Props = { move: Move; index: number; document?: PlanDocument; result?: Result; units: Units };

/** The chosen move: what it says, its numbers where they stand, why they are what they are. */
export function MovePanel({ move, index, document, result, units }: Props) {
  const at = ["moves", index, "cut"];
  const { cut } = move;
  const words = result?.words[index];
  const done = result?.moves[index];
  const why = result?.why[index];
  return (
    <section aria-label={worded("movePanel.the-chosen-move")} className="grid content-start gap-2">
      <h2 className="font-bold text-2xl leading-tight">
        <span className="text-primary">{index + 1}</span> {move.name}
      </h2>
      {cut.kind === "fade" && document && (
        <FadePanel document={document} index={index} move={move.id} cut={cut} units={units} />
      )}
      <Primary key={`first-${move.id}`} cut={cut} at={at} units={units} />
      {words && <Sentence key={`said-${move.id}`} parts={words.parts} cut={cut} at={at} units={units} />}
      {move.watch && <p className="border-accent border-l-4 pl-3">{move.watch}</p>}
      {done && done.handling.length > 0 && <p>{sentenceOf(done.handling)}</p>}
      <p className="text-sm">
        <DampHere move={move} index={index} />
        {done && (
          <>
            {cut.kind !== "aside" && worded("movePanel.bites", { bites: done.bites })}{" "}
            {worded("movePanel.min", { minutes: Math.max(1, Math.round(done.minutes)) })}
            {done.cutAreaMm2 === 0 && ` ${worded("movePanel.takes-nothing-off")}`}
          </>
        )}
      </p>
      <Folds
        folds={[
          {
            name: worded("movePanel.why-this-number"),
            show: why || move.purpose ? () => <Why purpose={move.purpose} why={why} /> : undefined,
          },
          {
            name: worded("movePanel.longest-safe-cut"),
            show: document && (() => <NextSafe document={document} done={index} units={units} />),
          },
          {
            name: worded("movePanel.how-it-strays"),
            show:
              document && cut.kind === "fingers"
                ? () => <Strays document={document} index={index} move={move} cut={cut} units={units} />
                : undefined,
          },
          {
            name: worded("movePanel.hand-head-hair"),
            show: cut.kind === "aside" ? undefined : () => <HandlingPanel move={move} index={index} />,
          },
          {
            name: worded("movePanel.every-number"),
            show:
              cut.kind === "aside" || cut.kind === "fade"
                ? undefined
                : () => <Numbers move={move} at={at} units={units} />,
          },
        ]}
      />
    </section>
  );
}

/** Few words each, as one line. */
const sentenceOf = (said: string[]) => {
  const all = said.join(", ");
  return `${all.charAt(0).toUpperCase()}${all.slice(1)}.`;
};

type Fold = { name: string; show?: () => ReactNode };

/** What lies one touch further in; one at a time. */
function Folds({ folds }: { folds: Fold[] }) {
  const [open, setOpen] = useState<string | null>(null);
  const there = folds.filter((f) => f.show);
  return (
    <div>
      <div className="flex flex-wrap gap-x-4">
        {there.map((f) => (
          <button
            key={f.name}
            type="button"
            aria-expanded={open === f.name}
            className={`touch cursor-pointer text-sm underline ${open === f.name ? "font-bold" : ""}`}
            onClick={() => setOpen(open === f.name ? null : f.name)}
          >
            {f.name}
          </button>
        ))}
      </div>
      {there.find((f) => f.name === open)?.show?.()}
    </div>
  );
}

function Why({ purpose, why }: { purpose: string; why?: string }) {
  return (
    <p className="text-sm">
      {purpose} {why}
    </p>
  );
}

function Numbers({ move: { id, cut }, at, units }: { move: Move; at: (string | number)[]; units: Units }) {
  return (
    <>
      {cut.kind === "fingers" && <FingersPanel cut={cut} at={at} units={units} />}
      {cut.kind === "comb" && (
        <div className="grid grid-cols-2 gap-3">
          <Stepper
            label={worded("movePanel.comb-leans-off-the")}
            value={cut.outDeg}
            step={1}
            {...within("comb", "outDeg")}
            unit="°"
            onChange={(v) => change([...at, "outDeg"], v)}
          />
          <Pick
            label={worded("common.tool")}
            value={cut.tool}
            options={TOOLS}
            onChange={(v) => change([...at, "tool"], v)}
          />
          {cut.tool === "clipper" && (
            <Stepper
              label={worded("movePanel.lever-adds")}
              value={cut.leverMm ?? 0}
              step={0.5}
              {...within("comb", "leverMm")}
              unit="mm"
              onChange={(v) => change([...at, "leverMm"], v)}
            />
          )}
          {cut.tool === "scissors" && (
            <Pick
              label={worded("common.cut")}
              value={cut.blade ?? "blunt"}
              options={BLADES.filter(([b]) => OVER_COMB.has(b))}
              onChange={(v) => change([...at, "blade"], v)}
            />
          )}
        </div>
      )}
      {cut.kind === "guard" && (
        <div className="grid grid-cols-2 gap-3">
          <Stepper
            label={worded("movePanel.lever-adds")}
            value={cut.leverMm}
            step={0.5}
            {...within("guard", "leverMm")}
            unit="mm"
            onChange={(v) => change([...at, "leverMm"], v)}
          />
          <Pick
            label={worded("movePanel.grain")}
            value={cut.grain}
            options={GRAINS}
            onChange={(v) => change([...at, "grain"], v)}
          />
        </div>
      )}
      {cut.kind === "edge" && <EdgePanel outline={cut.outline} at={[...at, "outline"]} />}
      {cut.kind === "texture" && (
        <div className="grid grid-cols-2 gap-3">
          <Stepper
            label={worded("movePanel.passes")}
            value={cut.passes}
            step={1}
            {...within("texture", "passes")}
            unit=""
            onChange={(v) => change([...at, "passes"], v)}
          />
          <Stepper
            label={worded("movePanel.hairs-a-pass")}
            value={Math.round(100 * (cut.share ?? 0.3))}
            step={1}
            min={100 * within("texture", "share").min}
            max={100 * within("texture", "share").max}
            unit="%"
            onChange={(v) => change([...at, "share"], v / 100)}
          />
          <Stepper
            label={worded("movePanel.deepest-cut-from-the")}
            value={cut.depthMm ?? 30}
            step={1}
            {...within("texture", "depthMm")}
            unit="mm"
            onChange={(v) => change([...at, "depthMm"], v)}
          />
          <Pick
            label={worded("movePanel.of-the-hair")}
            value={cut.layer ?? "all"}
            options={LAYERS}
            onChange={(v) => change([...at, "layer"], v)}
          />
          <button
            type="button"
            className="btn touch col-span-2"
            onClick={() => void editPlan(changes.weight({ move: id }))}
          >
            {worded("movePanel.thin-to-the-weight")}
          </button>
        </div>
      )}
    </>
  );
}
