import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { ChairEntry, PlanDocument } from "../api/types";
import { stepAfter } from "../chair/ChairMove";
import { endSitting, flush, keptSitting, sitDownAt, useChair, write } from "./chairStore";
import { nextMove, type Sitting, stands, workedMs } from "./sitting";

const START = Date.parse("2026-03-02T09:00:00Z");
const plan = (...ids: string[]) => ({ moves: ids.map((id) => ({ id })) }) as PlanDocument;
const at = (sec: number) => new Date(START + sec * 1000).toISOString();

function sitting(...entries: [number, ChairEntry][]): Sitting {
  return {
    token: "t",
    startedAt: at(0),
    document: plan("a", "b", "c"),
    device: "d",
    next: entries.length,
    unsent: entries.map(([sec, entry], number) => ({ number, at: at(sec), entry })),
    told: [],
  };
}

it("the next move is the first neither done nor skipped; gone back to, it is next again", () => {
  const s = sitting([1, { kind: "done", move: "a" }], [2, { kind: "skipped", move: "b", reason: "" }]);
  expect(nextMove(stands(s))).toBe(2);
  s.unsent.push({ number: 2, at: at(3), entry: { kind: "reopened", move: "a" } });
  expect(nextMove(stands(s))).toBe(0);
});

it("entries of two tablets are put in the order they were done, and counted once", () => {
  const s = sitting([4, { kind: "bite", move: "a" }]);
  s.told = [
    { id: 7, device: "other", number: 0, at: at(2), entry: { kind: "bite", move: "a" } },
    { id: 8, device: "d", number: 0, at: at(4), entry: { kind: "bite", move: "a" } },
    { id: 9, device: "other", number: 1, at: at(9), entry: { kind: "replanned", plan: plan("x", "a") } },
  ];
  expect(stands(s).bites.get("a")).toBe(2);
  expect(stands(s).document.moves[0]?.id).toBe("x");
});

it("a pause stops the clock", () => {
  const s = sitting([60, { kind: "paused" }], [360, { kind: "resumed" }]);
  expect(workedMs(s, stands(s), START + 400_000)).toBe(100_000);
  s.unsent.push({ number: 2, at: at(400), entry: { kind: "paused" } });
  expect(workedMs(s, stands(s), START + 900_000)).toBe(100_000);
});

it("turns of feet or chair are spread evenly over the bites", () => {
  const steps = [1, 2, 3, 4, 5, 6, 7, 8].filter((b) => stepAfter(b, 9, 2));
  expect(steps).toEqual([3, 6]);
  expect(stepAfter(3, 9, 0)).toBe(false);
});

/** A server that stores entries as the real one does, and can be gone. */
class Server {
  gone = false;
  stored: { device: string; number: number; entry: ChairEntry }[] = [];
  loseAnswer = false;

  answer(url: string, body: string): Response {
    if (this.gone) throw new TypeError("network");
    const told = body === "undefined" ? null : JSON.parse(body);
    if (url.endsWith("/sitting"))
      return Response.json({
        token: told?.token ?? null,
        startedAt: told?.startedAt ?? null,
        document: plan("a"),
        entries: [],
      });
    for (const e of told.entries) {
      const next = this.stored.filter((s) => s.device === told.device).length;
      if (e.number === next) this.stored.push({ device: told.device, number: e.number, entry: e.entry });
    }
    if (this.loseAnswer) throw new TypeError("network");
    return Response.json({ stored: this.stored.length });
  }
}

let server: Server;
beforeEach(() => {
  server = new Server();
  // biome-ignore lint/suspicious/noDocumentCookie: the token the server would set
  document.cookie = "XSRF-TOKEN=x";
  vi.stubGlobal("fetch", async (url: string, init: RequestInit) => server.answer(url, String(init.body)));
});
afterEach(() => {
  endSitting(5);
  vi.unstubAllGlobals();
});

it("what is written while the network is gone outlives a reload, and arrives once, in order", async () => {
  await sitDownAt(5);
  server.gone = true;
  write({ kind: "bite", move: "a" });
  write({ kind: "done", move: "a" });
  await flush();
  expect(useChair.getState().reached).toBe(false);
  expect(keptSitting(5)?.unsent).toHaveLength(2);
  // The page is loaded anew, still without the network.
  useChair.setState({ planId: 0, sitting: null });
  await sitDownAt(5);
  expect(stands(useChair.getState().sitting as Sitting).done.has("a")).toBe(true);
  write({ kind: "reopened", move: "a" });
  await flush();
  // It comes back, takes them in, and its answer is lost: they are sent again.
  server.gone = false;
  server.loseAnswer = true;
  await flush();
  expect(keptSitting(5)?.unsent).toHaveLength(3);
  server.loseAnswer = false;
  await flush();
  expect(keptSitting(5)?.unsent).toHaveLength(0);
  expect(server.stored.map((s) => s.entry.kind)).toEqual(["bite", "done", "reopened"]);
});
