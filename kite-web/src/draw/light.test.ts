import { afterEach, expect, it } from "vitest";
import { hairMaterial, rootsMaterial } from "./hairMaterial";
import { skinMaterial } from "./lengthMaterial";
import { LIGHT, shine } from "./light";
import { LIGHT_NAMES } from "./lights";

afterEach(() => shine("day"));

it("one change of the light is seen by every material", () => {
  const all = [
    skinMaterial("#ccaa88"),
    rootsMaterial("#ccaa88", "#332211"),
    hairMaterial("#332211", "#ffffff", 0, 4, "#332211", 1e6, { pressed: [] }),
  ];
  shine("lamp");
  for (const m of all) expect(m.uniforms.lightFill?.value).toBe(LIGHT.lightFill.value);
  expect(LIGHT.lightFill.value).toBeLessThan(0.6);
});

it("a lamp shines from above, a photograph's flash from the eye and flatter than any", () => {
  const contrast = new Map<string, number>();
  for (const [light] of LIGHT_NAMES) {
    shine(light);
    const { x, y, z } = LIGHT.lightFrom.value;
    expect(Math.hypot(x, y, z)).toBeCloseTo(1);
    contrast.set(light, LIGHT.lightKey.value / LIGHT.lightFill.value);
    if (light === "lamp") expect(y).toBeGreaterThan(0.9);
    if (light === "photo") expect(z).toBeGreaterThan(0.9);
  }
  expect([...contrast].sort((a, b) => a[1] - b[1]).map(([l]) => l)).toEqual(["photo", "day", "lamp", "sun"]);
});
