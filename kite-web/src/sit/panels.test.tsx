import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { FittedScan, SitDocument, SitReading } from "../api/types";
import { ColourRow } from "./ColourRow";
import { HairlineNumbers } from "./HairlineNumbers";
import { BRUSHES, HairPart } from "./HairPart";
import { HeadPart } from "./HeadPart";
import { ScanPanel } from "./ScanPanel";
import { SkinRow } from "./SkinRow";
import { sit, useSit } from "./sitStore";

const document: SitDocument = {
  version: 1,
  head: { kind: "measured", girthMm: 570, shape: { sides: 0 }, hairline: { recessionLeftMm: 0 } },
  hair: { exitDeg: 60, growthMmPerDay: 0.36 },
  start: { kind: "taped", tapedMm: { apex: 90 } },
};
const reading = {
  measures: {
    girthMm: 570,
    earToEarMm: 347.4,
    frontToNapeMm: 327,
    breadthMm: 158,
    lengthMm: 203,
    occipitalMm: 30,
  },
  wetOverDry: 1.25,
} as unknown as SitReading;
const now = () => useSit.getState().document as SitDocument;

beforeEach(() => {
  localStorage.clear();
  sit.open({ id: 3, clientId: 1, clientName: "c", version: 1, document });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const noScan = {
  scan: undefined,
  show: () => undefined,
  marks: [],
  setMarks: () => undefined,
  marking: false,
};
const headPart = (mark = vi.fn()) => (
  <HeadPart
    document={now()}
    reading={reading}
    groups={[]}
    strips={{}}
    units="cm"
    problems={[]}
    mark={mark}
    scan={noScan}
  />
);

it("shows what an empty measure comes to, and takes one away again", () => {
  const { rerender } = render(headPart());
  const ear = screen.getByLabelText<HTMLInputElement>("Ear to ear");
  expect(ear.placeholder).toBe("34.7");
  fireEvent.change(ear, { target: { value: "36" } });
  fireEvent.blur(ear);
  expect(now().head.earToEarMm).toBe(360);
  rerender(headPart());
  fireEvent.change(ear, { target: { value: "" } });
  fireEvent.blur(ear);
  expect(now().head.earToEarMm).toBeUndefined();
});

it("never loses the girth, without which there is no head", () => {
  render(headPart());
  const girth = screen.getByLabelText("Girth");
  fireEvent.change(girth, { target: { value: "" } });
  fireEvent.blur(girth);
  expect(now().head.girthMm).toBe(570);
});

it("moves a landmark by half fingers, no farther than three, and back to where it was found", () => {
  const mark = vi.fn();
  const { rerender } = render(headPart(mark));
  const press = (name: string) => {
    fireEvent.click(screen.getByText(name));
    rerender(headPart(mark));
  };
  press("Up");
  expect(now().head.nudges).toEqual({ crown: { upFingers: 0.5, acrossFingers: 0 } });
  expect(mark).toHaveBeenLastCalledWith("crown");
  expect(screen.getByText(/0.5 finger up/)).toBeTruthy();
  for (let i = 0; i < 8; i++) press("To its right");
  expect(now().head.nudges?.crown?.acrossFingers).toBe(3);
  for (let i = 0; i < 6; i++) press("To its left");
  press("Down");
  expect(now().head.nudges).toEqual({});
  expect(screen.getByText("where it was found")).toBeTruthy();
});

it("sets each number of the hairline alone", () => {
  render(<HairlineNumbers document={now()} units="cm" problems={[]} />);
  const left = screen.getByLabelText("Left recession");
  fireEvent.change(left, { target: { value: "1.8" } });
  fireEvent.blur(left);
  expect(now().head.hairline).toEqual({ recessionLeftMm: 18 });
  const v = screen.getByLabelText("Nape V");
  fireEvent.change(v, { target: { value: "1" } });
  fireEvent.blur(v);
  expect(now().head.hairline).toEqual({ recessionLeftMm: 18, napePointMm: 10 });
});

const hairPart = (setBrush = vi.fn(), paintAtPlace = vi.fn(), brush?: keyof typeof BRUSHES) => (
  <HairPart
    problems={[]}
    document={now()}
    reading={reading}
    groups={[]}
    strips={{}}
    units="cm"
    brush={brush}
    setBrush={setBrush}
    paintAtPlace={paintAtPlace}
  />
);

it("takes a brush up, paints at a named place, and puts it down", () => {
  const setBrush = vi.fn();
  const paint = vi.fn();
  const { rerender } = render(hairPart(setBrush, paint));
  fireEvent.click(screen.getByText("Denser there"));
  expect(setBrush).toHaveBeenLastCalledWith("denser");
  rerender(hairPart(setBrush, paint, "denser"));
  fireEvent.change(screen.getByLabelText("Place to paint"), { target: { value: "nape" } });
  fireEvent.click(screen.getByText("Paint there"));
  expect(paint).toHaveBeenCalledWith("nape");
  fireEvent.click(screen.getByText("Denser there"));
  expect(setBrush).toHaveBeenLastCalledWith(undefined);
  expect(BRUSHES.denser.density).toBeGreaterThan(1);
});

it("sets how the hair leaves the skin and grows", () => {
  render(hairPart());
  fireEvent.click(screen.getByLabelText("upright, 80°"));
  expect(now().hair?.exitDeg).toBe(80);
  fireEvent.click(screen.getByLabelText("1.3 cm"));
  expect(now().hair?.growthMmPerDay).toBe(0.42);
  expect(screen.getByText(/10 wet in the hand are 8.0 dry/)).toBeTruthy();
});

it("tells stretch and curl from one strand, or what is wrong with it", async () => {
  let status = 200;
  vi.stubGlobal("fetch", () =>
    Promise.resolve(
      new Response(
        JSON.stringify(
          status === 200
            ? { stretchShare: 0.03, curlRatio: 0.8 }
            : {
                detail: "no",
                problems: [
                  {
                    path: "$.dryRelaxedMm",
                    value: "200",
                    allowed: "allowed 20 to 100",
                    min: 20,
                    max: 100,
                    unit: "mm",
                  },
                ],
              },
        ),
        { status },
      ),
    ),
  );
  render(hairPart());
  const type = (name: string, value: string) => {
    fireEvent.change(screen.getByLabelText(name), { target: { value } });
    fireEvent.blur(screen.getByLabelText(name));
  };
  type("Wet, pulled", "10");
  type("Dry, let go", "7.8");
  fireEvent.click(screen.getByText("Take it over"));
  await waitFor(() => expect(now().hair?.wetDry).toEqual({ stretchShare: 0.03, curlRatio: 0.8 }));
  status = 422;
  type("Dry, let go", "20");
  fireEvent.click(screen.getByText("Take it over"));
  await screen.findByText("Allowed 2 to 10 cm.");
});

const scan = {
  format: "PLY",
  triangles: 12345,
  unit: "in",
  rmsMm: 0.42,
  head: {
    girthMm: 581,
    earToEarMm: 352,
    breadthMm: 158,
    lengthMm: 204,
    sides: 0.5,
    back: 0,
    forehead: 0,
    relief: { mm: [] as number[] },
  },
  points: [],
  residualMm: [],
  scanPoints: [],
} as FittedScan;

it("says how well a scanned head fits, and takes it over", () => {
  const show = vi.fn();
  render(<ScanPanel {...noScan} scan={scan} show={show} />);
  expect(screen.getByText("0.4 mm")).toBeTruthy();
  expect(screen.getByText(/12,345 triangles, PLY, in in/)).toBeTruthy();
  fireEvent.click(screen.getByText("Take this head"));
  expect(now().head).toMatchObject({ girthMm: 581, shape: { sides: 0.5 } });
  expect(show).toHaveBeenCalledWith(undefined);
});

it("asks for the marks one after another when no head was found", () => {
  const lost = { ...scan, head: undefined, problem: "the scan does not look like a head" } as FittedScan;
  const { rerender } = render(<ScanPanel {...noScan} scan={lost} marking marks={[]} />);
  expect(screen.getByText("the scan does not look like a head")).toBeTruthy();
  expect(screen.getByText("Touch the left ear canal on the scan.")).toBeTruthy();
  expect(screen.queryByText("Take this head")).toBeNull();
  rerender(<ScanPanel {...noScan} scan={lost} marking marks={[4, 9]} />);
  expect(screen.getByText("Touch the bridge of the nose on the scan.")).toBeTruthy();
  rerender(<ScanPanel {...noScan} scan={lost} marking marks={[4, 9, 2]} />);
  expect(screen.getByText("Fit by the marks")).toBeTruthy();
});

it("the colour is picked by its level, tone and grey, and the rest stays", async () => {
  render(<ColourRow colour={{ level: 5, warmth: 0.15 }} units="cm" problems={[]} />);
  await fireEvent.click(screen.getByRole("button", { name: "Level 8 light blonde" }));
  expect(now().hair?.colour).toEqual({ level: 8, warmth: 0.15, greyShare: 0 });
  cleanup();
  render(<ColourRow colour={now().hair?.colour} units="cm" problems={[]} />);
  await fireEvent.click(screen.getByText("copper"));
  expect(now().hair?.colour).toEqual({ level: 8, warmth: 0.9, greyShare: 0 });
});

it("lengths that were coloured have a level of their own, and roots as long as they have grown", async () => {
  render(<ColourRow colour={{ level: 4 }} units="cm" problems={[]} />);
  expect(screen.queryByText("Roots grown")).toBeNull();
  await fireEvent.click(screen.getByText("coloured, roots grown"));
  cleanup();
  render(<ColourRow colour={now().hair?.colour} units="cm" problems={[]} />);
  await fireEvent.click(screen.getByRole("button", { name: "Lengths at level 9 very light blonde" }));
  expect(now().hair?.colour).toMatchObject({ level: 4, dyed: { level: 9, rootsMm: 30 } });
  cleanup();
  render(<ColourRow colour={now().hair?.colour} units="cm" problems={[]} />);
  await fireEvent.click(screen.getByText("as it grows"));
  expect(now().hair?.colour?.dyed).toBeUndefined();
});

it("a beard and the neck's hair are picked beside the skin", async () => {
  render(<SkinRow hair={{ exitDeg: 60, growthMmPerDay: 0.36, skin: { depth: 6, undertone: 0 } }} />);
  await fireEvent.click(screen.getByText("stubble"));
  await fireEvent.click(screen.getByText("left"));
  expect(now().hair).toMatchObject({ beard: "stubble", neck: "left" });
});
