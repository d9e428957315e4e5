import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { api, said } from "./http";

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
