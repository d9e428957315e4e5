import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import type { FallData, HeadData } from "../api/binary";
import type { FallReading, Walk } from "../api/types";
import { HairSvg } from "./HairSvg";
import { axesOf, HeadSvg, headPaths } from "./HeadSvg";
import { ProfileTable } from "./ProfileTable";

afterEach(cleanup);

/** One triangle that looks forward and one that looks back. */
const head: HeadData = {
  bust: { points: new Float32Array(), normals: new Float32Array(), triangles: new Uint32Array() },
  scalp: {
    points: new Float32Array([-40, 90, 0, 40, 90, 0, 0, 90, 60, -40, -90, 0, 40, -90, 0, 0, -90, 60]),
    normals: new Float32Array([0, 1, 0, 0, 1, 0, 0, 1, 0, 0, -1, 0, 0, -1, 0, 0, -1, 0]),
    triangles: new Uint32Array([0, 1, 2, 3, 4, 5]),
  },
  face: [],
};
const paint = {
  kind: "bands" as const,
  values: new Float32Array([10, 30, 30, 10, 10, 10]),
  levels: [20],
  colours: ["#ff0000", "#0000ff"],
  labelled: true,
};

it("draws what looks at the eye and leaves out what looks away", () => {
  const front = headPaths(head, paint, axesOf("front"));
  expect(front).toHaveLength(1);
  expect(front[0]?.fill.startsWith("#")).toBe(true);
  expect(headPaths(head, paint, axesOf("back"))).toHaveLength(1);
  expect(front[0]?.d).not.toBe(headPaths(head, paint, axesOf("back"))[0]?.d);
});

it("labels the contour it draws, in the stylist's units", () => {
  render(<HeadSvg head={head} paint={paint} view="front" units="cm" label="head" />);
  expect(screen.getByText("2.0 cm")).toBeTruthy();
  expect(screen.getByRole("img", { name: "head" })).toBeTruthy();
});

it("draws a strand a line where nothing is drawn in 3D", () => {
  const fall: FallData = {
    strands: 2,
    points: 3,
    xyz: new Float32Array([0, 90, 60, 0, 95, 70, 0, 105, 60, 0, -90, 60, 0, -95, 70, 0, -105, 60]),
    besides: new Float32Array(0),
    reading: { colour: "#553322", skinColour: "#d9bfa8" } as FallReading,
  };
  render(<HairSvg head={head} fall={fall} view="front" label="hair" />);
  expect(screen.getByTestId("hair-svg").querySelectorAll("path[fill=none]")).toHaveLength(2);
});

it("the profile's table says what the drawing shows, in its order", () => {
  const walk: Walk = {
    walk: "centre",
    lengthMm: 100,
    marksMm: { apex: 50, front: 0 },
    distanceMm: [0, 50, 100],
    pointsMm: [0, 90, 40, 0, 0, 130, 0, -90, 40],
    beforeMm: [80, 80, 80],
    afterMove: [{ move: "a", lengthMm: [40, 62, 80] }],
  };
  render(<ProfileTable walk={walk} units="cm" />);
  const rows = screen.getAllByRole("row").map((r) => r.textContent);
  expect(rows).toEqual(["PlaceNowLeft in the end, cm", "front8.0 cm4", "apex8.0 cm6.2"]);
});
