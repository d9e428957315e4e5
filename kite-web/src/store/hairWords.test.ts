import { readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import { densityWords, thicknessWords } from "./hairWords";

type Option = { title: string; set: { hair?: { densityPerCm2?: number; diameterUm?: number } } };
const PICKS = join(import.meta.dirname, "../../../kite-formats/src/main/resources/kitetail/picks.json");
const picks: { id: string; options: Option[] }[] = JSON.parse(readFileSync(PICKS, "utf8"));
const options = (id: string) => picks.find((p) => p.id === id)?.options ?? [];

it.each([
  ["density", densityWords],
  ["diameter", thicknessWords],
] as const)("calls %s what the pick of that number is called", (id, words) => {
  expect(options(id).length).toBeGreaterThan(2);
  for (const { title, set } of options(id)) {
    const value = set.hair?.densityPerCm2 ?? set.hair?.diameterUm ?? Number.NaN;
    expect(words(value).split(" ")[0]).toBe(title.toLowerCase());
  }
});
