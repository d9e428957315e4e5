import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import * as THREE from "three";
import { expect, it } from "vitest";
import * as used from "./threeUsed";

const SRC = join(import.meta.dirname, "..");

/** The elements of three in our scenes, by the class each makes. */
function elements(): Set<string> {
  const found = new Set<string>();
  for (const file of readdirSync(SRC, { recursive: true }) as string[]) {
    if (!file.endsWith(".tsx")) continue;
    const code = readFileSync(join(SRC, file), "utf8");
    // A line in a scene would be one of a drawing elsewhere.
    if (!/@react-three\/fiber|from "three"/.test(code)) continue;
    for (const [, tag] of code.matchAll(/<([a-z][A-Za-z0-9]*)\b/g)) {
      const name = `${tag?.charAt(0).toUpperCase()}${tag?.slice(1)}`;
      if (name in THREE && !(tag === "line" && /<svg/.test(code))) found.add(name);
    }
  }
  return found;
}

/** What the reconciler's own code asks of three. */
function asked(): Set<string> {
  const dist = join(SRC, "../node_modules/@react-three/fiber/dist");
  const code = readdirSync(dist)
    .filter((f) => f.endsWith(".esm.js"))
    .map((f) => readFileSync(join(dist, f), "utf8"))
    .join("\n");
  return new Set([...code.matchAll(/\bTHREE\.([A-Za-z0-9_]+)/g)].map(([, name]) => name as string));
}

it("has what stands in a scene, and what the reconciler asks for", () => {
  const has = Object.keys(used);
  expect(elements().size).toBeGreaterThan(3);
  expect([...elements()].filter((n) => !has.includes(n))).toEqual([]);
  expect([...asked()].filter((n) => n in THREE && !has.includes(n))).toEqual([]);
});
