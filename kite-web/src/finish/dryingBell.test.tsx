import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { DryingBell } from "./DryingBell";

const { ring } = vi.hoisted(() => ({ ring: vi.fn() }));
vi.mock("../frame/bell", () => ({ ring }));

beforeEach(() => {
  vi.useFakeTimers();
  ring.mockClear();
  render(<DryingBell />);
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const pass = (sec: number) => act(() => vi.advanceTimersByTime(sec * 1000));

it("runs down from when it was touched, and rings once", () => {
  pass(90);
  fireEvent.click(screen.getByText("Ring in 3 min"));
  expect(screen.getByRole("timer").textContent).toBe("Rings in 3:00");
  pass(61);
  expect(screen.getByRole("timer").textContent).toBe("Rings in 1:59");
  pass(118);
  expect(ring).not.toHaveBeenCalled();
  pass(2);
  expect(ring).toHaveBeenCalledTimes(1);
  screen.getByText("Ring in 3 min");
});

it("is called off without a sound", () => {
  fireEvent.click(screen.getByText("Ring in 5 min"));
  pass(10);
  fireEvent.click(screen.getByText("No bell"));
  pass(400);
  expect(ring).not.toHaveBeenCalled();
});
