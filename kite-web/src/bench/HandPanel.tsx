import { within } from "../api/range";
import type { Fingers, Hand } from "../api/types";
import { change } from "../store/planStore";
import { stepOf, toMm, toShown, type Units, unitOf } from "../store/units";
import { Pick } from "./Pick";
import { Stepper } from "./Stepper";

const STRETCHES = [
  ["aboveHairlineMm", "above the hairline"],
  ["aboveRidgeMm", "above the ridge"],
  ["fromApexMm", "from the apex"],
  ["fromCentreMm", "from the centre"],
] as const;
const TRAVELS = new Set(["travelling", "byEye", "seen", "two"]);

/** The hand within a bite: lifted first, tucked in or standing out over a stretch, round the head. */
export function HandPanel({ cut, at, units }: { cut: Fingers; at: (string | number)[]; units: Units }) {
  const hand = cut.hand ?? {};
  const set = (next: Hand) => {
    const plain = !next.first && !next.tuck && !next.wraps;
    change([...at, "hand"], plain ? undefined : next);
  };
  const { first, tuck } = hand;
  return (
    <>
      <Pick
        label="First"
        value={first ? "lift" : "straight"}
        options={[
          ["straight", "straight to the line"],
          ["lift", "lifted, to lose weight"],
        ]}
        onChange={(v) =>
          set({
            ...hand,
            first: v === "lift" ? { elevationDeg: 120, lengthMm: cut.line.lengthMm } : undefined,
          })
        }
      />
      {first && (
        <>
          <Stepper
            label="Lifted to"
            value={first.elevationDeg}
            step={15}
            {...within("lift", "elevationDeg")}
            unit="°"
            onChange={(v) => set({ ...hand, first: { ...first, elevationDeg: v } })}
          />
          <Stepper
            label="And cut at its lower edge to"
            value={toShown(first.lengthMm, units)}
            step={stepOf(units)}
            min={0}
            max={toShown(within("lift", "lengthMm").max, units)}
            unit={unitOf(units)}
            onChange={(v) => set({ ...hand, first: { ...first, lengthMm: toMm(v, units) } })}
          />
        </>
      )}
      <Pick
        label="Fingers"
        value={tuck ? "stretch" : "line"}
        options={[
          ["line", "along the line"],
          ["stretch", "in or out over a stretch"],
        ]}
        onChange={(v) =>
          set({
            ...hand,
            tuck: v === "stretch" ? { by: "aboveHairlineMm", fromMm: 20, toMm: 50, deg: -20 } : undefined,
          })
        }
      />
      {tuck && (
        <>
          <Stepper
            label="In (below 0) or out"
            value={tuck.deg}
            step={5}
            {...within("tuck", "deg")}
            unit="°"
            onChange={(v) => set({ ...hand, tuck: { ...tuck, deg: v } })}
          />
          <Pick
            label="Measured"
            value={tuck.by as (typeof STRETCHES)[number][0]}
            options={STRETCHES}
            onChange={(by) => set({ ...hand, tuck: { ...tuck, by } })}
          />
          <Stepper
            label="From"
            value={tuck.fromMm}
            step={5}
            min={-200}
            max={tuck.toMm - 1}
            unit="mm"
            onChange={(v) => set({ ...hand, tuck: { ...tuck, fromMm: v } })}
          />
          <Stepper
            label="To"
            value={tuck.toMm}
            step={5}
            min={tuck.fromMm + 1}
            max={400}
            unit="mm"
            onChange={(v) => set({ ...hand, tuck: { ...tuck, toMm: v } })}
          />
        </>
      )}
      {cut.line.kind === "flat" && TRAVELS.has(cut.guide.kind) && (
        <Pick
          label="Past the ridge"
          value={hand.wraps ? "round" : "flat"}
          options={[
            ["flat", "on along the line"],
            ["round", "round the head"],
          ]}
          onChange={(v) => set({ ...hand, wraps: v === "round" })}
        />
      )}
    </>
  );
}
