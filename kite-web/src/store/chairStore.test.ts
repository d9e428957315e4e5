import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { ChairEntry } from "../api/types";
import { answering, asked, refused } from "../atPage";
import {
  endSitting,
  flush,
  keptSitting,
  sitDownAt,
  start,
  stayInTouch,
  undo,
  useChair,
  write,
} from "./chairStore";
import { type Sitting, stands } from "./sitting";

const TOKEN = "5b0f0c5e-0000-4000-8000-000000000001";
const view = { token: TOKEN, startedAt: "2026-03-02T10:00:00Z", document: { moves: [] }, entries: [] };
/** As the server tells a plan nobody has begun: what is nothing is left out. */
const LOOKED_AT = { document: view.document, entries: [] };
const bite = (move: string): ChairEntry => ({ kind: "bite", move }) as ChairEntry;
type Entries = { device: string; entries: { number: number; entry: ChairEntry }[] };

const both = (answer: unknown) => ({
  "GET /api/plans/4/sitting": answer,
  "POST /api/plans/4/sitting": answer,
});

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  useChair.setState({ planId: 0, sitting: null, reached: true, problem: "", full: false });
});
afterEach(() => vi.unstubAllGlobals());

const stored = (body: Entries) => ({ stored: 1 + Math.max(...body.entries.map((e) => e.number)) });

it("keeps what is written on the device at once, and sends it in order, numbered without a gap", async () => {
  const sent = answering({ ...both(view), "POST /api/sittings/": stored });
  await sitDownAt(4);
  write(bite("a"));
  write(bite("b"));
  write(bite("c"));
  expect(keptSitting(4)?.unsent.length).toBeGreaterThan(0);
  await flush();
  await vi.waitFor(() => expect(useChair.getState().sitting?.unsent).toEqual([]));
  const all = asked(sent, "POST")
    .filter((s) => s.url.includes("/entries"))
    .flatMap((s) => (s.body as Entries).entries);
  expect([...new Set(all.map((e) => e.number))]).toEqual([0, 1, 2]);
  expect(keptSitting(4)?.told).toHaveLength(3);
});

it("goes on with the network gone, outlives a reload, and sends everything once when it is back", async () => {
  let gone = false;
  const sent = answering({
    ...both(() => (gone ? new Error("gone") : view)),
    "POST /api/sittings/": (body: Entries) => (gone ? new Error("gone") : stored(body)),
  });
  await sitDownAt(4);
  gone = true;
  write(bite("a"));
  await flush();
  expect(useChair.getState().reached).toBe(false);
  // The page is loaded again, still without the network.
  useChair.setState({ planId: 0, sitting: null, reached: true, problem: "", full: false });
  await sitDownAt(4);
  expect(useChair.getState().sitting?.unsent).toHaveLength(1);
  expect(useChair.getState().problem).toBe("");
  write(bite("b"));
  await flush();
  gone = false;
  await flush();
  expect(useChair.getState().sitting?.unsent).toEqual([]);
  expect(useChair.getState().reached).toBe(true);
  const arrived = asked(sent, "POST").at(-1)?.body as Entries;
  expect(arrived.entries.map((e) => e.number)).toEqual([0, 1]);
});

it("keeps a pause where it began once it is stored, though the device's clock is ahead", async () => {
  let gone = true;
  answering({
    ...both({ ...view, serverAt: new Date(Date.now() - 20_000).toISOString() }),
    "POST /api/sittings/": (body: Entries) => (gone ? new Error("gone") : stored(body)),
  });
  await sitDownAt(4);
  write({ kind: "paused" });
  await flush();
  const since = () => stands(useChair.getState().sitting as Sitting).pausedAt;
  const unsent = since();
  gone = false;
  await flush();
  expect(useChair.getState().sitting?.unsent).toEqual([]);
  expect(since()).toBe(unsent);
});

it("keeps sending what is refused off the network's account, and says why", async () => {
  answering({ ...both(view), "POST /api/sittings/": refused("No such move.") });
  await sitDownAt(4);
  write(bite("x"));
  await flush();
  expect(useChair.getState().problem).toBe("No such move.");
  expect(useChair.getState().reached).toBe(true);
  expect(useChair.getState().sitting?.unsent, "nothing is lost").toHaveLength(1);
});

it("begins anew when the sitting was tied off on another tablet", async () => {
  answering({
    "POST /api/plans/4/sitting": refused("It was tied off.", 404),
    "GET /api/plans/4/sitting": { ...view, token: "another" },
  });
  localStorage.setItem(
    "kite-sitting-4",
    JSON.stringify({ ...view, device: "d", next: 3, unsent: [], told: [] }),
  );
  await sitDownAt(4);
  expect(useChair.getState().sitting?.token).toBe("another");
  endSitting(4);
  expect(keptSitting(4)).toBeNull();
});

it("writes beside another tab of this device and overwrites nothing of it", async () => {
  const sent = answering({ ...both(view), "POST /api/sittings/": new Error("gone") });
  // The other tab is open: it holds its lock.
  const other = { ...view, device: "other", next: 2, unsent: [], told: [], keptAt: Date.now() };
  localStorage.setItem("kite-sitting-4/other", JSON.stringify({ ...other, unsent: [{ number: 1 }] }));
  await sitDownAt(4);
  write(bite("mine"));
  await flush();
  const { device } = useChair.getState().sitting as { device: string };
  expect(device).not.toBe("other");
  expect(JSON.parse(localStorage.getItem("kite-sitting-4/other") as string).unsent).toEqual([{ number: 1 }]);
  expect(asked(sent, "POST").every((s) => (s.body as Entries).device !== "other")).toBe(true);
  endSitting(4);
  expect(localStorage.getItem("kite-sitting-4/other"), "not sent, so not thrown away").not.toBeNull();
});

it("takes up what a tab closed long since has left, and sends it", async () => {
  const sent = answering({ ...both(view), "POST /api/sittings/": stored });
  const left = {
    ...view,
    device: "left",
    next: 1,
    unsent: [{ number: 0, at: view.startedAt, entry: bite("a") }],
  };
  localStorage.setItem("kite-sitting-4/left", JSON.stringify({ ...left, told: [], keptAt: 1 }));
  await sitDownAt(4);
  await flush();
  expect((asked(sent, "POST").find((s) => s.url.includes("/entries"))?.body as Entries).device).toBe("left");
});

it("says so at once when the device is full, and goes on sending", async () => {
  answering({ ...both(view), "POST /api/sittings/": stored });
  await sitDownAt(4);
  const set = vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  write(bite("a"));
  expect(useChair.getState().full).toBe(true);
  await flush();
  expect(useChair.getState().sitting?.unsent).toEqual([]);
  set.mockRestore();
  write(bite("b"));
  expect(useChair.getState().full).toBe(false);
});

it("sends again what the server lost, from where it says", async () => {
  let lost = true;
  const sent = answering({
    "POST /api/plans/4/sitting": {
      ...view,
      entries: [0, 1].map((number) => ({
        id: number + 1,
        device: "d",
        number,
        at: view.startedAt,
        entry: bite("a"),
      })),
    },
    "POST /api/sittings/": (body: Entries) => {
      if (!lost || body.entries[0]?.number === 1) return stored(body);
      lost = false;
      return new Response(JSON.stringify({ detail: "send from 1", stored: 1 }), { status: 409 });
    },
  });
  localStorage.setItem(
    "kite-sitting-4/d",
    JSON.stringify({ ...view, device: "d", next: 2, unsent: [], told: [], keptAt: 1 }),
  );
  await sitDownAt(4);
  write(bite("c"));
  await flush();
  const last = asked(sent, "POST").at(-1)?.body as Entries;
  expect(last.entries.map((e) => e.number)).toEqual([1, 2]);
  expect(useChair.getState().sitting?.unsent).toEqual([]);
});

it("begins nothing by looking; the clock begins with a start, also without the network", async () => {
  let gone = true;
  const sent = answering({
    "GET /api/plans/4/sitting": LOOKED_AT,
    "POST /api/plans/4/sitting": (body: { token: string; startedAt: string }) =>
      gone ? new Error("gone") : { ...view, token: body.token, startedAt: body.startedAt },
    "POST /api/sittings/": stored,
  });
  await sitDownAt(4);
  await flush();
  expect(asked(sent, "POST")).toEqual([]);
  expect(useChair.getState().sitting?.startedAt).toBeNull();
  start();
  write(bite("a"));
  await flush();
  expect(useChair.getState().sitting?.toBegin).toBe(true);
  gone = false;
  await flush();
  const { sitting } = useChair.getState();
  expect(sitting?.toBegin).toBe(false);
  expect(sitting?.unsent).toEqual([]);
  const begun = asked(sent, "POST").filter((s) => s.url === "/api/plans/4/sitting");
  expect(new Set(begun.map((s) => (s.body as { token: string }).token)).size, "one sitting").toBe(1);
});

it("keeps what is only looked at as it is, however often it is asked whether somebody began", async () => {
  vi.useFakeTimers({ toFake: ["setInterval", "clearInterval"] });
  const sent = answering({ "GET /api/plans/4/sitting": () => structuredClone(LOOKED_AT) });
  await sitDownAt(4);
  const was = useChair.getState().sitting;
  const leave = stayInTouch();
  vi.advanceTimersByTime(60_000);
  await vi.waitFor(() => expect(asked(sent, "GET").length).toBeGreaterThan(1));
  await flush();
  await Promise.resolve();
  leave();
  vi.useRealTimers();
  await new Promise((r) => setTimeout(r, 20));
  expect(useChair.getState().sitting, "nothing is drawn anew").toBe(was);
});

it("goes on with the sitting another tablet began meanwhile", async () => {
  const sent = answering({
    "GET /api/plans/4/sitting": LOOKED_AT,
    "POST /api/plans/4/sitting": view,
    "POST /api/sittings/": stored,
  });
  await sitDownAt(4);
  write(bite("a"));
  await flush();
  expect(useChair.getState().sitting?.token).toBe(TOKEN);
  expect(asked(sent, "POST").at(-1)?.url).toBe(`/api/sittings/${TOKEN}/entries`);
});

it("takes back what was done last, one after the other", async () => {
  answering({ ...both(view), "POST /api/sittings/": new Error("gone") });
  await sitDownAt(4);
  write(bite("a"));
  write({ kind: "skipped", move: "b", reason: "late" });
  write({ kind: "forDry", what: "fringe" });
  const now = () => stands(useChair.getState().sitting as Sitting);
  undo();
  expect(now().skipped.size).toBe(0);
  expect(now().bites.get("a")).toBe(1);
  undo();
  expect(now().bites.size).toBe(0);
  expect(now().forDry, "is seen, not taken back").toEqual(["fringe"]);
  const before = useChair.getState().sitting?.unsent.length;
  undo();
  expect(useChair.getState().sitting?.unsent, "nothing is left to take back").toHaveLength(before ?? 0);
});
