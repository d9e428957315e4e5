import { cleanup, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { atPage, refused } from "../atPage";
import { Today } from "./Today";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const booked = (id: number, startsAt: string, endsAt: string, state: string, planId?: number) => ({
  id,
  personId: 1,
  stylist: "Maud",
  clientId: 10 + id,
  clientName: `Client ${id}`,
  planId,
  planTitle: planId ? "Quiet Side Part" : undefined,
  planVersion: 1,
  startsAt,
  endsAt,
  state,
});

const day = (appointments: unknown[]) => ({
  date: "2026-03-02",
  shop: "The Landing",
  zone: "Europe/Amsterdam",
  now: "2026-03-02T09:40:00Z",
  appointments,
});

it("says who is done, in the chair, waits, is late or did not come, and who needs a plan", async () => {
  atPage(<Today />, {
    "GET /api/today": day([
      booked(1, "2026-03-02T08:00:00Z", "2026-03-02T08:45:00Z", "done", 4),
      booked(2, "2026-03-02T09:15:00Z", "2026-03-02T10:00:00Z", "inTheChair", 5),
      booked(3, "2026-03-02T09:35:00Z", "2026-03-02T10:45:00Z", "planned"),
      booked(4, "2026-03-02T10:00:00Z", "2026-03-02T10:45:00Z", "here", 6),
      booked(5, "2026-03-02T08:30:00Z", "2026-03-02T09:00:00Z", "didNotCome", 7),
      booked(7, "2026-03-02T07:00:00Z", "2026-03-02T07:45:00Z", "planned", 9),
      booked(6, "2026-03-02T12:00:00Z", "2026-03-02T12:45:00Z", "planned", 8),
    ]),
  });
  await screen.findByText(/^Monday,? 2 March$/);
  const cards = screen.getAllByRole("listitem").map((li) => li.textContent ?? "");
  expect(cards[0]).toMatch(/done$/);
  expect(cards[1]).toContain("in the chair, 20 min left");
  // In the shop's own time, an hour ahead of the server's.
  expect(cards[1]).toContain("10:15");
  expect(cards[2]).toContain("To be planned");
  expect(cards[2]).toMatch(/expected since 5 minutes$/);
  expect(cards[3]).toMatch(/here$/);
  expect(cards[4]).toMatch(/did not come$/);
  expect(cards[5]).toMatch(/nobody sat down$/);
  expect(cards[6], "nothing to say of who comes later").toMatch(/Maud$/);
  expect(screen.getByText("Client 3").closest("a")?.getAttribute("href")).toBe("/clients/13");
});

it("leads a day without anybody to the walk-in, and a server that is gone to another try", async () => {
  atPage(<Today />, { "GET /api/today": day([]) });
  await screen.findByText(/Nobody is booked today/);
  expect(screen.getByText("Walk-in").getAttribute("href")).toBe("/clients/new");
  cleanup();
  atPage(<Today />, { "GET /api/today": refused("The shop's database does not answer.", 503) });
  await screen.findByText(/The shop's database does not answer/);
});
