import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage } from "../atPage";
import { FirstDay } from "./FirstDay";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const fresh = {
  "GET /api/clients": [],
  "GET /api/kit": { tools: [] },
  "GET /api/shop/services": { services: [{ id: 1, name: "Cut", minutes: 45 }] },
  "GET /api/people": { people: [{ id: 1 }], roles: [] },
};

it("leads an empty shop to its hours, services, tools, people and first client, and says what is done", async () => {
  atPage(<FirstDay />, fresh);
  const links = async () =>
    (await screen.findAllByRole("link")).map((l) => [
      l.getAttribute("href"),
      l.textContent?.endsWith("done"),
    ]);
  await screen.findByText("done");
  expect(await links()).toEqual([
    ["/shop?part=hours", false],
    ["/shop?part=services", true],
    ["/kit", false],
    ["/shop?part=people", false],
    ["/clients/new", false],
  ]);
});

it("begins on a practice head", async () => {
  const sent = atPage(<FirstDay />, { ...fresh, "POST /api/clients": { id: 3 } });
  fireEvent.click(await screen.findByText("Try it on a practice head"));
  await screen.findByText("elsewhere");
  expect(asked(sent, "POST")[0]?.body).toEqual({ name: "Practice head" });
});

it("is left for good, and never stands in a shop that has clients", async () => {
  atPage(<FirstDay />, fresh);
  fireEvent.click(await screen.findByText("Not now"));
  expect(screen.queryByText("A new shop")).toBeNull();
  cleanup();
  atPage(<FirstDay />, fresh);
  await new Promise((r) => setTimeout(r, 50));
  expect(screen.queryByText("A new shop")).toBeNull();
  cleanup();
  localStorage.clear();
  const sent = atPage(<FirstDay />, { ...fresh, "GET /api/clients": [{ id: 1, name: "Bram" }] });
  await waitFor(() => expect(sent.length).toBeGreaterThan(0));
  expect(screen.queryByText("A new shop")).toBeNull();
});
