import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { ShapesPage } from "./ShapesPage";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const shape = (id: string, title: string, weeks = 0) => ({
  id,
  title,
  weeks,
  score: 1,
  reasons: [`${title} holds.`],
  fit: { worstMm: 0, rmsMm: 0, settings: [], unmet: [], answered: [] },
});
const families = [
  shape("long-wave-layers", "Long Wave", 21),
  shape("even-all-over", "Even All Over"),
  shape("tapered-pixie", "Tapered Pixie"),
];
const client = { id: 3, name: "Bram", sitDowns: [{ id: 1, version: 2 }], plans: [] };
const ranked = () => new Response(`${JSON.stringify({ done: 1, of: 3 })}\n${JSON.stringify({ families })}\n`);
const page = (answers: Record<string, unknown>) =>
  atPage(
    <ShapesPage />,
    {
      "GET /api/clients/3": client,
      "GET /api/clients/3/ranking": ranked(),
      "GET /api/clients/3/sitdown": { id: 1, version: 2, document: {} },
      ...answers,
    },
    "/clients/:id/shapes",
    "/clients/3/shapes",
  );

it("holds the first two against each other, and another for the one chosen longest ago", async () => {
  page({});
  const all = await screen.findByRole("region", { name: "All shapes" });
  const pressed = () =>
    [...all.querySelectorAll("ol button")]
      .filter((b) => b.getAttribute("aria-pressed") === "true")
      .map((b) => b.textContent);
  await waitFor(() => expect(pressed()).toHaveLength(2));
  const third = [...all.querySelectorAll("ol button")].find(
    (b) => b.getAttribute("aria-pressed") === "false",
  );
  fireEvent.click(third as Element);
  expect(pressed()).toHaveLength(2);
  expect(pressed()).toContain(third?.textContent);
});

it("says when there is hair for a shape that is not there yet, and plans it for then", async () => {
  const sent = page({ "POST /api/clients/3/plans": { id: 9 } });
  await waitFor(() => expect(screen.getAllByText("in about 21 weeks").length).toBeGreaterThan(0));
  fireEvent.click(screen.getByLabelText("Plan with Long Wave"));
  await screen.findByText("elsewhere");
  expect(asked(sent, "POST")[0]?.body).toEqual({ family: "long-wave-layers" });
});

it("says why no plan was made", async () => {
  page({ "POST /api/clients/3/plans": refused("The engine is busy; ask again.", 503) });
  fireEvent.click(await screen.findByLabelText("Plan with Even All Over"));
  await screen.findByText("The engine is busy; ask again.");
});

it("sends somebody without a head to sit down first", async () => {
  page({ "GET /api/clients/3": { ...client, sitDowns: [] } });
  await screen.findByText(/has not sat down yet/);
  expect(screen.getByText("To the client").getAttribute("href")).toBe("/clients/3");
});
