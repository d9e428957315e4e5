import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage } from "../atPage";
import { usePlan } from "../store/planStore";
import { FINGERS, openOneMove } from "./oneMove";
import { PlanName } from "./PlanName";

const title = () => usePlan.getState().document?.title;
const shown = (answers: Record<string, unknown> = {}) =>
  atPage(<PlanName title="Quiet Side Part" clientId={7} />, answers);
const field = () => screen.getByLabelText("What it is called");

beforeEach(() => {
  localStorage.clear();
  openOneMove(FINGERS);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("gives a plan another name at Enter, and none but a name", () => {
  shown();
  fireEvent.click(screen.getByRole("button", { name: "Quiet Side Part" }));
  fireEvent.change(field(), { target: { value: "  " } });
  fireEvent.blur(field());
  expect(title()).toBe("");
  fireEvent.change(field(), { target: { value: "For the wedding " } });
  fireEvent.keyDown(field(), { key: "Enter" });
  expect(title()).toBe("For the wedding");
  expect(screen.queryByLabelText("What it is called")).toBeNull();
});

it("makes a second plan of it and opens that", async () => {
  const sent = shown({ "POST /api/clients/7/plans": { id: 12 } });
  fireEvent.click(screen.getByRole("button", { name: "Quiet Side Part" }));
  fireEvent.click(screen.getByRole("button", { name: "A second plan like it" }));
  await screen.findByText("elsewhere");
  expect(asked(sent, "POST")[0]?.body).toMatchObject({
    document: { title: "Quiet Side Part, again", moves: [{ id: "a" }] },
  });
});

it("puts the plan away and leads back to the client", async () => {
  usePlan.setState({ id: 5 });
  const sent = shown({ "PUT /api/plans/5/away": {} });
  fireEvent.click(screen.getByRole("button", { name: "Quiet Side Part" }));
  fireEvent.click(screen.getByRole("button", { name: "Put this plan away" }));
  await screen.findByText("elsewhere");
  expect(asked(sent, "PUT").map((s) => s.body)).toEqual([{ away: true }]);
});
