import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { SitDocument, SitReading } from "../api/types";
import { LengthField, rangeWords } from "../parts/fields";
import { readSit } from "../parts/readSit";
import { CarePart } from "./CarePart";
import { legend, shareOf } from "./coats";
import { narrowest } from "./mergePatch";
import { PickRows } from "./PickRow";
import { withScan } from "./ScanPanel";
import { isPicked, pick, sit, useSit } from "./sitStore";
import { TodayPart } from "./TodayPart";
import { WishPart } from "./WishPart";

const document: SitDocument = {
  version: 1,
  head: { kind: "measured", girthMm: 570, shape: { sides: 0, back: 0 }, hairline: { napeDropMm: 0 } },
  hair: { exitDeg: 60, growthMmPerDay: 0.36 },
  start: { kind: "taped", tapedMm: { apex: 90, nape: 40 } },
  wishes: { points: [{ place: "front", landing: "brow" }], worn: ["up"] },
  cautions: {},
};
const reading = {
  lengthsMm: { apex: 90, front: 100 },
  wishes: [{ place: "front", needMm: 120, haveMm: 100, offMm: 0, shortMm: 20, weeks: 7.9 }],
} as unknown as SitReading;
const now = () => useSit.getState().document as SitDocument;

afterEach(cleanup);
beforeEach(() => {
  localStorage.clear();
  sit.open({ id: 3, clientId: 1, clientName: "c", version: 1, document });
});

it("changes only the narrowest place a pick touches, in one step of undo", () => {
  expect(narrowest(document, { head: { shape: { sides: -1 } } })).toEqual({
    path: ["head", "shape", "sides"],
    value: -1,
  });
  const two = { head: { shape: { sides: 1, back: 1 } } };
  expect(isPicked(now(), two)).toBe(false);
  pick(two);
  expect(isPicked(now(), two)).toBe(true);
  expect(now().head.shape).toEqual({ sides: 1, back: 1 });
  sit.undo();
  expect(now()).toEqual(document);
});

it("shows which pick stands and takes another", () => {
  const group = {
    id: "sides",
    title: "Sides",
    part: "head",
    why: "because",
    options: [
      { id: "flat", title: "Flat", set: { head: { shape: { sides: -1 } } } },
      { id: "between", title: "Between", set: { head: { shape: { sides: 0 } } } },
    ],
  };
  const { rerender } = render(<PickRows groups={[group]} document={now()} strips={{}} />);
  expect(screen.getByLabelText<HTMLInputElement>("Sides: Between").checked).toBe(true);
  fireEvent.click(screen.getByLabelText("Sides: Flat"));
  rerender(<PickRows groups={[group]} document={now()} strips={{}} />);
  expect(screen.getByLabelText<HTMLInputElement>("Sides: Flat").checked).toBe(true);
});

it("reads lengths in the stylist's units, and says beside the field what is wrong", () => {
  const set = vi.fn();
  const problem = {
    path: "$.head.girthMm",
    value: "50",
    allowed: "allowed 440 to 680 given the others",
    min: 440,
    max: 680,
    unit: "mm",
    given: "the other measures",
  };
  const field = (units: "cm" | "inch", problems = [problem]) => (
    <LengthField name="Girth" path="$.head.girthMm" mm={570} units={units} problems={problems} set={set} />
  );
  const { rerender } = render(field("cm"));
  const input = screen.getByLabelText<HTMLInputElement>("Girth");
  expect(input.value).toBe("57");
  expect(screen.getByText("Allowed 44 to 68 cm given the other measures.")).toBeTruthy();
  fireEvent.change(input, { target: { value: "5" } });
  fireEvent.change(input, { target: { value: "58,4" } });
  expect(set).not.toHaveBeenCalled();
  fireEvent.blur(input);
  expect(set).toHaveBeenLastCalledWith(584);
  fireEvent.change(input, { target: { value: "wide" } });
  expect(screen.getByText("Not a number.")).toBeTruthy();
  fireEvent.change(input, { target: { value: "" } });
  fireEvent.blur(input);
  expect(set).toHaveBeenLastCalledWith(undefined);
  rerender(field("inch", []));
  fireEvent.change(input, { target: { value: "23" } });
  fireEvent.blur(input);
  expect(set).toHaveBeenLastCalledWith(584.2);
  expect(rangeWords(problem, "inch")).toBe("Allowed 17.375 to 26.75 in given the other measures.");
});

it("says how much is missing and for how long", () => {
  render(<WishPart document={now()} reading={reading} groups={[]} strips={{}} units="cm" />);
  expect(screen.getByText("2.0 cm short; there in 8 weeks")).toBeTruthy();
  fireEvent.click(screen.getByText("Leave it alone"));
  expect(now().wishes?.leaveAlone).toEqual(["nape"]);
  fireEvent.click(screen.getByText("back"));
  expect(now().wishes?.worn).toEqual(["up", "back"]);
});

it("keeps at least one taped length, and turns a grown cut into taped ones when asked", () => {
  const props = {
    reading,
    units: "cm" as const,
    problems: [],
    odd: false,
    setOdd: () => undefined,
    oddMm: 15,
    setOddMm: () => undefined,
    paintAtPlace: () => undefined,
  };
  const { rerender } = render(<TodayPart document={now()} {...props} />);
  fireEvent.change(screen.getByLabelText("Apex"), { target: { value: "" } });
  fireEvent.blur(screen.getByLabelText("Apex"));
  rerender(<TodayPart document={now()} {...props} />);
  fireEvent.change(screen.getByLabelText("Nape"), { target: { value: "" } });
  fireEvent.blur(screen.getByLabelText("Nape"));
  expect(now().start).toMatchObject({ tapedMm: { nape: 40 } });
  fireEvent.click(screen.getByText("Cut apart at the ridge: keep the jump"));
  expect(now().start).toMatchObject({ jumps: [{ along: "ridge", offsetMm: 0 }] });
  act(() => sit.change(["start"], { kind: "grown", kept: [], days: 42 }));
  rerender(<TodayPart document={now()} {...props} />);
  expect(screen.getByText(/42 days of growth/)).toBeTruthy();
  fireEvent.click(screen.getByText("Tape it instead"));
  expect(now().start).toMatchObject({ kind: "taped", tapedMm: { apex: 90, front: 100 } });
});

it("notes what is seen on the skin and who agreed for a minor", () => {
  const { rerender } = render(<CarePart document={now()} />);
  fireEvent.change(screen.getByLabelText("What is seen"), { target: { value: "lice" } });
  fireEvent.click(screen.getByText("Note it"));
  expect(now().cautions?.skin).toEqual([{ kind: "lice", near: "behindEarRight", note: "" }]);
  fireEvent.click(screen.getByLabelText("A minor"));
  rerender(<CarePart document={now()} />);
  fireEvent.change(screen.getByLabelText("Guardian who agreed"), { target: { value: "Mother" } });
  expect(now().cautions?.consent).toEqual({ minor: true, guardian: "Mother" });
});

it("takes a scanned head over without losing its hairline", () => {
  const scanned = {
    girthMm: 581.234,
    earToEarMm: 352,
    breadthMm: 158,
    lengthMm: 204,
    sides: 0.5,
    back: -0.2,
    forehead: 0,
    relief: { mm: [0.25, -1.5] },
  };
  const head = withScan({ ...document.head, frontToNapeMm: 330 }, scanned);
  expect(head).toMatchObject({ girthMm: 581.2, hairline: { napeDropMm: 0 }, shape: { sides: 0.5 } });
  expect(head.frontToNapeMm).toBeUndefined();
  expect(head.relief).toEqual(scanned.relief); // what the numbers cannot hold comes along
});

it("reads the head's bytes, and keeps the meshes it has when none are sent", () => {
  const json = new TextEncoder().encode('{"strands":1}   ');
  const b = new ArrayBuffer(4 + json.length + 16 + 32 + 4 + 24 + 4 + 28);
  const v = new DataView(b);
  v.setUint32(0, json.length, true);
  new Uint8Array(b, 4).set(json);
  let at = 4 + json.length + 16 + 32; // six empty meshes
  v.setUint32(at, 1, true);
  [90, 200, 70, 1, 45, 0.5].forEach((n, i) => {
    v.setFloat32(at + 4 + 4 * i, n, true);
  });
  at += 28;
  v.setUint32(at, 1, true);
  [1, 2, 3, 4, 5, 6, -0.5].forEach((n, i) => {
    v.setFloat32(at + 4 + 4 * i, n, true);
  });
  const mesh = { points: new Float32Array(3), normals: new Float32Array(3), triangles: new Uint32Array(3) };
  const known = { bust: mesh, scalp: mesh, face: [] };
  const read = readSit(b, known);
  expect(read.head).toBe(known);
  expect(read.reading.strands).toBe(1);
  expect([...read.fields.share]).toEqual([0.5]);
  expect([...read.strokes.ends]).toEqual([1, 2, 3, 4, 5, 6]);
  expect([...read.strokes.tones]).toEqual([-0.5]);
});

it("says what a coat's colours mean", () => {
  expect(shareOf("density", 60)).toBe(0);
  expect(shareOf("density", 400)).toBe(1);
  expect(shareOf("curl", 0.7)).toBeCloseTo(0.5);
  expect(legend("density", "cm")).toContain("340 hairs");
  expect(legend("length", "cm")).toContain("3.0 cm");
});

it("renders cards' duplicates unticked", async () => {
  const { Cards } = await import("../client/Cards");
  vi.stubGlobal("fetch", () =>
    Promise.resolve(
      new Response(
        JSON.stringify({
          cards: [
            { name: "Known", phone: "", email: "", note: "", sameAs: "Known" },
            { name: "Fresh", phone: "1", email: "", note: "" },
          ],
          problems: ["card 3: no name"],
        }),
      ),
    ),
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <Cards />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  const file = new File(["BEGIN:VCARD"], "a.vcf");
  Object.defineProperty(file, "text", { value: () => Promise.resolve("BEGIN:VCARD") });
  fireEvent.change(screen.getByLabelText("Read a card file"), { target: { files: [file] } });
  await screen.findByText("Take in 1 client");
  expect(screen.getAllByRole<HTMLInputElement>("checkbox").map((c) => c.checked)).toEqual([false, true]);
  expect(screen.getByText("card 3: no name")).toBeTruthy();
  vi.unstubAllGlobals();
});
