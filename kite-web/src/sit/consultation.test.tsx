import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { SitDocument } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { SitDown } from "./SitDown";
import { sit, useSit } from "./sitStore";

/** The consultation as a whole: its head is looked at in tests of its own, and stands still here. */

const { drawn, shown } = vi.hoisted(() => ({
  drawn: {
    reading: {
      strands: 98_400,
      densityPerCm2: 204.4,
      grams: 31.6,
      measures: {
        girthMm: 570,
        earToEarMm: 342,
        frontToNapeMm: 322,
        breadthMm: 157,
        lengthMm: 200,
        occipitalMm: 11,
      },
      lengthsMm: { apex: 90, front: 100 },
      places: { crown: [0, -60, 80], nape: [0, -60, -60] },
      cautions: [] as { id: string; words: string; stops: boolean }[],
      stops: false,
      wishes: [],
    },
    head: { scalp: { points: new Float32Array([0, -60, -58, 0, -62, 79]) } },
    fields: { azimuth: new Float32Array([180, 178]), share: new Float32Array([0.96, 0.41]) },
  },
  shown: [] as { coat: string; view: string; paint?: (at: { azimuthDeg: number; share: number }) => void }[],
}));
vi.mock("./SitHead3D", () => ({
  SitHead3D: (p: (typeof shown)[number] & { label: string }) => {
    shown.push(p);
    return <p>{p.label}</p>;
  },
}));
vi.mock("../parts/useSitHead", () => ({
  useSitHead: () => ({ drawn, problems: [], message: "", busy: false }),
}));
vi.mock("./useSitFall", () => ({ useSitFall: () => undefined }));
vi.mock("./usePickStrips", () => ({ usePickStrips: () => ({}), TILE: { width: 100, height: 116 } }));

const document: SitDocument = {
  version: 1,
  head: { kind: "measured", girthMm: 570 },
  hair: { exitDeg: 60, growthMmPerDay: 0.36 },
  start: { kind: "taped", tapedMm: { apex: 90, nape: 40 } },
  wishes: {},
  cautions: {},
};
const now = () => useSit.getState().document as SitDocument;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  useSit.setState({ id: 0, clientId: 0, document: null, done: [], undone: [] });
  shown.length = 0;
  drawn.reading.stops = false;
  drawn.reading.cautions = [];
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const sitting = (more: Record<string, unknown> = {}) =>
  atPage(
    <SitDown units="cm" />,
    {
      "GET /api/clients/3/sitdown": { id: 8, clientId: 3, clientName: "Bram", version: 1, document },
      "GET /api/ramp": { levelsMm: [], colours: [], hairLevels: [], skinDepths: [] },
      "GET /api/sitdown/picks": [],
      "PUT /api/sitdowns/8": { version: 2 },
      ...more,
    },
    "/clients/:id/sit",
    "/clients/3/sit",
  );

it("says what this head of hair is, in the stylist's units, beside the head as it falls", async () => {
  sitting();
  const facts = await screen.findByTestId("facts");
  expect(facts.textContent).toBe(
    "98,000 hairs, medium density, 32 g. Girth 57.0 cm, ear to ear 34.2 cm, front to nape 32.2 cm.",
  );
  // The number is on tap.
  fireEvent.click(screen.getByText("medium density"));
  expect(facts.textContent).toContain("204 a cm²");
  await waitFor(() => expect(shown.at(-1)).toMatchObject({ coat: "hair", view: "right" }));
});

it("shows with each part what it is about, from where it is seen", async () => {
  sitting();
  await screen.findByTestId("facts");
  fireEvent.click(screen.getByRole("button", { name: "Hairline" }));
  await waitFor(() => expect(shown.at(-1)).toMatchObject({ coat: "growth", view: "front" }));
  // On the string; the paint of the same name stands under the head.
  fireEvent.click(screen.getAllByRole("button", { name: "Growth" })[0] as Element);
  await waitFor(() => expect(shown.at(-1)).toMatchObject({ coat: "growth", view: "back" }));
});

it("keeps an odd place where the head is touched, or at a place by name, and takes it off again", async () => {
  sitting();
  await screen.findByTestId("facts");
  fireEvent.click(screen.getByText("Paint on the head"));
  await waitFor(() => expect(shown.at(-1)?.paint).toBeTruthy());
  expect(shown.at(-1)?.coat, "the scalp is painted, not the hair over it").not.toBe("hair");
  shown.at(-1)?.paint?.({ azimuthDeg: 12.3456, share: 0.123_456 });
  await waitFor(() => expect(now().start.patches).toHaveLength(1));
  expect(now().start.patches?.[0]).toMatchObject({ at: { azimuthDeg: 12.35, share: 0.1235 }, lengthMm: 15 });
  // By name: the scalp's own vertex nearest to the crown.
  fireEvent.click(screen.getByText("Paint it there"));
  await waitFor(() => expect(now().start.patches).toHaveLength(2));
  expect(now().start.patches?.[1]?.at).toEqual({ azimuthDeg: 178, share: 0.41 });
  fireEvent.click(screen.getByText("Take the last of 2 off"));
  expect(now().start.patches).toHaveLength(1);
});

it("moves a landmark by half finger widths, no farther than three, and back to where it was found", async () => {
  sitting();
  await screen.findByTestId("facts");
  fireEvent.click(screen.getByText("Up"));
  fireEvent.click(screen.getByText("Up"));
  fireEvent.click(screen.getByText("To its left"));
  expect(now().head.nudges?.crown).toEqual({ upFingers: 1, acrossFingers: -0.5 });
  await screen.findByText("1 finger up 0.5 finger to the left");
  for (let i = 0; i < 9; i++) fireEvent.click(screen.getByText("Up"));
  expect(now().head.nudges?.crown?.upFingers).toBe(3);
  for (let i = 0; i < 6; i++) fireEvent.click(screen.getByText("Down"));
  fireEvent.click(screen.getByText("To its right"));
  expect(now().head.nudges).toEqual({});
  await screen.findByText("where it was found");
});

it("stops where nothing may be cut today, and says so", async () => {
  drawn.reading.stops = true;
  drawn.reading.cautions = [{ id: "lice", words: "Do not cut today; see a pharmacist.", stops: true }];
  sitting();
  await screen.findByText("Do not cut today; see a pharmacist.");
  expect(screen.getByText<HTMLButtonElement>("To the shapes").disabled).toBe(true);
});

it("saves before it goes on to the shapes", async () => {
  const sent = sitting();
  await screen.findByTestId("facts");
  sit.change(["head", "girthMm"], 580);
  fireEvent.click(screen.getByText("To the shapes"));
  await screen.findByText("elsewhere");
  expect(asked(sent, "PUT").at(-1)?.body).toMatchObject({ document: { head: { girthMm: 580 } } });
});

it("undoes the last change", async () => {
  sitting();
  await screen.findByTestId("facts");
  expect(screen.getByText<HTMLButtonElement>("Undo").disabled).toBe(true);
  fireEvent.click(screen.getByText("Paint it there"));
  await waitFor(() => expect(screen.getByText<HTMLButtonElement>("Undo").disabled).toBe(false));
  fireEvent.click(screen.getByText("Undo"));
  expect(now().start.patches).toBeUndefined();
});

it("says when there is nobody to sit down with", async () => {
  sitting({ "GET /api/clients/3/sitdown": refused("No such client.", 404) });
  await screen.findByText(/No such client/);
});
