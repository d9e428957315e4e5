import { renderHook, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { signedInAgain, useSignedOut } from "../api/signedOut";
import { useComb } from "./useComb";

/** A stream one can speak for. */
class Stream extends EventTarget {
  static readonly CLOSED = 2;
  static all: Stream[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Stream.all.push(this);
  }
  says(mm: number) {
    this.dispatchEvent(new MessageEvent("reading", { data: JSON.stringify({ lengthMm: mm }) }));
  }
  breaks() {
    this.readyState = Stream.CLOSED;
    this.dispatchEvent(new Event("error"));
  }
  close() {
    this.readyState = Stream.CLOSED;
  }
}

beforeEach(() => {
  Stream.all = [];
  vi.stubGlobal("EventSource", Stream);
  useSignedOut.setState({ atWork: true, out: false });
});
afterEach(() => vi.unstubAllGlobals());

const latest = () => Stream.all.at(-1) as Stream;

it("hands on what the comb reads, and listens no longer than it is asked to", () => {
  const reading = vi.fn();
  const { rerender } = renderHook(({ on }) => useComb(on, reading, () => undefined), {
    initialProps: { on: true },
  });
  latest().says(42);
  expect(reading).toHaveBeenCalledWith(42);
  rerender({ on: false });
  expect(latest().readyState).toBe(Stream.CLOSED);
  expect(Stream.all).toHaveLength(1);
});

it("is listened to again once the password is given", async () => {
  let over = true;
  vi.stubGlobal("fetch", async () => new Response("{}", { status: over ? 401 : 200 }));
  const lost = vi.fn();
  const reading = vi.fn();
  renderHook(() => useComb(true, reading, lost));
  latest().breaks();
  await waitFor(() => expect(useSignedOut.getState().out).toBe(true));
  expect(Stream.all).toHaveLength(1);
  over = false;
  signedInAgain();
  await waitFor(() => expect(Stream.all).toHaveLength(2));
  latest().says(17);
  expect(reading).toHaveBeenCalledWith(17);
  expect(lost).not.toHaveBeenCalled();
});

it("a comb that cannot be reached is told, and not tried for ever", async () => {
  vi.stubGlobal("fetch", async () => new Response("{}", { status: 200 }));
  const lost = vi.fn();
  renderHook(() => useComb(true, () => undefined, lost));
  latest().breaks();
  await waitFor(() => expect(Stream.all).toHaveLength(2));
  latest().breaks();
  expect(lost).toHaveBeenCalledTimes(1);
  expect(Stream.all).toHaveLength(2);
});
