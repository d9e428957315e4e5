import type { TaskView } from "../api/types";
import { Stepper } from "../parts/Stepper";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { CombSide } from "./CombSide";
import { HoldSide } from "./HoldSide";
import { Slider } from "./Slider";
import { StrandSide } from "./StrandSide";

export type MoveAsked = TaskView["moves"][number];
type Dial = MoveAsked["dials"][number]["dial"];
export type Dials = Partial<Record<Dial, number>>;

/** Where the hand lies before a move is led. */
export const lying = (m: MoveAsked | undefined): Dials =>
  Object.fromEntries((m?.dials ?? []).map((d) => [d.dial, d.begins]));

const named = (d: Dial): string => {
  switch (d) {
    case "elevationDeg":
      return worded("practice.how-high-it-is-held");
    case "fingerDeg":
      return worded("practice.how-the-fingers-lie");
    case "gap":
      return worded("practice.where-the-comb-begins");
    case "leanDeg":
      return worded("practice.how-far-it-leans");
    case "off":
      return worded("practice.how-much-comes-off");
    case "farLength":
      return worded("practice.where-they-stop-at-the-far-end");
    default:
      return worded("practice.where-the-fingers-stop");
  }
};

type Props = { move: MoveAsked; dials: Dials; units: Units; set: (dials: Dials) => void };

/** What the hand does in a move, as a drawing from the side that is led; only a guard tells its number. */
export function LedMove({ move, dials, units, set }: Props) {
  const has = (d: Dial) => move.dials.some((x) => x.dial === d);
  const length = move.dials.find((d) => d.dial === "length" || d.dial === "off");
  return (
    <div className="grid gap-2">
      {(has("elevationDeg") || has("fingerDeg")) && (
        <div className="mx-auto w-52">
          <HoldSide elevationDeg={dials.elevationDeg ?? 90} fingerDeg={dials.fingerDeg ?? 0} />
        </div>
      )}
      {has("gap") && (
        <CombSide
          gapMm={dials.gap ?? 0}
          leanDeg={dials.leanDeg ?? 0}
          wishedGapMm={0}
          wishedLeanDeg={0}
          units={units}
        />
      )}
      {length && (
        <StrandSide
          mostMm={length.most}
          atMm={length.dial === "off" ? length.most - (dials.off ?? 0) : (dials.length ?? length.most)}
          farMm={dials.farLength}
        />
      )}
      {move.dials.map((d) =>
        d.dial === "guardNumber" ? (
          <Stepper
            key={d.dial}
            label={worded("practice.the-guard")}
            value={dials.guardNumber ?? d.begins}
            min={d.least}
            max={d.most}
            step={d.step}
            unit=""
            onChange={(v) => set({ ...dials, guardNumber: v })}
          />
        ) : (
          <Slider
            key={d.dial}
            label={named(d.dial)}
            value={dials[d.dial] ?? d.begins}
            min={d.least}
            max={d.most}
            step={d.step}
            set={(v) => set({ ...dials, [d.dial]: v })}
          />
        ),
      )}
    </div>
  );
}
