import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Move, Place } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { useChair } from "../store/chairStore";
import { lastDone, type Sitting, type Stands, stands } from "../store/sitting";
import { Sheets } from "./Sheets";

const moves = ["a", "b", "c"].map((id) => ({ id, stand: "back", damp: "damp" }));
const sitting = {
  token: "t",
  startedAt: "2026-03-02T10:00:00Z",
  document: { moves, sections: [] },
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

function Sheeted({ more, moved }: { more: Partial<Stands>; moved: () => void }) {
  const [place, setPlace] = useState<Place | null>(null);
  return (
    <Sheets
      move={moves[1] as unknown as Move}
      stands={{ ...stands(sitting), ...more }}
      units="cm"
      place={place}
      setPlace={setPlace}
      last={lastDone(useChair((c) => c.sitting) ?? sitting)?.entry.kind}
      moved={moved}
    />
  );
}

function sheets(answers: Record<string, unknown>, more: Partial<Stands> = {}) {
  const moved = vi.fn();
  // What is written stays unsent, so that it can be looked at.
  const sent = atPage(<Sheeted more={more} moved={moved} />, {
    "POST /api/sittings/": new Error("gone"),
    ...answers,
  });
  return { moved, sent };
}

it("skips a move with a reason", () => {
  const { moved } = sheets({});
  fireEvent.click(screen.getByText("Skip"));
  fireEvent.click(screen.getByText("No time left"));
  expect(written()).toEqual([{ kind: "skipped", move: "b", reason: "No time left" }]);
  expect(moved).toHaveBeenCalled();
});

const WAYS = {
  place: "crown",
  shortMm: 10,
  words: "The crown comes out 1 cm too short.",
  repairs: [
    { kind: "leave", words: "Grown out in about 4 weeks.", document: { moves: ["left"] } },
    { kind: "soften", words: "Up to 6 mm comes off round it.", document: { moves: ["softened"] } },
  ],
};

it("has a slip in the plan at once, shows each way out as hair, and takes the one that is touched", async () => {
  const { sent } = sheets({
    "POST /api/repairs": WAYS,
    "POST /api/still.png": () => new Response(new Blob(["png"])),
  });
  fireEvent.click(screen.getByText("Cut too short"));
  fireEvent.click(screen.getByText("What now?"));
  expect(written()).toEqual([{ kind: "tookMore", move: "b", place: "crown", mm: 10 }]);
  await screen.findByText(WAYS.words);
  const body = asked(sent, "POST").find((s) => s.url === "/api/repairs")?.body as {
    slip: string;
    document: { moves: { id: string }[] };
  };
  expect(body.slip).toBe("slip1");
  expect(body.document.moves.map((m) => m.id)).toEqual(["a", "b", "slip1", "c"]);
  // Leaving it is shown now, in two weeks and in four; softened as it will be.
  await screen.findByAltText("Leave it, after 4 weeks, back");
  await screen.findByAltText("Soften round it, back");
  expect(written()).toHaveLength(1);
  // What another tab writes, or that the server took it, changes none of it: nothing is asked or drawn again.
  const drawn = () => asked(sent, "POST").filter((s) => !s.url.startsWith("/api/sittings/"));
  const soFar = drawn().length;
  act(() => {
    const now = useChair.getState().sitting as Sitting;
    useChair.setState({ sitting: { ...now, unsent: [...now.unsent] } });
  });
  await screen.findByAltText("Soften round it, back");
  expect(drawn()).toHaveLength(soFar);
  for (const shown of screen.getAllByAltText(/, back$/))
    expect(shown.getAttribute("src"), "a picture that is shown stands by itself").toMatch(/^data:/);
  fireEvent.click(screen.getByText("Soften round it"));
  expect(written().at(-1)).toEqual({ kind: "replanned", plan: { moves: ["softened"] } });
});

it("takes where and how much in a few words", async () => {
  sheets({ "POST /api/repairs": WAYS, "POST /api/still.png": new Error("gone") });
  fireEvent.click(screen.getByText("Cut too short"));
  const words = screen.getByLabelText("Say or type it");
  fireEvent.change(words, { target: { value: "no idea" } });
  fireEvent.keyDown(words, { key: "Enter" });
  await screen.findByText(/^Not understood/);
  fireEvent.change(words, { target: { value: "6 mm too short behind the right ear" } });
  await screen.findByText("6 mm, right behind-ear corner");
  fireEvent.click(screen.getByText("What now?"));
  expect(written()).toEqual([{ kind: "tookMore", move: "b", place: "behindEarRight", mm: 6 }]);
});

it("leaves a slip as it is by a touch, and takes it back by another", async () => {
  sheets({ "POST /api/repairs": WAYS, "POST /api/still.png": new Error("gone") });
  fireEvent.click(screen.getByText("Cut too short"));
  fireEvent.click(screen.getByText("What now?"));
  fireEvent.click(await screen.findByText("Leave it"));
  expect(written().map((e) => e.kind)).toEqual(["tookMore"]);
  fireEvent.click(screen.getByText("Take back the slip"));
  expect(stands(useChair.getState().sitting as Sitting).slips).toEqual([]);
  expect(screen.queryByText(/^Take back/), "nothing else was done").toBeNull();
});

it("asks for nothing where what is still to do cuts below the slip, or nobody can say", async () => {
  sheets({ "POST /api/repairs": { ...WAYS, words: "Go on.", repairs: WAYS.repairs.slice(0, 1) } });
  fireEvent.click(screen.getByText("Cut too short"));
  fireEvent.click(screen.getByText("What now?"));
  fireEvent.click(await screen.findByText("Go on"));
  expect(written()).toHaveLength(1);
  cleanup();
  sheets({ "POST /api/repairs": refused("The hair is too short.") });
  fireEvent.click(screen.getByText("Cut too short"));
  fireEvent.click(screen.getByText("What now?"));
  await screen.findByText("Written down. The hair is too short.");
});

it("plans the rest anew by what was measured, and changes the plan only when told to", async () => {
  const answer = { words: "Take the crown 4 mm shorter.", changes: [{}], document: { moves: [] } };
  const { sent } = sheets(
    { "POST /api/replan": answer },
    { done: new Set(["a"]), skipped: new Map([["c", "No time left"]]) },
  );
  fireEvent.click(screen.getByText("Measured"));
  fireEvent.click(screen.getByText("What changes?"));
  expect(written()).toEqual([{ kind: "measured", place: "crown", mm: 50 }]);
  await screen.findByText(answer.words);
  // What is done stands first, the move at hand among it; what was skipped is left out.
  const body = asked(sent, "POST").find((s) => s.url === "/api/replan")?.body;
  expect(body).toEqual({
    document: { moves: moves.slice(0, 2), sections: [] },
    done: 2,
    measuredMm: { crown: 50 },
  });
  fireEvent.click(screen.getByText("Go on with this"));
  expect(written().at(-1)).toEqual({ kind: "replanned", plan: answer.document });
});

it("has a measure written down even when nobody can say what changes", async () => {
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
