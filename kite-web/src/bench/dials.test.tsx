import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { DialsView, PlanDocument } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { usePlan, useSaid } from "../store/planStore";
import { DialPanel } from "./DialPanel";
import { FINGERS, openOneMove } from "./oneMove";

const VIEW: DialsView = {
  parts: [
    { part: "sides", mm: 24, mostMm: 60, own: true },
    { part: "top", mm: 62, mostMm: 110, own: true },
    { part: "fringe", mm: 70, mostMm: 112, own: false },
    { part: "neck", mm: 12, mostMm: 48, own: true },
  ],
  fringeEnds: [
    { landing: "brow", now: true, there: true },
    { landing: "eye", now: false, there: true },
    { landing: "chin", now: false, there: false },
  ],
  softness: "solid",
  minutes: 34.2,
  returnFromWeeks: 4,
  returnToWeeks: 7,
};
const document = () => usePlan.getState().document as PlanDocument;
const shown = (answers: Record<string, unknown> = {}) =>
  atPage(<DialPanel document={document()} units="cm" />, { "POST /api/dials": VIEW, ...answers });

beforeEach(() => {
  localStorage.clear();
  openOneMove(FINGERS);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("shows top, sides, fringe and neck, how soft, and what it costs", async () => {
  shown();
  expect(((await screen.findByLabelText("Sides in cm")) as HTMLInputElement).value).toBe("2.4");
  expect((screen.getByLabelText("Neck in cm") as HTMLInputElement).value).toBe("1.2");
  expect(screen.queryByLabelText("Fringe in cm")).toBeNull();
  expect(screen.queryByRole("button", { name: "brow" })).toBeNull();
  screen.getByText("comes along with the rest");
  expect(screen.getByRole("button", { name: "A solid line" }).getAttribute("aria-pressed")).toBe("true");
  expect(screen.getByRole("status").textContent).toBe("34 minutes; good for 4 to 7 weeks.");
});

it("asks for a part a step shorter, and says what was done", async () => {
  const sent = shown({
    "POST /api/edit/dial": {
      document: { ...document(), title: "Set" },
      words: "Sides 2.4 cm becomes 2.3 cm.",
    },
  });
  fireEvent.click(await screen.findByRole("button", { name: "Sides, less" }));
  await waitFor(() => expect(document().title).toBe("Set"));
  expect(asked(sent, "POST").find((r) => r.url.endsWith("/edit/dial"))?.body).toMatchObject({
    part: "sides",
    mm: 23,
  });
  expect(useSaid.getState().words).toBe("Sides 2.4 cm becomes 2.3 cm.");
});

it("asks for a fringe by where it ends, as far as the hair reaches", async () => {
  const own = VIEW.parts.map((p) => ({ ...p, own: true }));
  const sent = shown({
    "POST /api/dials": { ...VIEW, parts: own },
    "POST /api/edit/land": { document: { ...document(), title: "Landed" }, words: "" },
  });
  const at = (name: string) => screen.getByRole("button", { name });
  await screen.findByRole("button", { name: "brow" });
  expect(at("brow").getAttribute("aria-pressed")).toBe("true");
  expect((at("chin") as HTMLButtonElement).disabled).toBe(true);
  fireEvent.click(at("eye"));
  await waitFor(() => expect(document().title).toBe("Landed"));
  expect(asked(sent, "POST").find((r) => r.url.endsWith("/edit/land"))?.body).toMatchObject({
    landing: "eye",
  });
});

it("asks for more of the weight out where texturising takes any", async () => {
  const sent = shown({
    "POST /api/dials": { ...VIEW, weightOffPercent: 11.7 },
    "POST /api/edit/weight-off": { document: { ...document(), title: "Lighter" }, words: "" },
  });
  fireEvent.click(await screen.findByRole("button", { name: "Weight taken out, more" }));
  await waitFor(() => expect(document().title).toBe("Lighter"));
  expect(asked(sent, "POST").find((r) => r.url.endsWith("/edit/weight-off"))?.body).toMatchObject({
    percent: 14,
  });
  cleanup();
  shown();
  await screen.findByLabelText("Sides in cm");
  expect(screen.queryByRole("button", { name: "Weight taken out, more" })).toBeNull();
});

it("asks for other ends", async () => {
  const sent = shown({
    "POST /api/edit/softness": { document: { ...document(), title: "Soft" }, words: "" },
  });
  fireEvent.click(await screen.findByRole("button", { name: "Piecey" }));
  await waitFor(() => expect(document().title).toBe("Soft"));
  expect(asked(sent, "POST").find((r) => r.url.endsWith("/edit/softness"))?.body).toMatchObject({
    softness: "piecey",
  });
});

it("leaves out how soft where no shears cut a line, and says what it is told", async () => {
  shown({ "POST /api/dials": { ...VIEW, softness: undefined } });
  await screen.findByLabelText("Top in cm");
  expect(screen.queryByText("How soft")).toBeNull();
  cleanup();
  shown({ "POST /api/dials": refused("the server is busy", 503) });
  expect((await screen.findByRole("alert")).textContent).not.toBe("");
});
