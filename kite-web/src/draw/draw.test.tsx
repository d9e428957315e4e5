import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, it, vi } from "vitest";
import type { Walk } from "../api/types";
import { contourLabels } from "./contourLabels";
import { cutField } from "./cutField";
import { KiteString } from "./KiteString";
import { bandOf } from "./lengthMaterial";
import { Profile } from "./Profile";

afterEach(cleanup);

const square = [
  { x: 0, y: 0, facing: 1 },
  { x: 100, y: 0, facing: 1 },
  { x: 0, y: 100, facing: 1 },
];
const triangle = new Uint32Array([0, 1, 2]);

it("a contour label stands where the length crosses its level", () => {
  const labels = contourLabels(new Float32Array([10, 30, 10]), triangle, square, [20], { x: 50, y: 0 });
  expect(labels).toEqual([{ level: 20, x: 50, y: 0 }]);
});

it("no label on a side that looks away, nor where nothing crosses", () => {
  const away = square.map((v) => ({ ...v, facing: 0.2 }));
  expect(contourLabels(new Float32Array([10, 30, 10]), triangle, away, [20], { x: 0, y: 0 })).toEqual([]);
  expect(contourLabels(new Float32Array([10, 12, 10]), triangle, square, [20], { x: 0, y: 0 })).toEqual([]);
});

it("what was cut is 1 inside, 0 outside, and only its rim lies between", () => {
  const row = 12;
  const triangles = Uint32Array.from({ length: 3 * (row - 2) }, (_, i) => Math.floor(i / 3) + (i % 3));
  const before = new Float32Array(row).fill(50);
  const after = Float32Array.from({ length: row }, (_, i) => (i < 6 ? 20 : 50));
  const field = cutField(after, before, triangles);
  expect(field[0]).toBeGreaterThan(0.95);
  expect(field[row - 1]).toBeLessThan(0.05);
  expect([...cutField(before, before, triangles)].every((v) => v === 0)).toBe(true);
});

it("a length stands in the band between its two round lengths", () => {
  expect(bandOf(0, [10, 20, 40])).toBe(0);
  expect(bandOf(10, [10, 20, 40])).toBe(1);
  expect(bandOf(15, [10, 20, 40])).toBe(1.5);
  expect(bandOf(900, [10, 20, 40])).toBeCloseTo(3.999, 3);
});

it("a bow is as wide as its minutes and can be chosen by key", async () => {
  const choose = vi.fn();
  render(
    <KiteString
      bows={[
        { id: "a", name: "Top", minutes: 9 },
        { id: "b", name: "Side", minutes: 3 },
      ]}
      chosen={0}
      choose={choose}
    />,
  );
  const side = screen.getByRole("button", { name: "Move 2: Side, 3 minutes" });
  side.focus();
  await userEvent.keyboard("{Enter}");
  expect(choose).toHaveBeenCalledWith(1);
});

it("the profile lies lower after a move that cuts", () => {
  const walk: Walk = {
    walk: "centre",
    lengthMm: 100,
    marksMm: { front: 0, apex: 50 },
    distanceMm: [0, 50, 100],
    pointsMm: [0, 90, 40, 0, 0, 130, 0, -90, 40],
    beforeMm: [80, 80, 80],
    afterMove: [{ move: "a", lengthMm: [40, 80, 80] }],
  };
  render(<Profile walk={walk} step={0} units="cm" />);
  const points = (screen.getByTestId("after-centre").getAttribute("d") ?? "").match(/[\d.]+,[\d.]+/g) ?? [];
  const [first, last] = [points[0], points[2]].map((p) => Number(p?.split(",")[1]));
  expect(first).toBeGreaterThan(last as number);
  expect(screen.getByText("apex")).toBeTruthy();
  expect(screen.queryByText("Stands off the hair beside it")).toBeNull();
});

it("the profile is marked where the server finds a ledge on it, and nowhere else", () => {
  const walk: Walk = {
    walk: "centre",
    lengthMm: 100,
    marksMm: { front: 0 },
    distanceMm: [0, 50, 100],
    pointsMm: [0, 90, 40, 0, 0, 130, 0, -90, 40],
    beforeMm: [80, 80, 80],
    afterMove: [{ move: "a", lengthMm: [20, 80, 80] }],
  };
  render(<Profile walk={walk} step={0} units="cm" ledgesMm={[25]} />);
  expect(screen.getAllByText("Stands off the hair beside it")).toHaveLength(1);
});
