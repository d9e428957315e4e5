import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, normalize } from "node:path";
import { expect, test } from "vitest";

/** What all screens stand on; every other folder is a screen. */
const SHARED = ["api", "words", "store", "draw", "parts", "frame", "assets"];

const files = readdirSync(import.meta.dirname, { recursive: true, encoding: "utf8" }).filter(
  (f) => /\.tsx?$/.test(f) && !/\.(test|d)\.tsx?$/.test(f),
);

const folder = (f: string) => (f.includes("/") ? f.slice(0, f.indexOf("/")) : "");

/** Files of each folder with what they read from another one. */
const read = files.flatMap((file) =>
  [...readFileSync(join(import.meta.dirname, file), "utf8").matchAll(/(?:from|import)\s*\(?\s*"(\.[^"]+)"/g)]
    .map((m) => normalize(join(dirname(file), m[1] ?? "")))
    .filter((to) => folder(to) !== "" && folder(to) !== folder(file))
    .map((to) => ({ file, to })),
);

test("a screen reads what all screens stand on, and no other screen", () => {
  // What puts screens together stands at the root.
  const screens = read.filter(({ file, to }) => folder(file) !== "" && !SHARED.includes(folder(to)));
  expect(screens.map(({ file, to }) => `${file} reads ${to}`)).toEqual([]);
  expect(new Set(files.map(folder)).size).toBeGreaterThan(15);
});

test("what draws reads stores, and never asks the server itself", () => {
  const drawn = read.filter(({ file, to }) => folder(file) === "draw" && to.startsWith("api/http"));
  expect(drawn).toEqual([]);
});
