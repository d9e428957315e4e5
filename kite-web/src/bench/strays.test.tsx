import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Fingers, Move, PlanDocument } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { useChosen, usePlan } from "../store/planStore";
import { ErrsMost } from "./ErrsMost";
import { FINGERS, openOneMove } from "./oneMove";
import { Strays } from "./Strays";

const cut: Fingers = { ...FINGERS, biteMm: 19 };
const document = () => usePlan.getState().document as PlanDocument;

beforeEach(() => {
  localStorage.clear();
  openOneMove(cut);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const advice = {
  now: { biteMm: 19, straysMm: 5 },
  guides: [
    { guide: "travelling", straysMm: 5 },
    { guide: "fixed", straysMm: 2 },
  ],
  bites: [
    { biteMm: 6.35, straysMm: 2 },
    { biteMm: 12.7, straysMm: 4.8 },
    { biteMm: 25.4, straysMm: 9 },
  ],
};
const strays = (more: object) =>
  atPage(<Strays document={document()} index={0} move={document().moves[0] as Move} cut={cut} units="cm" />, {
    "POST /api/bites": { ...advice, ...more },
  });

it("says how far a move strays and sells the bite that strays least", async () => {
  const sent = strays({});
  await screen.findByText("Bites of 6 mm buy 3 mm");
  expect(screen.getAllByRole("button")).toHaveLength(1);
  expect(asked(sent, "POST")[0]?.body).toMatchObject({ move: "a", toleranceMm: 3 });
  fireEvent.click(screen.getByText("Bites of 6 mm buy 3 mm"));
  expect(document().moves[0]?.cut).toMatchObject({ biteMm: 6.35 });
});

it("sells no bite for a few tenths of a millimetre", async () => {
  strays({ bites: [{ biteMm: 12.7, straysMm: 4.8 }] });
  await screen.findByText(/With usual hands/);
  expect(screen.queryAllByRole("button")).toEqual([]);
});

it("offers the wider bite that still keeps the tolerance", async () => {
  strays({ now: { biteMm: 19, straysMm: 1 }, bites: [], widestBiteMm: 25.4 });
  fireEvent.click(await screen.findByText("Bites of 2.5 cm still keep 3 mm"));
  expect(document().moves[0]?.cut).toMatchObject({ biteMm: 25.4 });
});

it("asks which moves err most only when that is opened, and leads to them", async () => {
  const two = {
    ...document(),
    moves: [...document().moves, { ...document().moves[0], id: "b" }],
  } as PlanDocument;
  const sent = atPage(<ErrsMost document={two} units="cm" />, {
    "POST /api/risk": {
      runs: 64,
      spreadMm: {},
      moves: [
        { move: "b", name: "Sides", spreadMm: 3.2, share: 0.8 },
        { move: "a", name: "Top", spreadMm: 1, share: 0.2 },
        { move: "a", name: "Neck", spreadMm: 0, share: 0 },
      ],
    },
  });
  expect(asked(sent, "POST")).toEqual([]);
  const box = screen.getByText("Where hands err most").closest("details") as HTMLDetailsElement;
  box.open = true;
  fireEvent(box, new Event("toggle"));
  await waitFor(() => expect(screen.getAllByRole("listitem")).toHaveLength(2));
  fireEvent.click(screen.getByText("2 Sides"));
  expect(useChosen.getState().chosen).toBe(1);
});

it("says when it cannot be worked out", async () => {
  atPage(<Strays document={document()} index={0} move={document().moves[0] as Move} cut={cut} units="cm" />, {
    "POST /api/bites": refused("it must be a move cut over the fingers"),
  });
  await screen.findByText(/must be a move cut over the fingers/);
});
