import { within } from "../api/range";
import type { Fingers, Hand } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { change } from "../store/planStore";
import { leastStep, lengthStep, toMm, toShown, type Units, unitOf } from "../store/units";
import { worded } from "../words/worded";
import { Pick } from "./Pick";

const STRETCHES = [
  ["aboveHairlineMm", worded("handPanel.above-the-hairline")],
  ["aboveRidgeMm", worded("handPanel.above-the-ridge")],
  ["fromApexMm", worded("handPanel.from-the-apex")],
  ["fromCentreMm", worded("handPanel.from-the-centre")],
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
        label={worded("handPanel.first")}
        value={first ? "lift" : "straight"}
        options={[
          ["straight", worded("handPanel.straight-to-the-line")],
          ["lift", worded("handPanel.lifted-to-lose-weight")],
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
            label={worded("handPanel.lifted-to")}
            value={first.elevationDeg}
            step={15}
            {...within("lift", "elevationDeg")}
            unit="°"
            onChange={(v) => set({ ...hand, first: { ...first, elevationDeg: v } })}
          />
          <Stepper
            label={worded("handPanel.and-cut-at-its")}
            value={toShown(first.lengthMm, units)}
            step={lengthStep(units)}
            least={leastStep(units)}
            min={0}
            max={toShown(within("lift", "lengthMm").max, units)}
            unit={unitOf(units)}
            onChange={(v) => set({ ...hand, first: { ...first, lengthMm: toMm(v, units) } })}
          />
        </>
      )}
      <Pick
        label={worded("handPanel.fingers")}
        value={tuck ? "stretch" : "line"}
        options={[
          ["line", worded("handPanel.along-the-line")],
          ["stretch", worded("handPanel.in-or-out-over")],
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
            label={worded("handPanel.in-below-0-or")}
            value={tuck.deg}
            step={5}
            {...within("tuck", "deg")}
            unit="°"
            onChange={(v) => set({ ...hand, tuck: { ...tuck, deg: v } })}
          />
          <Pick
            label={worded("handPanel.measured")}
            value={tuck.by as (typeof STRETCHES)[number][0]}
            options={STRETCHES}
            onChange={(by) => set({ ...hand, tuck: { ...tuck, by } })}
          />
          <Stepper
            label={worded("handPanel.from")}
            value={tuck.fromMm}
            step={5}
            min={-200}
            max={tuck.toMm - 1}
            unit="mm"
            onChange={(v) => set({ ...hand, tuck: { ...tuck, fromMm: v } })}
          />
          <Stepper
            label={worded("handPanel.to")}
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
          label={worded("handPanel.past-the-ridge")}
          value={hand.wraps ? "round" : "flat"}
          options={[
            ["flat", worded("handPanel.on-along-the-line")],
            ["round", worded("handPanel.round-the-head")],
          ]}
          onChange={(v) => set({ ...hand, wraps: v === "round" })}
        />
      )}
    </>
  );
}
