import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { useChair } from "../store/chairStore";
import type { Sitting } from "../store/sitting";
import { CheckRound } from "./CheckRound";

const { LANDMARKS, views } = vi.hoisted(() => ({
  LANDMARKS: {
    nape: [0, 1, 2],
    templeLeft: [0, 1, 2],
    templeRight: [0, 1, 2],
    behindEarLeft: [0, 1, 2],
    behindEarRight: [0, 1, 2],
  },
  views: [] as string[],
}));

// The head and what comes of the plan stand still here: they have tests of their own.
vi.mock("../store/useOutcome", () => ({
  useOutcome: () => ({
    outcome: { count: 2, state: () => new Float32Array(3), result: { head: { landmarks: LANDMARKS } } },
    message: "",
    problems: [],
  }),
}));
vi.mock("../parts/useHead", () => ({
  useHead: () => ({ head: {}, ramp: { levelsMm: [], colours: [] } }),
  useSeams: () => undefined,
}));
vi.mock("../draw/Head3D", () => ({
  Head3D: ({ label, view }: { label: string; view: string }) => {
    views.push(view);
    return <p>{label}</p>;
  },
}));

vi.mock("../store/useFall", () => ({
  useFall: (_: unknown, week: number, wanted: boolean) => ({
    fall: wanted && week === 0 ? {} : undefined,
    message: "",
    busy: false,
  }),
}));
vi.mock("../draw/Hair3D", () => ({
  Hair3D: ({ view }: { view: string }) => {
    views.push(view);
    return <p>Fallen hair</p>;
  },
}));

const item = (kind: string, place: string, ...at: string[]) => ({
  kind,
  place,
  at: (at.length > 0 ? at : [place]).map((p) => ({ place: p, move: "sides" })),
  expectMm: 40,
  otherMm: 40,
  toleranceMm: 3,
  levelOffMm: 0,
  sections: [],
});
const round = {
  items: [
    item("seam", "nape"),
    item("balance", "templeLeft", "templeLeft", "templeRight"),
    item("balance", "behindEarLeft"),
  ],
  words: ["The seam at the nape.", "Both temples.", "Behind both ears."],
  parts: [
    { part: "bothSides", items: [2, 1] },
    { part: "back", items: [0] },
  ],
};
const sitting = {
  token: "t",
  startedAt: "2026-03-02T10:00:00Z",
  document: { moves: [] },
  device: "d",
  next: 0,
  unsent: [],
  told: [],
} as unknown as Sitting;

beforeEach(() => {
  localStorage.clear();
  views.length = 0;
  useChair.setState({ planId: 4, sitting, reached: true, problem: "", full: false });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const walk = (more: Record<string, unknown> = {}) =>
  atPage(
    <CheckRound units="cm" />,
    { "POST /api/check-round": round, "POST /api/sittings/": new Error("gone"), ...more },
    "/plans/:id/check",
    "/plans/4/check",
  );
const written = () => useChair.getState().sitting?.unsent.map((w) => w.entry) ?? [];

it("says when it goes by what is known of one's own hand", async () => {
  walk({ "POST /api/check-round": { ...round, own: true } });
  await screen.findByText("By what is known of your own hand.");
});

it("goes part by part, the likeliest fault first, each from where it is seen, then all of it from afar, in the mirror and dry", async () => {
  walk();
  await screen.findByText("Both sides");
  expect(screen.getAllByRole("listitem").map((li) => li.textContent)).toEqual([
    "Behind both ears.",
    "Both temples.",
  ]);
  expect(views.at(-1), "facing the client").toBe("front");
  expect(screen.queryByText("Fallen hair"), "a part is looked at for its lengths").toBeNull();
  fireEvent.click(screen.getByText("All fine here"));
  await screen.findByText("The seam at the nape.");
  expect(views.at(-1)).toBe("back");
  fireEvent.keyDown(window, { key: "PageDown" });
  for (const [look, from] of [
    ["From afar", "front"],
    ["In the mirror", "back"],
    ["Dry", "right"],
  ] as const) {
    await screen.findByText(look);
    expect(views.at(-1)).toBe(from);
    expect(screen.getByText("Fallen hair"), "hair, and no lengths").toBeDefined();
    fireEvent.click(screen.getByText("Fine"));
  }
  await screen.findByText("All of it is fine.");
  expect(written()).toEqual([2, 1, 0, 3, 4, 5].map((item) => ({ kind: "checked", item, longerMm: 0 })));
  fireEvent.click(screen.getByText("To the finish"));
  await screen.findByText("elsewhere");
});

it("asks for the round with what was measured at the chair, less what was taken back", async () => {
  const measured = (number: number, place: string) => ({
    number,
    at: `2026-03-02T10:0${number}:00Z`,
    entry: { kind: "measured", place, mm: 41 },
  });
  const undo = { number: 2, at: "2026-03-02T10:05:00Z", entry: { kind: "undone", device: "d", number: 1 } };
  useChair.setState({
    sitting: { ...sitting, unsent: [measured(0, "nape"), measured(1, "front"), undo] } as unknown as Sitting,
  });
  const sent = walk();
  await screen.findByText("Both sides");
  expect(sent.find((s) => s.url.startsWith("/api/check-round"))?.body).toMatchObject({ measured: ["nape"] });
});

it("takes down what stands out by a touch, leaves it at that, and tells at the end where to take how much", async () => {
  walk();
  fireEvent.click(await screen.findByText("Both temples."));
  const longer = screen.getByRole("group", { name: "It is longer there by" });
  fireEvent.click(within(longer).getByText("5 mm"));
  await screen.findByText("5 mm longer.");
  fireEvent.click(screen.getByText("The rest is fine"));
  fireEvent.click(await screen.findByText("All fine here"));
  for (const look of ["From afar", "In the mirror", "Dry"]) {
    await screen.findByText(look);
    fireEvent.click(screen.getByText("Fine"));
  }
  await screen.findByText("Take 5 mm.");
  expect(screen.queryByText("All of it is fine.")).toBeNull();
  fireEvent.click(screen.getByText("Look again"));
  fireEvent.click(await screen.findByText("Both temples."));
  fireEvent.click(screen.getByText("Fine"));
  fireEvent.click(screen.getByText("All fine here"));
  await screen.findByText("All of it is fine.");
  // Both looks are in the log; the later one counts.
  expect(written().filter((e) => e.kind === "checked" && e.item === 1)).toHaveLength(2);
});

it("takes what is too short on one side for a slip of the move that cut there, and shows the ways out", async () => {
  const document = { moves: [{ id: "sides" }], sections: [] };
  useChair.setState({ sitting: { ...sitting, document } as unknown as Sitting });
  const repairs = {
    slip: "slip1",
    place: "templeRight",
    words: "5 mm too short at the right temple.",
    repairs: [
      { kind: "leave", words: "Leave it.", document },
      {
        kind: "match",
        words: "The left side too.",
        document: { ...document, moves: [{ id: "sides" }, { id: "match" }] },
      },
    ],
  };
  const sent = walk({ "POST /api/repairs": repairs });
  fireEvent.click(await screen.findByText("Both temples."));
  fireEvent.click(
    within(screen.getByRole("group", { name: "Too short (right temple) by" })).getByText("5 mm"),
  );
  expect(written()).toEqual([{ kind: "tookMore", move: "sides", place: "templeRight", mm: 5 }]);
  await screen.findByText("5 mm too short at the right temple.");
  fireEvent.click(screen.getByText("The left side too."));
  expect(written().at(-1)).toMatchObject({ kind: "replanned" });
  // What matching takes is cut at the chair.
  await screen.findByText("elsewhere");
  const round = asked(sent, "POST").filter((s) => s.url.startsWith("/api/check-round"));
  expect((round[0]?.body as { document: unknown }).document, "what is looked at is the plan").toEqual(
    document,
  );
});

it("stays with the round it began, whatever is cut meanwhile", async () => {
  const document = { moves: [{ id: "sides" }], sections: [] };
  const fine = { kind: "checked", item: 2, longerMm: 0 } as const;
  const slip = { kind: "tookMore", move: "sides", place: "nape", mm: 5 } as const;
  const unsent = [fine, slip].map((entry, number) => ({ number, at: `2026-03-02T10:0${number}:00Z`, entry }));
  useChair.setState({ sitting: { ...sitting, document, next: 2, unsent } as unknown as Sitting });
  const sent = walk();
  await screen.findByText("Both sides");
  expect(asked(sent, "POST").map((s) => (s.body as { document: unknown }).document)).toEqual([document]);
});

it("goes back a part by the pedal, and has what is to be seen dry seen", async () => {
  useChair.setState({
    sitting: {
      ...sitting,
      next: 1,
      unsent: [{ number: 0, at: sitting.startedAt, entry: { kind: "forDry", what: "the left corner" } }],
    } as Sitting,
  });
  walk();
  await screen.findByText("Both sides");
  expect(screen.getByText<HTMLButtonElement>("Back").disabled).toBe(true);
  fireEvent.click(screen.getByText("All fine here"));
  await screen.findByText("The seam at the nape.");
  fireEvent.keyDown(window, { key: "PageUp" });
  await screen.findByText("Both sides");
  fireEvent.keyDown(window, { key: "PageDown" });
  fireEvent.click(await screen.findByText("All fine here"));
  fireEvent.click(await screen.findByText("Fine"));
  await screen.findByText("In the mirror");
  expect(screen.queryByText("the left corner: seen"), "not before the dry look").toBeNull();
  fireEvent.click(screen.getByText("Fine"));
  await screen.findByText("Dry");
  fireEvent.click(screen.getByText("the left corner: seen"));
  expect(written().at(-1)).toEqual({ kind: "drySeen", what: "the left corner" });
});

it("takes a pedal that is held down for one press: nothing is called fine that nobody looked at", async () => {
  walk();
  await screen.findByText("Both sides");
  fireEvent.keyDown(window, { key: "PageDown", repeat: true });
  expect(written()).toEqual([]);
  fireEvent.keyDown(window, { key: "PageDown" });
  for (let i = 0; i < 5; i++) fireEvent.keyDown(window, { key: "PageDown", repeat: true });
  await screen.findByText("The seam at the nape.");
  expect(written()).toHaveLength(2);
});

it("says why there is no round, with another try", async () => {
  walk({ "POST /api/check-round": refused("The engine is busy; ask again.", 500) });
  await screen.findByText(/The engine is busy/);
});
