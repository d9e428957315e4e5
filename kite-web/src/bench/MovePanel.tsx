import type { Move, Result } from "../api/types";
import { change } from "../store/planStore";
import type { Units } from "../store/units";
import { EdgePanel } from "./EdgePanel";
import { FingersPanel } from "./FingersPanel";
import { Pick } from "./Pick";
import { Stepper } from "./Stepper";

const TOOLS = [
  ["clipper", "clipper"],
  ["scissors", "scissors"],
] as const;
const GRAINS = [
  ["with", "with the grain"],
  ["against", "against the grain"],
] as const;

type Props = { move: Move; index: number; result?: Result; units: Units };

/** The chosen move: what it says, and its numbers where they stand. */
export function MovePanel({ move, index, result, units }: Props) {
  const at = ["moves", index, "cut"];
  const { cut } = move;
  const words = result?.words[index];
  const done = result?.moves[index];
  return (
    <section aria-label="The chosen move" className="grid content-start gap-3">
      <div>
        <h2 className="font-bold text-2xl">
          <span className="text-primary">{index + 1}</span> {move.name}
        </h2>
        <p>{words?.sentence}</p>
      </div>
      {cut.kind === "fingers" && <FingersPanel cut={cut} at={at} units={units} />}
      {cut.kind === "comb" && (
        <>
          <Stepper
            large
            label="Off the skin at the start"
            value={cut.gapMm}
            step={0.5}
            min={0}
            max={60}
            unit="mm"
            onChange={(v) => change([...at, "gapMm"], v)}
          />
          <div className="grid grid-cols-2 gap-3">
            <Stepper
              label="Comb leans off the head"
              value={cut.outDeg}
              step={1}
              min={-20}
              max={80}
              unit="°"
              onChange={(v) => change([...at, "outDeg"], v)}
            />
            <Pick
              label="Tool"
              value={cut.tool}
              options={TOOLS}
              onChange={(v) => change([...at, "tool"], v)}
            />
          </div>
        </>
      )}
      {cut.kind === "guard" && (
        <>
          <Stepper
            large
            label="Guard number"
            value={cut.number}
            step={0.5}
            min={0}
            max={12}
            unit=""
            onChange={(v) => change([...at, "number"], v)}
          />
          <div className="grid grid-cols-2 gap-3">
            <Stepper
              label="Lever adds"
              value={cut.leverMm}
              step={0.5}
              min={0}
              max={5}
              unit="mm"
              onChange={(v) => change([...at, "leverMm"], v)}
            />
            <Pick
              label="Grain"
              value={cut.grain}
              options={GRAINS}
              onChange={(v) => change([...at, "grain"], v)}
            />
          </div>
        </>
      )}
      {cut.kind === "edge" && <EdgePanel outline={cut.outline} at={[...at, "outline"]} />}
      {cut.kind === "texture" && (
        <div className="grid grid-cols-2 gap-3">
          <Stepper
            label="Passes"
            value={cut.passes}
            step={1}
            min={1}
            max={8}
            unit=""
            onChange={(v) => change([...at, "passes"], v)}
          />
          <Stepper
            label="Deepest cut from the ends"
            value={cut.depthMm ?? 30}
            step={1}
            min={1}
            max={300}
            unit="mm"
            onChange={(v) => change([...at, "depthMm"], v)}
          />
        </div>
      )}
      <p className="soft">{move.purpose}</p>
      {move.watch && <p className="border-accent border-l-4 pl-3">{move.watch}</p>}
      {done && (
        <p className="text-sm">
          {done.bites} bites · {Math.max(1, Math.round(done.minutes))} min
          {done.cutAreaMm2 === 0 && " · takes nothing off"}
        </p>
      )}
    </section>
  );
}
