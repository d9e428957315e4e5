import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act } from "react";
import { createRoot } from "react-dom/client";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { Learnt } from "./Learnt";
import { Visits } from "./Visits";

let host: HTMLDivElement;

beforeEach(() => {
  (globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;
  host = document.createElement("div");
  document.body.append(host);
});

afterEach(() => {
  host.remove();
  vi.unstubAllGlobals();
});

async function shown(element: React.ReactNode) {
  await act(async () => {
    createRoot(host).render(<QueryClientProvider client={new QueryClient()}>{element}</QueryClientProvider>);
  });
  await act(async () => new Promise((r) => setTimeout(r, 30)));
}

const visit = (id: number) => ({
  id,
  planId: 1,
  title: `Cut ${id}`,
  stylist: "Maud",
  finishedAt: "2026-10-01T10:00:00Z",
  minutes: 40,
  movesDone: 12,
  remarks: "",
  priceCents: 4250,
});

const button = (text: string, nth = 0) =>
  [...host.querySelectorAll("button")].filter((b) => b.textContent === text)[nth] as HTMLButtonElement;

test("one visit shows planned against measured, two are held against each other", async () => {
  vi.stubGlobal(
    "fetch",
    async (url: string) =>
      new Response(
        JSON.stringify({
          id: 1,
          title: "Cut",
          finishedAt: "2026-10-01T10:00:00Z",
          plannedMinutes: 40,
          places: [{ place: "earTopLeft", plannedMm: url.includes("/1/") ? 60 : 40, measuredMm: 57 }],
          slips: url.includes("/1/") ? [{ place: "crown", mm: 10 }] : [],
          skipped: url.includes("/1/") ? [{ name: "Seams", reason: "No time left" }] : [],
        }),
      ),
  );
  await shown(<Visits rows={[{ ...visit(1), liked: "week4" }, visit(2)]} units="cm" />);
  expect(host.textContent).toContain("42.50");
  expect(host.textContent).toContain("The client said yes to: In 4 weeks.");
  await act(async () => button("Look at").click());
  await act(async () => new Promise((r) => setTimeout(r, 30)));
  expect(host.textContent).toContain("measured");
  expect(host.textContent).toContain("5.7 cm");
  expect(host.textContent).toMatch(/top of the left ear/i);
  expect(host.textContent).toMatch(/Cut too short at the crown by 1(\.0)? cm/i);
  expect(host.textContent).toContain("Left out: Seams (No time left)");
  await act(async () => button("Look at").click());
  await act(async () => new Promise((r) => setTimeout(r, 30)));
  expect(host.textContent).toContain("6.0 cm");
  expect(host.textContent).toContain("4.0 cm");
  expect(host.textContent).not.toContain("measured");
});

test("what was learnt says whether it is reckoned with", async () => {
  vi.stubGlobal(
    "fetch",
    async () =>
      new Response(
        JSON.stringify({
          lessons: [
            {
              what: "pace",
              words: "Moves take 120 % of the time planned.",
              from: 9,
              used: true,
              heed: false,
            },
            {
              what: "bias",
              words: "The hand leaves 3 mm less than planned.",
              from: 1,
              used: false,
              heed: false,
            },
          ],
        }),
      ),
  );
  await shown(<Learnt clientId={1} />);
  expect(host.textContent).toContain("Seen 9 times; reckoned with");
  expect(host.textContent).toContain("Seen 1 time; too few");
});
