import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, it } from "vitest";
import type { Comb, Cut, Fingers, SaidPart } from "../api/types";
import { usePlan } from "../store/planStore";
import type { Units } from "../store/units";
import { changedAt } from "./numbers";
import { openOneMove } from "./oneMove";
import { Sentence } from "./Sentence";

afterEach(cleanup);

const fingers: Fingers = {
  kind: "fingers",
  hold: { kind: "elevation", elevationDeg: 45 },
  line: { kind: "round", lengthMm: 60 },
  guide: { kind: "travelling" },
  parting: { kind: "across", toward: "back" },
  biteMm: 12,
};

const cut = () => usePlan.getState().document?.moves[0]?.cut;

function Said({ parts, units }: { parts: SaidPart[]; units: Units }) {
  const now = usePlan((s) => s.document?.moves[0]?.cut);
  return now ? <Sentence parts={parts} cut={now} at={["moves", 0, "cut"]} units={units} /> : null;
}

function show(of: Cut, parts: SaidPart[], units: Units = "cm") {
  openOneMove(of);
  render(<Said parts={parts} units={units} />);
}

const PARTS: SaidPart[] = [
  { text: "Over the fingers, held " },
  { text: "at 45°", path: "hold.elevationDeg" },
  { text: ", cut to " },
  { text: "6.0 cm", path: "line.lengthMm" },
  { text: "; " },
  { text: "travelling guide", path: "guide.kind" },
];

it("a number of the sentence is changed where it stands", async () => {
  show(fingers, PARTS);
  await userEvent.click(screen.getByRole("button", { name: "Elevation: at 45°" }));
  await userEvent.click(screen.getByRole("button", { name: "Elevation, more" }));
  expect(cut()).toMatchObject({ hold: { elevationDeg: 60 } });
  await userEvent.keyboard("{Escape}");
  expect(screen.queryByRole("button", { name: "Elevation, more" })).toBeNull();
});

it("a choice of the sentence brings its own numbers", async () => {
  show(fingers, PARTS);
  await userEvent.click(screen.getByRole("button", { name: "Guide: travelling guide" }));
  await userEvent.click(screen.getByRole("button", { name: "fixed" }));
  expect(cut()).toMatchObject({ guide: { kind: "fixed", place: "crown" } });
});

it("words that nothing stands behind stay words", () => {
  show(fingers, [{ text: "some day", path: "hold.nothing" }]);
  expect(screen.queryByRole("button")).toBeNull();
  expect(screen.getByText("some day")).toBeTruthy();
});

it("lengths are said in the stylist's units and kept in millimetres", () => {
  const inches = changedAt(fingers, "line.lengthMm", "inch");
  expect(inches).toMatchObject({ unit: "in", least: 0.125 });
  if (inches?.kind === "number") expect(inches.toDocument(2)).toBeCloseTo(50.8, 9);
  expect(changedAt(fingers, "biteMm", "cm")).toMatchObject({ unit: "mm", value: 12, step: 1 });
  const comb: Comb = { kind: "comb", gapMm: 8, outDeg: 3, thicknessMm: 2, tool: "clipper" };
  expect(changedAt(comb, "gapMm", "cm")).toMatchObject({ value: 8, min: 0, max: 60 });
  expect(changedAt(comb, "tool", "cm")).toMatchObject({ kind: "pick", value: "clipper" });
});
