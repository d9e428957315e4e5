import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage } from "../atPage";
import { useChair } from "../store/chairStore";
import { Chair } from "./Chair";
import { stepAfter } from "./ChairMove";

const { MOVES, RESULT } = vi.hoisted(() => {
  const MOVES = [
    {
      id: "sides",
      name: "Sides",
      stand: "left",
      damp: "damp",
      watch: "Mind the ear.",
      cut: { kind: "fingers" },
    },
    {
      id: "top",
      name: "Top",
      stand: "back",
      damp: "damp",
      watch: "",
      cut: { kind: "fingers" },
      askFirst: true,
    },
    { id: "thin", name: "Thin the band", stand: "back", damp: "dry", watch: "", cut: { kind: "texture" } },
  ];
  const made = (id: string, bites: number) => ({
    id,
    bites,
    turns: 0,
    minutes: 6,
    heeds: id === "sides" ? ["Fold the ear away."] : [],
    handling: [],
  });
  const RESULT = {
    moves: [
      made("sides", 2),
      made("top", 1),
      { ...made("thin", 1), doses: [{ aroundDeg: 90, passes: 1, percent: 12, grams: 1, mostPercent: 20 }] },
    ],
    words: MOVES.map((m) => ({ headline: `${m.name} at 4 cm`, parts: [{ text: `Cut the ${m.id}.` }] })),
  };
  return { MOVES, RESULT };
});

// What is worked out and drawn stands still here: it has tests of its own.
vi.mock("../store/useOutcome", () => ({
  useOutcome: () => ({ outcome: { result: RESULT, count: 4 }, message: "", problems: [] }),
}));
vi.mock("../parts/useHead", () => ({ useHead: () => ({ head: {}, ramp: {} }), useSeams: () => undefined }));
vi.mock("../parts/ChairHead", () => ({ ChairHead: () => <p>the head</p> }));

const view = {
  token: "5b0f0c5e-0000-4000-8000-000000000001",
  startedAt: "2026-03-02T10:00:00Z",
  document: { moves: MOVES },
  entries: [],
};
const LOOKED_AT = { document: view.document, entries: [] };
const tool = {
  id: 7,
  kind: "clipper",
  name: "Clipper 2",
  retired: false,
  asked: true,
  needs: [{ act: "disinfected", blocks: true }],
};

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  useChair.setState({ planId: 0, sitting: null, reached: true, problem: "", full: false });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const sat = (more: Record<string, unknown> = {}) =>
  atPage(
    <Chair units="cm" />,
    {
      "GET /api/plans/4": { id: 4, clientId: 3, clientName: "Bram" },
      "GET /api/clients/3/learnt": {
        lessons: [{ what: "bias", words: "This hand leaves 2 mm less.", from: 4, used: true, heed: true }],
      },
      "GET /api/kit": { tools: [] },
      "GET /api/plans/4/sitting": view,
      "POST /api/plans/4/sitting": view,
      "POST /api/sittings/": new Error("gone"),
      ...more,
    },
    "/plans/:id/chair",
    "/plans/4/chair",
  );
/** Nobody has begun yet. */
function looked(more: Record<string, unknown>) {
  const sent = sat({
    "GET /api/plans/4/sitting": LOOKED_AT,
    "POST /api/plans/4/sitting": new Error("gone"),
    ...more,
  });
  return { posted: () => asked(sent, "POST").map((s) => s.url) };
}
const written = () => useChair.getState().sitting?.unsent.map((w) => w.entry) ?? [];

it("shows one move large: what, how, from where, what to mind, and what the hand is known to do", async () => {
  sat();
  await screen.findByText("Sides at 4 cm");
  expect(screen.getByText(/Stand at the client's left · hair damp/)).toBeTruthy();
  expect(screen.getByText("Fold the ear away.")).toBeTruthy();
  expect(screen.getByText("Mind the ear.")).toBeTruthy();
  await screen.findByText("This hand leaves 2 mm less.");
  expect(screen.getByText("Bram")).toBeTruthy();
});

it("takes a bite with each press of the pedal, then the move as done, and looks back without undoing", async () => {
  sat();
  await screen.findByText("Sides at 4 cm");
  fireEvent.keyDown(window, { key: "PageDown" });
  expect(written()).toEqual([{ kind: "bite", move: "sides" }]);
  await screen.findByText("Bite 2 of 2");
  fireEvent.keyDown(window, { key: "PageDown" });
  fireEvent.keyDown(window, { key: "PageDown" });
  expect(written().at(-1)).toEqual({ kind: "done", move: "sides" });
  await screen.findByText("Top at 4 cm");
  fireEvent.keyDown(window, { key: "PageUp" });
  await screen.findByText("Sides at 4 cm");
  expect(written().filter((e) => e.kind === "done")).toHaveLength(1);
  fireEvent.click(screen.getByText("To the next move"));
  await screen.findByText("Top at 4 cm");
});

it("cuts nothing the client has to be asked for before they said yes", async () => {
  sat();
  await screen.findByText("Sides at 4 cm");
  fireEvent.click(screen.getByText("Done: next"));
  await screen.findByText("Top at 4 cm");
  const before = written().length;
  fireEvent.keyDown(window, { key: "PageDown" });
  fireEvent.keyDown(window, { key: "Enter" });
  expect(written()).toHaveLength(before);
  fireEvent.click(screen.getByText("Ask the client: they say yes"));
  expect(written().at(-1)).toEqual({ kind: "approved", move: "top" });
  fireEvent.click(await screen.findByText("Done: next"));
  await screen.findByText("Thin the band at 4 cm");
});

it("counts texture by columns, each once, and goes to the check after the last move", async () => {
  sat();
  await screen.findByText("Sides at 4 cm");
  fireEvent.click(screen.getByText("Done: next"));
  fireEvent.click(await screen.findByText("Ask the client: they say yes"));
  fireEvent.click(await screen.findByText("Done: next"));
  const column = await screen.findByLabelText("Column 1, 12 %");
  fireEvent.click(column);
  await waitFor(() => expect(column.getAttribute("aria-pressed")).toBe("true"));
  fireEvent.click(column);
  expect(written().filter((e) => e.kind === "dosed")).toHaveLength(1);
  fireEvent.click(screen.getByText("Done: check"));
  await screen.findByText("elsewhere");
});

it("stops the clock while paused, and says that it is kept here when the network is gone", async () => {
  sat();
  await screen.findByText("Sides at 4 cm");
  fireEvent.click(screen.getByText("Pause"));
  expect(written()).toEqual([{ kind: "paused" }]);
  await screen.findByText("paused");
  await screen.findByText(/1 kept on this device/);
  fireEvent.click(screen.getByText("Go on"));
  await screen.findByText(/about 18 min left/);
});

it("asks for what has to be clean before the first bite", async () => {
  let tools = [tool, { ...tool, id: 8, name: "Comb", needs: [{ act: "disinfected", blocks: true }] }];
  const { posted } = looked({
    "GET /api/kit": () => ({ tools }),
    "POST /api/kit/": () => {
      tools = [];
      return {};
    },
  });
  await screen.findByText("Clipper 2");
  fireEvent.click(screen.getByText("All of it is done"));
  await waitFor(() => expect(screen.queryByText("Clipper 2")).toBeNull());
  expect(posted().filter((u) => u.startsWith("/api/kit/"))).toEqual([
    "/api/kit/7/events",
    "/api/kit/8/events",
  ]);
});

it("counts a held pedal, a double tap and a button pressed by its own key once", async () => {
  sat();
  await screen.findByText("Sides at 4 cm");
  fireEvent.keyDown(window, { key: " " });
  fireEvent.keyDown(window, { key: " ", repeat: true });
  fireEvent.keyDown(window, { key: "PageDown", repeat: true });
  expect(written()).toEqual([{ kind: "bite", move: "sides" }]);
  const button = screen.getByLabelText("Bite 2 of 2 cut");
  // The browser presses a button in focus itself, after the key.
  fireEvent.keyDown(button, { key: " " });
  fireEvent.click(button, { detail: 1 });
  fireEvent.click(screen.getByText("Done: next"), { detail: 2 });
  expect(written().filter((e) => e.kind === "bite")).toHaveLength(2);
  expect(written().some((e) => e.kind === "done")).toBe(false);
});

it("shows how long the tools still soak, to whoever goes on with others", async () => {
  const readyAt = new Date(Date.now() + 125_000).toISOString();
  looked({
    "GET /api/kit": { tools: [{ ...tool, needs: [{ act: "disinfected", blocks: true, readyAt }] }] },
  });
  fireEvent.click(await screen.findByText("I use other tools; go on"));
  expect(screen.queryByText("Clipper 2")).toBeNull();
  await screen.findByText(/^Tools soak 2:0\d more$/);
});

it("begins nothing by being looked at: the clock and the first bite wait for the start", async () => {
  const { posted } = looked({});
  await screen.findByText("Sides at 4 cm");
  expect(screen.getByRole("timer").textContent).toBe("0:00");
  expect(screen.queryByText("Pause")).toBeNull();
  fireEvent.keyDown(window, { key: "PageUp" });
  expect(posted()).toEqual([]);
  // The first press is the start, not a bite.
  fireEvent.keyDown(window, { key: "PageDown" });
  await screen.findByText("Pause");
  expect(written()).toEqual([]);
  expect(useChair.getState().sitting?.startedAt).not.toBeNull();
  fireEvent.keyDown(window, { key: "PageDown" });
  expect(written()).toEqual([{ kind: "bite", move: "sides" }]);
});

it("says that a plan for hair not there yet is begun too soon", async () => {
  sat({ "GET /api/plans/4/sitting": { ...view, weeksToGo: 5.2 } });
  await screen.findByText(/in about 6 weeks/);
});

it("has the stylist step round as often as the move asks, evenly", () => {
  const steps = Array.from({ length: 12 }, (_, b) => stepAfter(b, 12, 2));
  expect(steps.map((s, b) => (s ? b : -1)).filter((b) => b >= 0)).toEqual([4, 8]);
  expect([1, 2, 3].some((b) => stepAfter(b, 4, 0))).toBe(false);
});
