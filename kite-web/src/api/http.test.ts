import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { api, said } from "./http";
import type { PlanDocument } from "./types";

const busy = (more: object) => () =>
  new Response(JSON.stringify({ detail: "Much is asked just now.", ...more }), {
    status: 503,
    headers: { "Retry-After": "2" },
  });

function answering(...answers: (() => Response)[]) {
  let n = 0;
  const asked = vi.fn(async () => (answers[Math.min(n++, answers.length - 1)] as () => Response)());
  vi.stubGlobal("fetch", asked);
  return asked;
}

beforeEach(() => {
  vi.useFakeTimers();
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it("asks again when the server says when", async () => {
  const asked = answering(busy({ askAgain: true }), () => new Response('{"on":true}'));
  const answer = said(api.GET("/api/session/second"));
  await vi.advanceTimersByTimeAsync(1900);
  expect(asked).toHaveBeenCalledTimes(1);
  await vi.advanceTimersByTimeAsync(200);
  expect(await answer).toEqual({ on: true });
});

it("tells it in the end, and at once where something may have been done", async () => {
  const often = answering(busy({ askAgain: true }));
  const failed = expect(said(api.GET("/api/session/second"))).rejects.toThrow("Much is asked just now.");
  await vi.advanceTimersByTimeAsync(20_000);
  await failed;
  expect(often).toHaveBeenCalledTimes(6);
  const once = answering(busy({}));
  await expect(said(api.GET("/api/session/second"))).rejects.toThrow("Much is asked just now.");
  expect(once).toHaveBeenCalledTimes(1);
});

it("is on its way before the page is left: no turn of the browser's passes", async () => {
  // biome-ignore lint/suspicious/noDocumentCookie: the browser has it from the server
  document.cookie = "XSRF-TOKEN=t";
  // A browser reads a request's body back in a turn of its own, which a page being left does not get.
  vi.spyOn(Request.prototype, "text").mockReturnValue(new Promise(() => undefined));
  const asked = answering(() => new Response('{"version":2}'));
  const plan = {
    version: 4,
    title: "t",
    head: { kind: "measured", girthMm: 570 },
    start: { kind: "taped", tapedMm: {} },
  };
  const save = api.PUT("/api/plans/{id}", {
    params: { path: { id: 7 } },
    body: { version: 1, document: { ...plan, sections: [], moves: [] } as PlanDocument },
  });
  for (let i = 0; i < 12; i++) await Promise.resolve();
  expect(asked).toHaveBeenCalledTimes(1);
  const [url, init] = asked.mock.calls[0] as unknown as [string, RequestInit];
  expect(url).toBe("/api/plans/7");
  expect(init.keepalive).toBe(true);
  expect(JSON.parse(String(init.body)).version).toBe(1);
  await save;
});
