import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { PlanDocument } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { firstDrawn } from "../draw/firstDrawn";
import { useLook } from "../store/lookStore";
import { usePlan } from "../store/planStore";
import { Bench } from "./Bench";

/** The bench as a whole; head, map and profile have tests of their own and stand still here. */

const { shown, MOVES, told } = vi.hoisted(() => {
  const cut = (mm: number) => ({
    kind: "fingers",
    hold: { kind: "straightOut" },
    line: { kind: "round", lengthMm: mm },
    guide: { kind: "travelling" },
    parting: { kind: "across", toward: "back" },
    biteMm: 12,
  });
  const move = (id: string, name: string, stand: string, mm: number) => ({
    id,
    name,
    section: "top",
    cut: cut(mm),
    damp: "wet",
    stand,
    purpose: "Keeps the weight.",
    watch: "",
    askFirst: false,
  });
  const MOVES = [move("a", "Top", "front", 60), move("b", "Sides", "left", 30)];
  const finding = { rule: "bite-wide", severity: "warn", move: "b", place: "apex", amount: 26, unit: "mm" };
  return {
    MOVES,
    shown: { problems: [] as unknown[], message: "", falls: false },
    told: { findings: [finding], findingWords: ["Bites of 2.6 cm are bold."] },
  };
});
// The same answer for the same document, as the hook gives it.
vi.mock("../store/useOutcome", () => {
  const kept = new Map<string, unknown>();
  const answer = (of: unknown) => ({
    of,
    problems: shown.problems,
    message: shown.message,
    outcome: {
      count: 3,
      state: () => new Float32Array(3),
      result: {
        ...told,
        moves: MOVES.map((m) => ({
          id: m.id,
          bites: 9,
          minutes: 6.4,
          cutAreaMm2: 100,
          handling: [],
          heeds: [],
        })),
        words: MOVES.map((m) => ({ parts: [{ text: `Cut the ${m.name}.` }], headline: "" })),
        why: ["It was fitted to the crown.", ""],
        walks: [],
        cover: { gaps: [], overlaps: [] },
      },
    },
  });
  return {
    useOutcome: (of: unknown) => {
      const key = JSON.stringify([of, shown]);
      if (!kept.has(key)) kept.set(key, answer(of));
      return kept.get(key);
    },
  };
});
vi.mock("../parts/useHead", () => ({ useHead: () => ({}), useSeams: () => undefined }));
vi.mock("../store/useFall", () => {
  const none = { message: "" };
  const reading = {
    ...told,
    words: ["The fringe ends at the brow."],
    week: 0,
    returnWords: "Back in five weeks.",
  };
  const fallen = { fall: { reading }, message: "" };
  return { useFall: () => (shown.falls ? fallen : none) };
});
vi.mock("../store/useGrip", () => ({ useGrip: () => undefined }));
vi.mock("./HeadPane", () => ({ HeadPane: () => <p>the head</p> }));
vi.mock("./MapPanel", () => ({ MapPanel: () => <p>the map</p> }));
vi.mock("./ProfilePanel", () => ({ ProfilePanel: () => <p>the profile</p> }));

const document = {
  version: 4,
  title: "Quiet Side Part",
  head: { kind: "measured", girthMm: 570 },
  sections: [{ id: "top", name: "Top", limits: [] }],
  start: { kind: "taped", tapedMm: {} },
  moves: MOVES,
} as unknown as PlanDocument;
const view = { id: 4, clientId: 3, clientName: "Bram", version: 2, updatedAt: "", work: "w", document };

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  Object.assign(shown, { problems: [], message: "", falls: false });
  usePlan.setState({ id: 0, document: null });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const bench = (more: Record<string, unknown> = {}) =>
  atPage(
    <Bench units="cm" />,
    { "GET /api/plans/4": view, "PUT /api/plans/4": { version: 3 }, ...more },
    "/plans/:id",
    "/plans/4",
  );

it("asks for the map and what else is not the head itself once the head stands on the screen", async () => {
  const sent = bench();
  await screen.findByText("Bites of 2.6 cm are bold.");
  const maps = () => asked(sent, "POST").filter((s) => s.url === "/api/map");
  expect(maps()).toEqual([]);
  firstDrawn();
  await waitFor(() => expect(maps()).toHaveLength(1));
});

it("opens a plan at its first move, and another as it is touched, seen from where it is cut", async () => {
  bench();
  await screen.findByRole("heading", { name: "Quiet Side Part" });
  expect(screen.getByText("Bram").getAttribute("href")).toBe("/clients/3");
  expect(screen.getByRole("heading", { name: "1 Top" })).toBeTruthy();
  expect(useLook.getState().view).toBe("front");
  fireEvent.click(screen.getByRole("button", { name: "Move 2: Sides, 6 minutes" }));
  await screen.findByRole("heading", { name: "2 Sides" });
  expect(useLook.getState().view).toBe("left");
});

it("says why a number is what it is", async () => {
  bench();
  fireEvent.click(await screen.findByText("Why this number"));
  await screen.findByText("Keeps the weight. It was fitted to the crown.");
});

it("says what is out of its range with its place, and what the server answers", async () => {
  shown.problems = [{ path: "$.moves[0].cut.biteMm", value: "90", allowed: "allowed 3 to 60" }];
  bench();
  await screen.findByText("$.moves[0].cut.biteMm: 90; allowed 3 to 60");
  cleanup();
  Object.assign(shown, { problems: [], message: "The server cannot be reached." });
  bench();
  await screen.findByText("The server cannot be reached.");
});

it("tells what was found in the lengths at once, and what is seen once the hair has fallen", async () => {
  bench();
  await screen.findByText("Bites of 2.6 cm are bold.");
  expect(screen.queryByText("The fringe ends at the brow.")).toBeNull();
  cleanup();
  shown.falls = true;
  bench();
  await screen.findByText("The fringe ends at the brow.");
  expect(screen.getByText("Back in five weeks.")).toBeTruthy();
});

it("moves a move earlier, doubles it on the other side, takes it out, and adds one, by way of the server", async () => {
  const sent = bench({
    "POST /api/edit/move": { words: "Done.", document: { ...document, title: "Changed" } },
  });
  await screen.findByRole("heading", { name: "1 Top" });
  expect(screen.getAllByText<HTMLButtonElement>("Earlier")[0]?.disabled, "it is the first").toBe(true);
  fireEvent.click(screen.getAllByText("Later")[0] as Element);
  await waitFor(() => expect(usePlan.getState().document?.title).toBe("Changed"));
  await screen.findByText("Cut the Sides.");
  fireEvent.click(screen.getAllByText("Other side")[0] as Element);
  fireEvent.click(screen.getByText("Add"));
  fireEvent.click(screen.getByText("Guard"));
  await waitFor(() => expect(asked(sent, "POST").filter((s) => s.url === "/api/edit/move")).toHaveLength(3));
  expect(
    asked(sent, "POST")
      .filter((s) => s.url === "/api/edit/move")
      .map((s) => {
        const { what, move, section, at } = s.body as Record<string, unknown>;
        return { what, move, section, at };
      }),
  ).toEqual([
    { what: "reorder", move: "a", section: undefined, at: 1 },
    { what: "otherSide", move: "b", section: undefined, at: 0 },
    { what: "guard", move: undefined, section: "top", at: 2 },
  ]);
});

it("says why an edit was refused, and changes nothing", async () => {
  bench({ "POST /api/edit/move": refused("It is the last one.") });
  await screen.findByRole("heading", { name: "1 Top" });
  fireEvent.click(screen.getAllByText("Remove")[0] as Element);
  await screen.findByText("It is the last one.");
  expect(usePlan.getState().document?.moves).toHaveLength(2);
});

it("tells every key when asked", async () => {
  bench();
  fireEvent.click(await screen.findByLabelText("Keys of the bench"));
  expect((await screen.findByRole("dialog")).textContent).toContain("Ctrl");
});

it("says that a plan is not there, with another try", async () => {
  bench({ "GET /api/plans/4": refused("No plan 4.", 404) });
  await screen.findByText(/No plan 4/);
});
