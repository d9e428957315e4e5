import { describe, expect, it, test } from "vitest";
import cuts from "../../contract/vectors/cut.json";
import layouts from "../../contract/vectors/layouts.json";
import lengths from "../../contract/vectors/lengths.json";
import patches from "../../contract/vectors/merge-patch.json";
import sittings from "../../contract/vectors/sitting.json";
import { meshReader, readFall, readOutcome } from "./api/binary";
import type { ChairEntry, PlanDocument } from "./api/types";
import { wasCut } from "./draw/tools";
import { mergePatch } from "./sit/mergePatch";
import { nextMove, stands } from "./store/sitting";
import { lengthWords } from "./store/units";

/** What both ends work out is held to the same cases; the server's are in SharedVectorsTest and the layout tests. */
describe("vectors shared with the server", () => {
  it.each(lengths.cases)("$mm mm is said alike", ({ mm, cm, inch }) => {
    expect(lengthWords(mm, "cm")).toBe(cm);
    expect(lengthWords(mm, "inch")).toBe(inch);
  });

  it.each(cuts.cases)("$before mm left at $after mm is cut alike", ({ before, after, cut }) => {
    expect(wasCut(before, after)).toBe(cut);
  });

  it.each(patches.cases)("a merge patch is that of RFC 7396: $patch", ({ target, patch, result }) => {
    expect(mergePatch(target, patch)).toEqual(result);
  });

  const start = Date.parse("2026-03-02T09:00:00Z");
  it.each(sittings.cases)("a sitting stands alike: $name", (c) => {
    const t = stands({
      token: "t",
      startedAt: new Date(start).toISOString(),
      document: { moves: sittings.moves.map((id) => ({ id })), sections: [] } as unknown as PlanDocument,
      device: sittings.device,
      next: c.log.length,
      told: [],
      unsent: c.log.map((l, number) => ({
        number,
        at: new Date(start + 1000 * l.sec).toISOString(),
        entry: l.entry as ChairEntry,
      })),
    });
    expect([...t.done]).toEqual(c.stands.done);
    expect(Object.fromEntries(t.skipped)).toEqual(c.stands.skipped);
    expect(Object.fromEntries(t.bites)).toEqual(c.stands.bites);
    expect(t.forDry).toEqual(c.stands.forDry);
    expect(Object.fromEntries(t.checked)).toEqual(c.stands.checked);
    expect(t.pausedMs / 1000).toBe(c.stands.pausedSec);
    expect(t.document.moves[nextMove(t)]?.id ?? null).toBe(c.stands.next);
    if (c.order) expect(t.document.moves.map((m) => m.id)).toEqual(c.order);
    for (const slip of c.slips ?? [])
      expect(t.document.moves.find((m) => m.id === slip.id)).toMatchObject(slip);
    if (c.section) expect(t.document.sections).toContainEqual(expect.objectContaining(c.section));
  });

  const bytes = (hex: string) =>
    Uint8Array.from(hex.match(/../g) ?? [], (h) => Number.parseInt(h, 16)).buffer;

  test("a mesh is read as it is laid out", () => {
    const m = meshReader(bytes(layouts.mesh.hex), 0).next();
    expect([...m.points]).toEqual(layouts.mesh.points);
    expect([...m.normals]).toEqual(layouts.mesh.normals);
    expect([...m.triangles]).toEqual(layouts.mesh.triangles);
  });

  test("an outcome is read as it is laid out", () => {
    const o = readOutcome(bytes(layouts.outcome.hex));
    expect(o.count).toBe(layouts.outcome.statesMm.length);
    layouts.outcome.statesMm.forEach((mm, i) => {
      const seen = o.state(i);
      for (let v = 0; v < layouts.outcome.vertices; v++) expect(seen[v]).toBeCloseTo(mm[v] as number, 2);
    });
    expect(o.result.walks.map((w) => [...w.beforeMm])).toEqual([[20, 21], [3]]);
    expect(o.result.walks.map((w) => w.afterMove.map((a) => [...a.lengthMm]))).toEqual([[[10, 10.5]], [[2]]]);
  });

  test("fallen hair is read as it is laid out", () => {
    const f = readFall(bytes(layouts.fall.hex));
    expect(f.reading).toEqual(JSON.parse(layouts.fall.json));
    expect([f.strands, f.points]).toEqual([layouts.fall.strands, layouts.fall.points]);
    [...f.xyz].forEach((v, i) => {
      expect(v).toBeCloseTo(layouts.fall.xyzMm[i] as number, 1);
    });
    [...f.besides].forEach((v, i) => {
      expect(v).toBeCloseTo(layouts.fall.cover[i] as number, 2);
    });
  });
});
