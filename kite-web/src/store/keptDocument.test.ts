import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { PlanView } from "../api/types";
import { change, openPlan, plan, usePlan } from "./planStore";

const { keepMine, saveNow, startAutosave, takeTheirs } = plan;

const view = (version: number, title = "t") =>
  ({
    id: 7,
    clientId: 1,
    clientName: "c",
    version,
    updatedAt: "",
    document: { version: 1, title, moves: [] },
  }) as unknown as PlanView;
const answer = (status: number, body: unknown) =>
  Promise.resolve(new Response(JSON.stringify(body), { status }));
const calls: { method: string; url: string; body: { version: number; document: { title: string } } }[] = [];
let reply: (url: string, method: string) => Promise<Response>;

beforeEach(() => {
  calls.length = 0;
  localStorage.clear();
  // biome-ignore lint/suspicious/noDocumentCookie: the CSRF token is a cookie
  document.cookie = "XSRF-TOKEN=abc";
  vi.stubGlobal("fetch", (url: string, init?: RequestInit) => {
    const method = init?.method ?? "GET";
    if (method === "PUT") calls.push({ method, url, body: JSON.parse(String(init?.body)) });
    return reply(url, method);
  });
  openPlan(view(4));
});
afterEach(() => vi.unstubAllGlobals());

it("sends the version the work stands on and keeps the new one", async () => {
  reply = () => answer(200, { version: 5 });
  change(["title"], "mine");
  await saveNow();
  expect(calls[0]?.body.version).toBe(4);
  expect(calls[0]?.body.document.title).toBe("mine");
  expect(usePlan.getState()).toMatchObject({ version: 5, save: "saved" });
});

it("does nothing when nothing changed", async () => {
  await saveNow();
  expect(calls).toHaveLength(0);
});

it("goes on being unsaved when work went on meanwhile", async () => {
  reply = () => {
    change(["title"], "newer", 99_999);
    return answer(200, { version: 5 });
  };
  change(["title"], "mine");
  await saveNow();
  expect(usePlan.getState()).toMatchObject({ version: 5, save: "unsaved" });
});

it("never has two saves under way, however slow the first", async () => {
  vi.useFakeTimers();
  let answerFirst: (r: Response) => void = () => undefined;
  reply = () =>
    calls.length === 1
      ? new Promise((done) => {
          answerFirst = done;
        })
      : answer(200, { version: 6 });
  change(["title"], "mine", 1000);
  const first = saveNow();
  await vi.advanceTimersByTimeAsync(0);
  change(["title"], "newer", 99_999);
  await saveNow();
  expect(calls).toHaveLength(1);
  answerFirst(new Response(JSON.stringify({ version: 5 })));
  await first;
  await vi.advanceTimersByTimeAsync(600);
  expect(calls.map((c) => [c.body.version, c.body.document.title])).toEqual([
    [4, "mine"],
    [5, "newer"],
  ]);
  expect(usePlan.getState()).toMatchObject({ version: 6, save: "saved" });
  vi.useRealTimers();
});

it("offers the choice when somebody else was first, and keeps this work", async () => {
  reply = (_, method) =>
    method === "GET"
      ? answer(200, view(9, "theirs"))
      : calls.length === 1
        ? answer(409, { detail: "changed elsewhere" })
        : answer(200, { version: 10 });
  change(["title"], "mine");
  await saveNow();
  expect(usePlan.getState()).toMatchObject({ save: "conflict", saveMessage: "changed elsewhere" });
  await keepMine();
  expect(calls[1]?.body).toMatchObject({ version: 9, document: { title: "mine" } });
  expect(usePlan.getState()).toMatchObject({ version: 10, save: "saved" });
});

it("takes theirs when told so", async () => {
  reply = () => answer(200, view(9, "theirs"));
  change(["title"], "mine");
  usePlan.setState({ save: "conflict" });
  await takeTheirs();
  expect(usePlan.getState()).toMatchObject({ version: 9, save: "saved", done: [] });
  expect(usePlan.getState().document?.title).toBe("theirs");
});

it("says so when the server is gone, and saves again later", async () => {
  reply = () => Promise.reject(new TypeError("network"));
  change(["title"], "mine");
  await saveNow();
  expect(usePlan.getState().save).toBe("failed");
  expect(usePlan.getState().saveMessage).toContain("cannot be reached");
  reply = () => answer(200, { version: 5 });
  await saveNow();
  expect(usePlan.getState()).toMatchObject({ version: 5, save: "saved" });
});

it("saves by itself within half a second, also while typing goes on", async () => {
  vi.useFakeTimers();
  let version = 5;
  reply = () => answer(200, { version: version++ });
  const stop = startAutosave();
  for (let t = 0; t < 1200; t += 100) {
    change(["title"], "a".repeat(t / 100 + 1), 1000 + t);
    await vi.advanceTimersByTimeAsync(100);
    const last = calls.at(-1)?.body.document.title.length ?? 0;
    expect(t / 100 + 1 - last).toBeLessThanOrEqual(5);
  }
  await vi.advanceTimersByTimeAsync(600);
  expect(calls.at(-1)?.body.document.title).toBe("a".repeat(12));
  expect(calls.length).toBeLessThan(8);
  stop();
  vi.useRealTimers();
});

it("tries again by itself once the server is back", async () => {
  vi.useFakeTimers();
  const stop = startAutosave();
  reply = () => Promise.reject(new TypeError("network"));
  change(["title"], "mine");
  await vi.advanceTimersByTimeAsync(500);
  expect(usePlan.getState().save).toBe("failed");
  reply = () => answer(200, { version: 5 });
  await vi.advanceTimersByTimeAsync(2500);
  expect(usePlan.getState()).toMatchObject({ version: 5, save: "saved" });
  stop();
  vi.useRealTimers();
});

it("saves what was mended while a refusal was on its way", async () => {
  vi.useFakeTimers();
  const stop = startAutosave();
  let refuse: (r: Response) => void = () => undefined;
  reply = () =>
    calls.length === 1
      ? new Promise((done) => {
          refuse = done;
        })
      : answer(200, { version: 5 });
  change(["title"], "bad", 1000);
  await vi.advanceTimersByTimeAsync(500);
  change(["title"], "good", 99_999);
  refuse(new Response(JSON.stringify({ detail: "no" }), { status: 422 }));
  await vi.advanceTimersByTimeAsync(600);
  expect(calls.at(-1)?.body.document.title).toBe("good");
  expect(usePlan.getState()).toMatchObject({ version: 5, save: "saved" });
  stop();
  vi.useRealTimers();
});

it("finds unsaved work again after a reload, and asks when it was changed elsewhere meanwhile", async () => {
  reply = () => Promise.reject(new TypeError("network"));
  const stop = startAutosave();
  change(["title"], "mine");
  await saveNow();
  openPlan(view(4));
  expect(usePlan.getState()).toMatchObject({ save: "unsaved", document: { title: "mine" } });
  openPlan(view(9, "theirs"));
  expect(usePlan.getState()).toMatchObject({ save: "conflict", document: { title: "mine" } });
  reply = () => answer(200, view(9, "theirs"));
  await takeTheirs();
  expect(usePlan.getState()).toMatchObject({ save: "saved", document: { title: "theirs" } });
  openPlan(view(9, "theirs"));
  expect(usePlan.getState().save).toBe("saved");
  stop();
});
