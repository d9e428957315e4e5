import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import * as THREE from "three";
import { afterEach, expect, it, vi } from "vitest";
import type { PersonView } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { DrillPage } from "./DrillPage";
import { ledOn, setDown, takenOff } from "./led";
import { PracticePage } from "./PracticePage";
import type { SkinPlace } from "./skinPlace";

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

const place = (share: number, z: number): SkinPlace => ({
  aroundDeg: 180,
  share,
  at: new THREE.Vector3(0, -90, z),
  out: new THREE.Vector3(0, -1, 0),
});

it("brings the comb off the skin by its lean as it goes up, and in again as it goes down", () => {
  let led = setDown(place(1, 0), 10, 1000);
  led = ledOn(led, place(0.9, 20), 45, 1500);
  expect(led.points.at(-1)).toMatchObject({ gapMm: 30, seconds: 0.5, share: 0.9 });
  led = ledOn(led, place(0.95, 10), 45, 1600);
  expect(led.points.at(-1)?.gapMm).toBe(20);
  // Never into the skin.
  led = ledOn(led, place(1.2, -40), 45, 1700);
  expect(led.points.at(-1)?.gapMm).toBe(0);
  expect(takenOff(led)?.track).toHaveLength(4);
});

it("keeps no points nearer together than a tooth, none beyond what a stroke may have, and no stroke that went nowhere", () => {
  const first = setDown(place(1, 0), 10, 0);
  expect(ledOn(first, place(0.999, 1), 0, 10)).toBe(first);
  expect(takenOff(first)).toBeNull();
  let led = first;
  for (let i = 1; i < 400; i++) led = ledOn(led, place(1 - i / 500, 3 * i), 0, i);
  expect(led.points.length).toBeLessThanOrEqual(240);
});

const document = {
  version: 4,
  title: "Practice",
  head: { kind: "measured", girthMm: 570 },
  start: {},
  sections: [],
  moves: [],
};
const task = {
  drill: "putInOrder",
  name: "Put it in order",
  seed: 7,
  level: 2,
  ask: "In which order are the moves done?",
  document,
  asked: [],
  gapMm: 0,
  leanDeg: 0,
  columnsDeg: [],
  pictures: [],
  choices: [
    { id: "b", words: "Sides" },
    { id: "a", words: "Guide" },
  ],
};
const score = {
  share: 0.5,
  good: false,
  tolerance: 1,
  mean: 0,
  spread: 0,
  offs: [],
  cause: "outOfOrder",
  why: "A move came before one it goes by.",
  more: ["Do “Guide” before “Sides”: it cuts the guide the other goes by."],
  after: document,
};
const played = (answers: Record<string, unknown>) =>
  atPage(
    <DrillPage units="cm" />,
    { "GET /api/practice": { leftHand: true }, "GET /api/practice/drills/putInOrder": task, ...answers },
    "/practice/:drill",
    "/practice/putInOrder",
  );

it("plays a drill from what is asked to why it came out so", async () => {
  const sent = played({ "POST /api/practice/tries": { score, level: 1.4 } });
  await screen.findByText("In which order are the moves done?");
  fireEvent.click(screen.getByLabelText("Guide, earlier"));
  fireEvent.click(screen.getByText("That is it"));
  await screen.findByText("Not yet");
  screen.getByText("A move came before one it goes by.");
  screen.getByText(/Do “Guide” before “Sides”/);
  const { attempt, token } = asked(sent, "POST")[0]?.body as {
    attempt: { tried: unknown; seed: number; level: number; leftHand: boolean };
    token: string;
  };
  expect(attempt).toMatchObject({
    seed: 7,
    level: 2,
    leftHand: true,
    tried: { kind: "ordered", moves: ["a", "b"] },
  });
  expect(token).toMatch(/^[0-9a-f-]{36}$/);
  expect(screen.queryByText("That is it"), "a try is made once").toBeNull();
});

it("sends a try that was not taken once more under the same token, and loses nothing", async () => {
  let times = 0;
  const sent = played({
    "POST /api/practice/tries": () =>
      times++ === 0 ? refused("The queue is full.", 422) : { score, level: 1 },
  });
  fireEvent.click(await screen.findByText("That is it"));
  await screen.findByText(/The queue is full/);
  // However long it took to be sent again: it is the same try, with the same time.
  const now = performance.now();
  vi.spyOn(performance, "now").mockReturnValue(now + 60_000);
  fireEvent.click(screen.getByText("Send it again"));
  await screen.findByText("Not yet");
  const [first, second] = asked(sent, "POST").map((s) => s.body as { token: string });
  expect(second).toEqual(first);
});

it("leads a whole cut move by move, leaves one out, and sends it with what its check round found", async () => {
  const length = { dial: "length", least: 0, most: 120, step: 1, begins: 120 };
  const high = { dial: "elevationDeg", least: 0, most: 180, step: 1, begins: 0 };
  const move = { asks: "Over the fingers.", stand: "left", cuts: true };
  const moves = [
    { ...move, id: "side", name: "Sides", dials: [length, high] },
    { ...move, id: "top", name: "Top", dials: [length] },
    { ...move, id: "dry", name: "Dry it", cuts: false, dials: [] },
  ];
  const sent = atPage(
    <DrillPage units="cm" />,
    {
      "GET /api/practice": { leftHand: false },
      "GET /api/practice/drills/wholeCut": { ...task, drill: "wholeCut", name: "The whole cut", moves },
      "POST /api/practice/after": document,
      "POST /api/practice/tries": { score, level: 1 },
    },
    "/practice/:drill",
    "/practice/wholeCut",
  );
  await screen.findByRole("heading", { name: "Sides" });
  fireEvent.change(screen.getByLabelText("Where the fingers stop"), { target: { value: "70" } });
  fireEvent.change(screen.getByLabelText("How high it is held"), { target: { value: "85" } });
  fireEvent.click(screen.getByText("Cut"));
  screen.getByRole("heading", { name: "Top" });
  fireEvent.click(screen.getByText("Leave it out"));
  screen.getByRole("heading", { name: "Dry it" });
  fireEvent.click(screen.getByText("Done"));
  fireEvent.click(screen.getByRole("button", { name: "crown" }));
  fireEvent.click(screen.getByText("That is it"));
  await screen.findByText("Not yet");
  const { attempt } = asked(sent, "POST").find((s) => s.url.startsWith("/api/practice/tries"))?.body as {
    attempt: { tried: unknown };
  };
  expect(attempt.tried).toEqual({
    kind: "whole",
    led: [
      { move: "side", dials: { length: 70, elevationDeg: 85 } },
      { move: "dry", dials: {} },
    ],
    notRight: ["crown"],
  });
});

const PERSON = { id: 1, name: "Noor", units: "cm", rights: ["see", "cut"] } as unknown as PersonView;
const practised = {
  progress: {
    drills: [
      {
        drill: "hold",
        name: "Hold it",
        level: 1.6,
        tries: 2,
        last: [
          { at: "a", good: true },
          { at: "b", good: false },
        ],
      },
      { drill: "guards", name: "Fade with guards", level: 1, tries: 0, last: [] },
    ],
    skills: [
      {
        skill: "elevation",
        name: "How high a bite is held",
        usual: 3,
        estimate: { n: 5, mean: -7, meanLow: -9, meanHigh: -5, spread: 2, spreadLow: 1, spreadHigh: 4 },
        offs: [
          { at: "a", off: -8 },
          { at: "b", off: -6 },
        ],
      },
      { skill: "combGap", name: "Where the comb begins", usual: 1, offs: [{ at: "a", off: 1 }] },
    ],
  },
  next: { drill: "hold", name: "Hold it", level: 1 },
  leftHand: false,
  used: false,
  shown: false,
};
const practice = (answers: Record<string, unknown> = {}) =>
  atPage(<PracticePage person={PERSON} />, {
    "GET /api/practice": practised,
    "GET /api/practice/courses": [
      {
        id: 3,
        course: { version: 1, title: "First week", steps: [{ drill: "hold", level: 2, good: 3 }] },
        names: ["Hold it"],
        done: [1],
      },
    ],
    "GET /api/practice/learners": [{ id: 2, name: "Bo", progress: practised.progress, courses: [] }],
    ...answers,
  });

it("says what is next, how it goes, and what is known of the hand with how sure", async () => {
  practice();
  expect((await screen.findByText("Next: Hold it")).closest("a")?.getAttribute("href")).toBe(
    "/practice/hold",
  );
  screen.getByLabelText("1 of the last 2 were good");
  screen.getByText("not tried yet");
  screen.getByText(
    "-7 ° on the whole (between -9 and -5, 19 times in 20), give or take 2; usual hands 3. From 5.",
  );
  screen.getByText("Seen once: four are needed to say more.");
  await screen.findByText("1 of 3 good");
  await screen.findByText("Hold it: level 1, 1 of the last 2 good");
});

it("asks before it uses or shows what is known, and before it forgets", async () => {
  const sent = practice({ "PUT /api/practice/consents": {}, "DELETE /api/practice/tries": {} });
  fireEvent.click(await screen.findByLabelText(/Use it in my own plans/));
  await waitFor(() => expect(asked(sent, "PUT")[0]?.body).toEqual({ used: true, shown: false }));
  vi.stubGlobal("confirm", () => false);
  fireEvent.click(screen.getByText("Forget all my tries"));
  expect(asked(sent, "DELETE")).toEqual([]);
  vi.stubGlobal("confirm", () => true);
  fireEvent.click(screen.getByText("Forget all my tries"));
  await waitFor(() => expect(asked(sent, "DELETE")).toHaveLength(1));
});

it("keeps each hand apart, and asks with which one somebody cuts", async () => {
  const sent = practice({ "PUT /api/practice/hand": {} });
  expect((await screen.findByText("Right hand")).getAttribute("aria-pressed")).toBe("true");
  fireEvent.click(screen.getByText("Right hand"));
  fireEvent.click(screen.getByText("Left hand"));
  await waitFor(() => expect(asked(sent, "PUT").map((s) => s.body)).toEqual([{ leftHand: true }]));
  await waitFor(() => expect(asked(sent, "GET").filter((s) => s.url === "/api/practice")).toHaveLength(2));
});

it("tells a broken course line by line, and what is no JSON at all", async () => {
  practice({
    "POST /api/practice/courses": new Response(
      JSON.stringify({
        detail: "bad",
        problems: [{ path: "$.steps[0].level", value: "9", allowed: "allowed 1 to 5" }],
      }),
      { status: 422 },
    ),
  });
  const field = await screen.findByLabelText("Take in a course (JSON)");
  const give = (text: string) =>
    fireEvent.change(field, {
      target: { files: [Object.assign(new File([], "week.json"), { text: async () => text })] },
    });
  give("{");
  await screen.findByText(/week.json is not JSON/);
  give('{"version":1}');
  await screen.findByText("$.steps[0].level: 9; allowed 1 to 5");
});
