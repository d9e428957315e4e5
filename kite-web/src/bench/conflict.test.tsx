import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Cut, PlanDocument } from "../api/types";
import { asked, atPage } from "../atPage";
import { usePlan } from "../store/planStore";
import { Conflict } from "./Conflict";
import { openOneMove } from "./oneMove";

vi.mock("../store/useOutcome", () => ({ useOutcome: () => ({ problems: [], message: "" }) }));
vi.mock("../parts/useHead", () => ({ useHead: () => ({}), useSeams: () => undefined }));

beforeEach(() => {
  localStorage.clear();
  openOneMove({ kind: "guard", number: 3, leverMm: 0, grain: "with" } as Cut);
  usePlan.setState({ save: "conflict", saveMessage: "Joris has changed it since." });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const theirs = () => ({ ...(usePlan.getState().document as PlanDocument), title: "Theirs" });
const shown = () => {
  const document = theirs();
  return atPage(<Conflict units="cm" />, {
    "GET /api/plans/1": {
      id: 1,
      clientId: 1,
      clientName: "",
      version: 9,
      updatedAt: "",
      work: "w",
      document,
    },
    "POST /api/edit/differences": ["The guard is 3."],
    "PUT /api/plans/1": { version: 10 },
  });
};

it("says what mine has differently, and keeps mine over what the shop has now", async () => {
  const sent = shown();
  await screen.findByText("Mine: The guard is 3.");
  expect(screen.getByText("Joris has changed it since.")).toBeTruthy();
  fireEvent.click(screen.getByText("Keep mine"));
  await waitFor(() => expect(usePlan.getState().save).toBe("saved"));
  expect(asked(sent, "PUT")[0]?.body).toMatchObject({ version: 9, document: { title: "" } });
  expect(screen.queryByRole("alertdialog")).toBeNull();
});

it("takes theirs when that is chosen, and saves nothing", async () => {
  const sent = shown();
  await screen.findByText("Two people changed this plan");
  fireEvent.click(screen.getByText("Take theirs"));
  await waitFor(() => expect(usePlan.getState().document?.title).toBe("Theirs"));
  expect(usePlan.getState().version).toBe(9);
  expect(asked(sent, "PUT")).toEqual([]);
});
