import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { Plans } from "./Plans";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const plan = (id: number, title: string, away: boolean) => ({
  id,
  title,
  version: 1,
  updatedAt: "2031-03-04T09:30:00Z",
  away,
});
const two = [plan(3, "Quiet Side Part", false), plan(4, "Tried once", true)];
const away = () => screen.getByText("Put away (1)").closest("details") as HTMLDetailsElement;

it("keeps what was put away out of sight until it is asked for, and says when there is nothing else", () => {
  atPage(<Plans clientId={7} plans={two} />, {});
  expect(screen.getAllByText("Open the bench")).toHaveLength(1);
  expect(away().open).toBe(false);
  cleanup();
  atPage(<Plans clientId={7} plans={[plan(4, "Tried once", true)]} />, {});
  expect(screen.getByText(/^No plan yet/)).toBeTruthy();
  cleanup();
  atPage(<Plans clientId={7} plans={[]} />, {});
  expect(screen.queryByText(/^Put away/)).toBeNull();
});

it("brings a plan back by a touch", async () => {
  const sent = atPage(<Plans clientId={7} plans={two} />, { "PUT /api/plans/4/away": {} });
  fireEvent.click(screen.getByText("Bring back"));
  await waitFor(() => expect(asked(sent, "PUT").map((s) => s.body)).toEqual([{ away: false }]));
});

it("deletes only at a second touch, and says why one stays", async () => {
  const sent = atPage(<Plans clientId={7} plans={two} />, {
    "DELETE /api/plans/4": refused("plan: was cut, is being cut or is booked; put it away instead"),
  });
  fireEvent.click(screen.getByText("Delete"));
  expect(asked(sent, "DELETE")).toHaveLength(0);
  fireEvent.click(screen.getByText("Delete for good?"));
  expect((await screen.findByRole("alert")).textContent).toContain("put it away instead");
  expect(asked(sent, "DELETE")).toHaveLength(1);
  expect(screen.getByText("Delete")).toBeTruthy();
});
