import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Cut } from "../api/types";
import { atPage } from "../atPage";
import { look, useLook } from "../store/lookStore";
import { change, usePlan } from "../store/planStore";
import { openOneMove } from "./oneMove";
import { WornStrip } from "./WornStrip";

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  openOneMove({ kind: "guard", number: 3, leverMm: 0, grain: "with" } as Cut);
  look({ week: 0, shown: "bare", view: "front" });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const open = () => {
  atPage(<WornStrip />, {});
  fireEvent.click(screen.getByText("Otherwise"));
};
const styling = () => usePlan.getState().document?.styling;

it("shows every way but the one it is worn, later in the day, and weeks on", () => {
  change(["styling"], { way: "back" });
  open();
  const names = screen.getAllByRole("listitem").map((li) => li.textContent);
  expect(names).not.toContain("worn back");
  expect(names).toEqual(
    expect.arrayContaining(["worn forward", "worn up", "by evening", "next morning", "8 weeks"]),
  );
  expect(new Set(names).size).toBe(names.length);
});

it("wears it as it was touched, and looks at it fallen", () => {
  open();
  fireEvent.click(screen.getByText("worn forward"));
  expect(styling()).toMatchObject({ way: "forward" });
  expect(useLook.getState().shown).toBe("fallen");
});

it("goes on to an hour or a week, the way it is worn kept", () => {
  change(["styling"], { way: "back" });
  open();
  fireEvent.click(screen.getByText("next morning"));
  expect(styling()).toMatchObject({ way: "back", hours: 22 });
  fireEvent.click(screen.getByText("Otherwise"));
  fireEvent.click(screen.getByText("4 weeks"));
  expect(useLook.getState().week).toBe(4);
});
