import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, expect, it } from "vitest";
import type { Cut, Finding } from "../api/types";
import { useChosen, usePlan } from "../store/planStore";
import type { Units } from "../store/units";
import { Findings, same } from "./Findings";
import { MovePanel } from "./MovePanel";
import { FINGERS, openOneMove } from "./oneMove";

function Panel({ units }: { units: Units }) {
  const move = usePlan((s) => s.document?.moves[0]);
  return move ? <MovePanel move={move} index={0} units={units} /> : null;
}

function show(cut: Cut, units: Units = "cm") {
  openOneMove(cut);
  render(<Panel units={units} />);
}

const cut = () => usePlan.getState().document?.moves[0]?.cut;

beforeEach(() => usePlan.setState({ document: null }));
afterEach(cleanup);

it("a guide length is changed in centimetres and kept in millimetres", async () => {
  show(FINGERS);
  await userEvent.click(screen.getByRole("button", { name: "Guide length, less" }));
  expect(cut()).toMatchObject({ line: { lengthMm: 55 } });
});

it("the same in inches goes by eighths", async () => {
  show({ ...FINGERS, line: { kind: "round", lengthMm: 50.8 } }, "inch");
  await userEvent.click(screen.getByRole("button", { name: "Guide length, more" }));
  expect(cut()).toMatchObject({ line: { lengthMm: expect.closeTo(53.975, 9) } });
});

it("how wet the hair of a move is changes where it stands", async () => {
  show(FINGERS);
  await userEvent.selectOptions(screen.getByLabelText("Hair is"), "dry");
  expect(usePlan.getState().document?.moves[0]?.damp).toBe("dry");
});

const everyNumber = () => userEvent.click(screen.getByRole("button", { name: "Every number" }));

it("another hold, guide or line brings its own numbers and leaves the length", async () => {
  show(FINGERS);
  await everyNumber();
  await userEvent.selectOptions(screen.getByLabelText("Held"), "at an angle");
  expect(cut()).toMatchObject({ hold: { kind: "elevation", elevationDeg: 90 } });
  await userEvent.click(screen.getByRole("button", { name: "Elevation, less" }));
  expect(cut()).toMatchObject({ hold: { elevationDeg: 75 } });
  await userEvent.selectOptions(screen.getByLabelText("Guide"), "fixed");
  await userEvent.selectOptions(screen.getByLabelText("Fixed at"), "occipital bone");
  expect(cut()).toMatchObject({ guide: { kind: "fixed", place: "occipital", gather: "row" } });
  await userEvent.selectOptions(screen.getByLabelText("Line"), "flat line");
  expect(cut()).toMatchObject({ line: { kind: "flat", facing: "up", lengthMm: 60 } });
});

it("a comb and a guard show their own numbers", async () => {
  show({ kind: "comb", gapMm: 8, outDeg: 0, thicknessMm: 2, tool: "clipper" });
  await everyNumber();
  await userEvent.click(screen.getByRole("button", { name: "Comb leans off the head, more" }));
  expect(cut()).toMatchObject({ outDeg: 1 });
  cleanup();
  show({ kind: "guard", number: 3, leverMm: 0, grain: "with" });
  await userEvent.click(screen.getByRole("button", { name: "Guard number, less" }));
  expect(cut()).toMatchObject({ number: 2.5 });
});

const bold = {
  rule: "bite-wide",
  severity: "warn",
  move: "b",
  place: "apex",
  amount: 26,
  unit: "mm",
} as const;
const found = (f: Finding) => (
  <Findings read findings={[f]} words={["Bites of 2.6 cm are bold."]} moves={[{ id: "a" }, { id: "b" }]} />
);

it("a finding says how grave it is and goes to its move", async () => {
  show(FINGERS);
  render(found(bold));
  expect(screen.getByText("Watch.")).toBeTruthy();
  await userEvent.click(screen.getByRole("button", { name: "Move 2" }));
  expect(useChosen.getState().chosen).toBe(1);
});

it("a finding answered as meant stays in the plan with its note, until it is taken back", async () => {
  show(FINGERS);
  const { rerender } = render(found(bold));
  await userEvent.click(screen.getByRole("button", { name: "It's intentional" }));
  await userEvent.type(screen.getByLabelText("Why it is intentional"), "quick work");
  await userEvent.click(screen.getByRole("button", { name: "It's intentional" }));
  expect(usePlan.getState().document?.meant).toEqual([
    { rule: "bite-wide", move: "b", place: "apex", note: "quick work" },
  ]);
  rerender(found({ ...bold, meant: { rule: "bite-wide", move: "b", place: "apex", note: "quick work" } }));
  expect(screen.getByText("Intentional.")).toBeTruthy();
  await userEvent.click(screen.getByRole("button", { name: "Not meant" }));
  expect(usePlan.getState().document?.meant).toEqual([]);
});

it("an answer is the same whether its open fields are left out or empty", () => {
  expect(same({ rule: "jump" }, { rule: "jump", note: "" })).toBe(true);
  expect(same({ rule: "jump", place: "apex" }, { rule: "jump" })).toBe(false);
  expect(same({ rule: "jump" }, undefined)).toBe(false);
});
