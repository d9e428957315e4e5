import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Fade, FadeView, PlanDocument } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { FadePanel } from "../parts/FadePanel";
import { usePlan } from "../store/planStore";
import { Legend } from "./LookBar";
import { openOneMove } from "./oneMove";

const CUT: Fade = {
  kind: "fade",
  bands: [
    { number: 0.5, leverMm: 0, fromShare: 0, toShare: 0.4 },
    { number: 2, leverMm: 0, fromShare: 0.6, toShare: 1 },
  ],
  sideburnMm: 32,
  behindEarMm: 14,
  napeMm: 24,
};
const VIEW: FadeView = {
  fromMm: 1.588,
  toMm: 6.35,
  worstMm: 2.4,
  minutes: 5.2,
  bands: [
    { number: 0.5, leverMm: 0, fromShare: 0, toShare: 0.4, heightMm: 1.588 },
    { number: 2, leverMm: 0, fromShare: 0.6, toShare: 1, heightMm: 6.35 },
  ],
  strips: [
    { place: "sideburnRight", highMm: 32, boneMm: 40 },
    { place: "behindEarRight", highMm: 14, boneMm: 58 },
    { place: "nape", highMm: 24, boneMm: 70 },
  ],
  offers: [
    {
      worstMm: 0.8,
      minutes: 6.7,
      bands: [
        { number: 0.5, leverMm: 0, fromShare: 0, toShare: 0.2, heightMm: 1.588 },
        { number: 1, leverMm: 0, fromShare: 0.3, toShare: 0.5, heightMm: 3.175 },
        { number: 2, leverMm: 0, fromShare: 0.7, toShare: 1, heightMm: 6.35 },
      ],
    },
  ],
};
const cut = () => usePlan.getState().document?.moves[0]?.cut as Fade;
const shown = (answers: Record<string, unknown> = {}) =>
  atPage(
    <FadePanel
      document={usePlan.getState().document as PlanDocument}
      index={0}
      move="a"
      cut={cut()}
      units="cm"
    />,
    { "POST /api/fades": VIEW, ...answers },
  );

beforeEach(() => {
  localStorage.clear();
  openOneMove(CUT);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("shows the fade at the side, behind the ear and at the nape, how far off it is and how long it takes", async () => {
  shown();
  await screen.findByRole("slider", { name: "Height, sideburn" });
  expect(screen.getByRole("slider", { name: "Height, behind ear" }).getAttribute("aria-valuetext")).toBe(
    "1.4 cm",
  );
  expect(screen.getAllByRole("slider", { name: /^From 0.5 to 2/ })).toHaveLength(3);
  screen.getByText("At most 2 mm off an even rise; 5 minutes.");
});

it("sets a height by the keys, and a boundary for all strips at once", async () => {
  shown();
  const nape = await screen.findByRole("slider", { name: "Height, nape" });
  fireEvent.keyDown(nape, { key: "ArrowUp" });
  expect(cut().napeMm).toBe(25);
  fireEvent.keyDown(screen.getAllByRole("slider", { name: /^From 0.5 to 2/ })[0] as Element, {
    key: "PageUp",
  });
  expect(cut().bands[0]?.toShare).toBeGreaterThan(0.45);
  expect(cut().bands[1]?.fromShare).toBeGreaterThan(0.65);
});

it("takes the guards that are offered, without what they leave", async () => {
  shown();
  fireEvent.click(await screen.findByRole("button", { name: /0.5 – 1 – 2/ }));
  expect(cut().bands).toEqual([
    { number: 0.5, leverMm: 0, fromShare: 0, toShare: 0.2 },
    { number: 1, leverMm: 0, fromShare: 0.3, toShare: 0.5 },
    { number: 2, leverMm: 0, fromShare: 0.7, toShare: 1 },
  ]);
});

it("asks the server for another start", async () => {
  const before = usePlan.getState().document as PlanDocument;
  const sent = shown({
    "POST /api/edit/fade": { document: { ...before, title: "Low" }, words: "" },
  });
  fireEvent.click(screen.getByRole("button", { name: "Low" }));
  await waitFor(() => expect(usePlan.getState().document?.title).toBe("Low"));
  expect(asked(sent, "POST").find((r) => r.url.endsWith("/edit/fade"))?.body).toMatchObject({ start: "low" });
});

it("sets the left apart, and alike again", async () => {
  shown();
  fireEvent.click(await screen.findByRole("checkbox", { name: "Left side apart" }));
  expect(cut().left).toEqual({ sideburnMm: 32, behindEarMm: 14 });
});

it("adds a guard, chooses one and leaves it out", async () => {
  shown();
  fireEvent.click(await screen.findByRole("button", { name: "One more guard" }));
  expect(cut().bands.map((b) => b.number)).toEqual([0.5, 2, 3]);
});

it("says what the server says of a fade it cannot work out", async () => {
  shown({ "POST /api/fades": refused("it must be a fade") });
  expect((await screen.findByRole("alert")).textContent).toContain("it must be a fade");
});

it("tells the colour of guards for a fade, and of fingers for what is cut freehand", () => {
  const moves = [{ cut: { kind: "fade" } }, { cut: { kind: "spot" } }, { cut: { kind: "aside" } }];
  atPage(<Legend coat="tool" document={{ moves } as unknown as PlanDocument} />, {});
  const named = screen.getAllByRole("listitem").map((li) => li.textContent);
  expect(named).toEqual(["left as it is", "over the fingers", "guard"]);
});
