import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { useNavigate } from "react-router";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage } from "../atPage";
import { HelpPage } from "../help/HelpPage";
import { STEPS, stepOn } from "../parts/steps";
import { useWalk } from "../parts/useWalk";
import { Walk } from "../parts/Walk";

beforeEach(() => {
  localStorage.clear();
  useWalk.setState({ at: null });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

let go: (to: string) => void;
function Walking() {
  go = useNavigate();
  return <Walk />;
}
const words = () => screen.getByRole("status").textContent;

it("goes on with the screens and by a touch within one, and never back by itself", () => {
  useWalk.getState().set(0);
  atPage(<Walking />, {}, "*", "/clients/7/sit");
  expect(words()).toBe(STEPS[0]?.words);
  expect(screen.queryByText("Next")).toBeNull();
  act(() => go("/clients/7"));
  expect(words()).toBe(STEPS[1]?.words);
  act(() => go("/plans/3"));
  expect(words()).toBe(STEPS[2]?.words);
  fireEvent.click(screen.getByText("Next"));
  expect(words()).toBe(STEPS[3]?.words);
  act(() => go("/"));
  expect(words()).toContain(STEPS[3]?.words);
  // Who went to the chair at once has walked the bench.
  act(() => go("/plans/3/chair"));
  expect(words()).toBe(STEPS[5]?.words);
  fireEvent.click(screen.getByText("Done"));
  expect(screen.queryByRole("status")).toBeNull();
});

it("is left at any point, and is where it was after a reload", async () => {
  useWalk.getState().set(2);
  expect(localStorage.getItem("kite-walk")).toBe("2");
  atPage(<Walking />, {}, "*", "/plans/3");
  fireEvent.click(screen.getByText("Leave the walk"));
  expect(localStorage.getItem("kite-walk")).toBeNull();
  expect(screen.queryByRole("status")).toBeNull();
});

it("knows no step behind the last, nor before the one it is at", () => {
  expect(stepOn(4, "/clients/7/sit")).toBe(4);
  expect(stepOn(5, "/diary")).toBe(5);
});

it("begins on the help page with a head nobody's is", async () => {
  const sent = atPage(<HelpPage />, { "POST /api/clients": { id: 12 } });
  fireEvent.click(screen.getByText("A first walk: three minutes on a practice head"));
  await waitFor(() => expect(useWalk.getState().at).toBe(0));
  expect(asked(sent, "POST")).toHaveLength(1);
});
