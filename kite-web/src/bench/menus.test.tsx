import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Cut, ScalpMap as MapData, PlanDocument, Result } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { compareNot, useOther } from "../store/compareStore";
import { useLook } from "../store/lookStore";
import { plan, useChosen, usePlan, useSaid } from "../store/planStore";
import { ComparePicker } from "./ComparePicker";
import { EdgePanel } from "./EdgePanel";
import { MapPanel } from "./MapPanel";
import { NextSafe } from "./NextSafe";
import { FINGERS, openOneMove } from "./oneMove";
import { Printouts } from "./Printouts";
import { cutOf } from "./ScalpMap";
import { Versions } from "./Versions";

/** What the bench keeps in its menus and beside the head. */

const now = () => usePlan.getState().document as PlanDocument;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  compareNot();
  openOneMove(FINGERS);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("keeps the plan as it stands under a name, and brings an earlier one back so that undo undoes it", async () => {
  const kept = { id: 3, name: "before the fringe", by: "Maud", createdAt: "2026-03-02T09:00:00Z" };
  const earlier = { ...now(), title: "Earlier" };
  const sent = atPage(<Versions id={1} />, {
    "GET /api/plans/1/versions": [kept],
    "GET /api/plans/1/versions/3": earlier,
    "POST /api/plans/1/versions": {},
  });
  fireEvent.click(screen.getByText("Versions"));
  await screen.findByText("before the fringe");
  expect(screen.getByText<HTMLButtonElement>("Keep").disabled, "a version has a name").toBe(true);
  fireEvent.change(screen.getByLabelText("Name of this version"), { target: { value: "as agreed" } });
  fireEvent.click(screen.getByText("Keep"));
  await waitFor(() => expect(asked(sent, "POST")[0]?.body).toMatchObject({ name: "as agreed" }));
  fireEvent.click(screen.getByText("Bring back"));
  await waitFor(() => expect(now().title).toBe("Earlier"));
  expect(useSaid.getState().words).toContain("before the fringe");
  plan.undo();
  expect(now().title).toBe("");
});

it("holds a version against the plan, and says when it cannot be read", async () => {
  const kept = { id: 3, name: "before the fringe", by: "Maud", createdAt: "2026-03-02T09:00:00Z" };
  let gone = true;
  atPage(<Versions id={1} />, {
    "GET /api/plans/1/versions": [kept],
    "GET /api/plans/1/versions/3": () => (gone ? refused("It is not there any more.", 404) : now()),
  });
  fireEvent.click(screen.getByText("Versions"));
  fireEvent.click(await screen.findByText("Compare"));
  await screen.findByText("It is not there any more.");
  expect(useOther.getState().other).toBeNull();
  gone = false;
  fireEvent.click(screen.getByText("Compare"));
  await waitFor(() => expect(useOther.getState().other?.name).toBe("before the fringe"));
});

it("compares the plan with itself grown, with the client's other plans and with a shape on this head", async () => {
  const other = { ...now(), title: "Last spring" };
  atPage(<ComparePicker id={1} clientId={3} />, {
    "GET /api/clients/3": {
      id: 3,
      plans: [
        { id: 1, title: "This" },
        { id: 2, title: "Last spring" },
      ],
    },
    "GET /api/families": [{ id: "even-all-over", title: "Even All Over" }],
    "GET /api/plans/2": { id: 2, document: other },
    "GET /api/clients/3/families/even-all-over": { ...now(), title: "Even All Over" },
  });
  const open = () => fireEvent.click(screen.getByRole("button", { name: "Compare" }));
  open();
  fireEvent.click(screen.getByText("6 weeks"));
  await waitFor(() => expect(useOther.getState().other).toMatchObject({ week: 6, document: now() }));
  open();
  fireEvent.click(await screen.findByText("Last spring"));
  await waitFor(() => expect(useOther.getState().other?.document.title).toBe("Last spring"));
  open();
  expect(screen.queryByText("This"), "not with itself").toBeNull();
  fireEvent.click(await screen.findByText("Even All Over"));
  await waitFor(() => expect(useOther.getState().other?.key).toBe("family/even-all-over"));
});

it("says what may come off next, most first, and leaves out where nothing may", async () => {
  const at = (place: string, safeMm: number) => ({ place, safeMm, haveMm: 80, needMm: 40, reserveMm: 2 });
  const sent = atPage(<NextSafe document={now()} done={0} units="cm" />, {
    "POST /api/next-cut": { places: [at("nape", 3), at("apex", 24), at("crown", 0.2)] },
  });
  await screen.findByText("2.4 cm");
  expect(screen.getAllByRole("row").map((r) => r.textContent)).toEqual([
    "apex2.4 cm of 8.0 cm",
    "nape3 mm of 8.0 cm",
  ]);
  expect(asked(sent, "POST").at(-1)?.body).toMatchObject({ done: 0, damp: "wet", tensed: true });
});

it("prints every paper and open file of the plan that is saved", () => {
  atPage(<Printouts id={7} />, {});
  fireEvent.click(screen.getByText("Print"));
  const files = screen.getAllByRole("link").map((a) => a.getAttribute("href"));
  expect(new Set(files).size).toBe(files.length);
  for (const kind of ["sheet.pdf", "document.json", "fall.glb", "profile.csv"])
    expect(files).toContain(`/api/plans/7/${kind}`);
});

it("a taper's own numbers are changed where it is one, and a nape's form where it is that", () => {
  const edge = (outline: unknown) => ({ kind: "edge", outline }) as unknown as Cut;
  openOneMove(edge({ kind: "taper", lengthMm: 2, farMm: 12, sideburnMm: 20, behindEarMm: 25, napeMm: 30 }));
  const outline = () => (now().moves[0]?.cut as unknown as { outline: never }).outline;
  atPage(<EdgePanel outline={outline()} at={["moves", 0, "cut", "outline"]} />, {});
  fireEvent.click(screen.getByRole("button", { name: "High at the nape, more" }));
  expect(outline()).toMatchObject({ napeMm: 30.5 });
  fireEvent.change(screen.getByLabelText("Cut with"), { target: { value: "clipper" } });
  expect(outline()).toMatchObject({ over: "clipper" });
  cleanup();
  openOneMove(edge({ kind: "nape", form: "rounded", cornerRadiusMm: 10, raiseMm: 0 }));
  atPage(<EdgePanel outline={outline()} at={["moves", 0, "cut", "outline"]} />, {});
  fireEvent.click(screen.getByRole("button", { name: "Corners rounded by, less" }));
  expect(outline()).toMatchObject({ cornerRadiusMm: 9 });
});

const square = (x: number): number[][] => [
  [x, 0],
  [x + 40, 0],
  [x + 40, 40],
  [x, 40],
];
const section = (id: string, name: string, x: number) => ({
  id,
  name,
  over: false,
  middle: [x + 20, 20],
  corners: [[0, x, 0]],
  rings: [[{ limit: 0, bound: true, points: square(x) }]],
});
const map = {
  hairline: square(-60).concat(square(60)),
  ridge: square(0),
  places: Object.fromEntries(
    ["apex", "crown", "occipital", "front", "nape", "earTopLeft", "earTopRight"].map((p, i) => [
      p,
      [9 * i, 0],
    ]),
  ),
  sections: [section("top", "Top", -50), section("side", "Side", 10)],
} as unknown as MapData;
const result = {
  moves: [{ bites: 6, cutAreaMm2: 100 }],
  cover: {
    gaps: [{ sections: [], areaMm2: 640, near: "mastoidLeft" }],
    overlaps: [{ sections: ["top", "side"], areaMm2: 220, near: "apex" }],
  },
} as unknown as Result;

it("shows hair that is in no section or in two, and goes to the move of a section touched", () => {
  usePlan.setState({
    document: {
      ...now(),
      moves: [...now().moves, { ...now().moves[0], id: "b", section: "side" }],
    } as PlanDocument,
  });
  const { document } = usePlan.getState();
  atPage(
    <MapPanel map={map} message="" document={document as PlanDocument} result={result} chosen={0} />,
    {},
  );
  expect(screen.getByText("6 cm² near the left mastoid in no section")).toBeTruthy();
  expect(screen.getByText("2 cm² near the apex taken twice")).toBeTruthy();
  fireEvent.click(window.document.querySelector("[data-section=side]") as Element);
  expect(useChosen.getState().chosen).toBe(1);
});

it("moves a section's edge by arrow keys, two millimetres at a time, in the map's own axes", async () => {
  const answer = { words: "The edge of Top, 2 mm up.", document: now() };
  const sent = atPage(<MapPanel map={map} message="" document={now()} result={result} chosen={0} />, {
    "POST /api/edit/edge": answer,
  });
  fireEvent.keyDown(screen.getByLabelText("Edge of Top; arrow keys move it"), { key: "ArrowUp" });
  await waitFor(() => expect(asked(sent, "POST")).toHaveLength(1));
  const body = asked(sent, "POST")[0]?.body as { fromY: number; y: number; fromX: number; x: number };
  expect(body).toMatchObject({ section: "top", limit: 0, upper: true });
  expect([body.x - body.fromX, body.y - body.fromY]).toEqual([0, 2]);
  await waitFor(() => expect(useSaid.getState().words).toBe(answer.words));
});

it("steps through the bites of a move, and puts them away", () => {
  atPage(<MapPanel map={map} message="" document={now()} result={result} chosen={0} />, {});
  fireEvent.click(screen.getByText("Show the bite"));
  fireEvent.click(screen.getByLabelText("Next bite"));
  expect(useLook.getState().bite).toBe(2);
  for (let i = 0; i < 9; i++) fireEvent.click(screen.getByLabelText("Next bite"));
  expect(useLook.getState().bite, "there are six").toBe(6);
  fireEvent.click(screen.getByText("hide"));
  expect(useLook.getState().bite).toBeNull();
});

it("colours a section by the cut that shaped it last, texture only where nothing else did", () => {
  const move = (id: string, s: string, kind: string) => ({ id, section: s, cut: { kind } });
  const moves = [
    move("a", "top", "fingers"),
    move("b", "top", "texture"),
    move("c", "side", "texture"),
    move("d", "top", "aside"),
  ] as unknown as PlanDocument["moves"];
  expect(cutOf(moves, "top")?.kind).toBe("fingers");
  expect(cutOf(moves, "side")?.kind).toBe("texture");
  expect(cutOf(moves, "nape")).toBeUndefined();
});
