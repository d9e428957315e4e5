import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { GrowPage } from "./GrowPage";

beforeEach(() => {
  vi.useFakeTimers({ toFake: ["Date"], now: new Date("2026-03-02T09:00:00Z") });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const way = {
  title: "Soft Tail",
  reachableWeeks: { early: 10, mean: 12, late: 15 },
  last: "nape",
  visits: [0, 6, 12].map((week) => ({ week, steps: [] })),
  words: "First reached in about 12 weeks.",
  told: [
    { take: "", leave: "Leave nape, back, crown.", ends: "" },
    { take: "Take 8 mm off the sides.", leave: "Leave nape, back.", ends: "5 mm at the crown." },
    { take: "Take 1.4 cm off the sides.", leave: "", ends: "" },
  ],
};
const grown = (more: Record<string, unknown> = {}) =>
  atPage(
    <GrowPage />,
    {
      "GET /api/clients/3": { id: 3, name: "Bram", sitDowns: [{ id: 1, version: 2 }], plans: [] },
      "GET /api/clients/3/growing/soft-tail": way,
      "GET /api/clients/3/growing/soft-tail/meanwhile": { words: "Until the next: wear it back." },
      ...more,
    },
    "/clients/:id/grow/:family",
    "/clients/3/grow/soft-tail",
  );

it("says on which day it is there, between which it may be, and each visit's day", async () => {
  grown();
  await screen.findByText(/About 25 May 2026, between 11 May 2026 and 15 June 2026/);
  expect(screen.getAllByRole("heading", { level: 2 }).map((h) => h.textContent)).toEqual([
    "Today",
    "13 April 2026",
    "25 May 2026there",
  ]);
  expect(screen.getByText("Take 8 mm off the sides.")).toBeTruthy();
  // How it is worn is asked until it is there, not after.
  await waitFor(() => expect(screen.getAllByText("Until the next: wear it back.")).toHaveLength(2));
});

it("asks anew when visits are closer or farther apart", async () => {
  const sent = grown();
  await screen.findByText(/About 25 May/);
  fireEvent.click(screen.getByLabelText("8 weeks"));
  await waitFor(() =>
    expect(asked(sent, "GET").map((s) => s.url)).toContain("/api/clients/3/growing/soft-tail?everyWeeks=8"),
  );
});

it("books a visit from its day on, and none for today", async () => {
  const sent = grown({
    "GET /api/diary/free": {
      personId: 2,
      stylist: "Joris",
      startsAt: "2026-04-13T09:30:00Z",
      minutes: 45,
      zone: "America/New_York",
    },
    "POST /api/appointments": {},
  });
  await screen.findByText(/About 25 May/);
  expect(screen.getAllByText("Find a time")).toHaveLength(2);
  fireEvent.click(screen.getAllByText("Find a time")[0] as Element);
  fireEvent.click(await screen.findByText(/^Book Mon 13 April/));
  await screen.findByText(/^Booked: Mon 13 April/);
  expect(asked(sent, "GET").map((s) => s.url)).toContain("/api/diary/free?from=2026-04-13");
  expect(asked(sent, "POST")[0]?.body).toMatchObject({ personId: 2, clientId: 3, minutes: 45 });
});

it("says why there is no way", async () => {
  grown({ "GET /api/clients/3/growing/soft-tail": refused("No such shape.", 404) });
  await screen.findByText(/No such shape/);
});
