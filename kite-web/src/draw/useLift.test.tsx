import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { useRef } from "react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { useLift } from "./useLift";

const lift = vi.fn();

function Drawing() {
  const svg = useRef<SVGSVGElement>(null);
  const by = useLift(svg, lift);
  return (
    <svg
      ref={svg}
      role="img"
      aria-label="drawing"
      onPointerDown={by.down}
      onPointerMove={by.move}
      onPointerUp={by.end}
      onPointerCancel={by.end}
    />
  );
}

/** jsdom knows pointer events by name alone: what they carry is put on them. */
function pointer(name: "pointerDown" | "pointerMove" | "pointerUp", of: object): void {
  const e = new MouseEvent(name.toLowerCase(), { bubbles: true, cancelable: true, ...of });
  for (const [k, v] of Object.entries({ pointerId: 1, ...of })) Object.defineProperty(e, k, { value: v });
  fireEvent(screen.getByRole("img"), e);
}

beforeEach(() => {
  vi.useFakeTimers();
  lift.mockReset();
  render(<Drawing />);
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

it("lifts at once by a mouse or a pen", () => {
  for (const pointerType of ["mouse", "pen"]) pointer("pointerDown", { pointerType, clientX: 5, clientY: 6 });
  expect(lift).toHaveBeenCalledTimes(2);
  expect(lift).toHaveBeenLastCalledWith({ clientX: 5, clientY: 6, pointerId: 1 });
});

it("lifts by a finger that rests, and keeps the page still then", () => {
  pointer("pointerDown", { pointerType: "touch", clientX: 5, clientY: 6 });
  pointer("pointerMove", { pointerType: "touch", clientX: 8, clientY: 9 });
  expect(lift).not.toHaveBeenCalled();
  vi.advanceTimersByTime(400);
  expect(lift).toHaveBeenCalledTimes(1);
  expect(fireEvent.touchMove(screen.getByRole("img"))).toBe(false);
  pointer("pointerUp", { pointerType: "touch" });
  expect(fireEvent.touchMove(screen.getByRole("img"))).toBe(true);
});

it("leaves a swipe of 40 px and a short touch alone", () => {
  pointer("pointerDown", { pointerType: "touch", clientX: 5, clientY: 6 });
  pointer("pointerMove", { pointerType: "touch", clientX: 5, clientY: 46 });
  vi.advanceTimersByTime(900);
  pointer("pointerUp", { pointerType: "touch" });
  pointer("pointerDown", { pointerType: "touch", clientX: 5, clientY: 6 });
  pointer("pointerUp", { pointerType: "touch" });
  vi.advanceTimersByTime(900);
  expect(lift).not.toHaveBeenCalled();
});
