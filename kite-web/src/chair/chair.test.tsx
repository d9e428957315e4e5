import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Move } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { useChair } from "../store/chairStore";
import { type Sitting, type Stands, stands } from "../store/sitting";
import { Sheets } from "./Sheets";

const moves = ["a", "b", "c"].map((id) => ({ id, stand: "back" }));
const sitting = {
  token: "t",
  startedAt: "2026-03-02T10:00:00Z",
  document: { moves },
  device: "d",
  next: 0,
  unsent: [],
  told: [],
} as unknown as Sitting;
const written = () => useChair.getState().sitting?.unsent.map((w) => w.entry) ?? [];

beforeEach(() => {
  localStorage.clear();
  useChair.setState({ planId: 4, sitting, reached: true, problem: "" });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function sheets(answers: Record<string, unknown>, more: Partial<Stands> = {}) {
  const moved = vi.fn();
  // What is written stays unsent, so that it can be looked at.
  const sent = atPage(
    <Sheets
      move={moves[1] as unknown as Move}
      stands={{ ...stands(sitting), ...more }}
      units="cm"
      moved={moved}
    />,
    { "POST /api/sittings/": new Error("gone"), ...answers },
  );
  return { moved, sent };
}

it("skips a move with a reason", () => {
  const { moved } = sheets({});
  fireEvent.click(screen.getByText("Skip"));
  fireEvent.click(screen.getByText("No time left"));
  expect(written()).toEqual([{ kind: "skipped", move: "b", reason: "No time left" }]);
  expect(moved).toHaveBeenCalled();
});

it("writes a slip down before it asks what changes, and changes the plan only when told to", async () => {
  const answer = { words: "Take the crown 4 mm shorter.", changes: [{}], document: { moves: [] } };
  const { sent } = sheets(
    { "POST /api/replan": answer },
    { done: new Set(["a"]), skipped: new Map([["c", "No time left"]]) },
  );
  fireEvent.click(screen.getByText("Cut too short"));
  fireEvent.click(screen.getByText("What changes?"));
  expect(written()).toEqual([{ kind: "tookMore", move: "b", place: "crown", mm: 10 }]);
  await screen.findByText(answer.words);
  // What is done stands first, the move at hand among it; what was skipped is left out.
  const body = asked(sent, "POST").find((s) => s.url === "/api/replan")?.body;
  expect(body).toEqual({ document: { moves: moves.slice(0, 2) }, done: 2, tookMoreMm: { crown: 10 } });
  expect(written()).toHaveLength(1);
  fireEvent.click(screen.getByText("Go on with this"));
  expect(written().at(-1)).toEqual({ kind: "replanned", plan: answer.document });
});

it("has the slip written down even when nobody can say what changes", async () => {
  sheets({ "POST /api/replan": refused("No plan helps.") });
  fireEvent.click(screen.getByText("Measured"));
  fireEvent.click(screen.getByText("What changes?"));
  await screen.findByText("Written down. No plan helps.");
  expect(written()).toEqual([{ kind: "measured", place: "crown", mm: 50 }]);
});

it("notes what is to be looked at dry, and nothing when nothing was typed", async () => {
  sheets({}, { forDry: ["the left corner"] });
  fireEvent.click(screen.getByText("For the dry pass (1)"));
  fireEvent.click(screen.getByText("Note it"));
  expect(written()).toEqual([]);
  const what = screen.getByLabelText("What to look at again once dry");
  fireEvent.change(what, { target: { value: " a stray at the nape " } });
  fireEvent.click(screen.getByText("Note it"));
  fireEvent.click(screen.getByText("the left corner: seen dry"));
  await waitFor(() =>
    expect(written()).toEqual([
      { kind: "forDry", what: "a stray at the nape" },
      { kind: "drySeen", what: "the left corner" },
    ]),
  );
});

it("does a move again that was done or skipped", () => {
  sheets({}, { skipped: new Map([["b", "Not needed on this head"]]) });
  fireEvent.click(screen.getByText("Do it again"));
  expect(written()).toEqual([{ kind: "reopened", move: "b" }]);
});
