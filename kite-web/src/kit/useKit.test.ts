import { expect, test } from "vitest";
import type { PlanDocument, ToolRow } from "../api/types";
import { usedIn } from "../finish/ToolsUsed";
import { needWords } from "./useKit";

const tool = (id: number, kind: ToolRow["kind"], retired = false): ToolRow => ({
  id,
  kind,
  name: `${kind} ${id}`,
  note: "",
  retired,
  needs: [],
});

const plan = (...kinds: string[]) =>
  ({ moves: kinds.map((kind) => ({ cut: { kind } })) }) as unknown as PlanDocument;

test("a plan over the fingers touches with shears, by guard with the clipper and its guards", () => {
  const tools = [tool(1, "SHEARS"), tool(2, "CLIPPER"), tool(3, "GUARD"), tool(4, "RAZOR"), tool(5, "COMB")];
  expect(usedIn(plan("fingers", "aside"), tools).map((t) => t.id)).toEqual([1]);
  expect(usedIn(plan("guard"), tools).map((t) => t.id)).toEqual([2, 3]);
  expect(usedIn(plan("comb", "edge"), tools).map((t) => t.id)).toEqual([2, 4, 5]);
});

test("a tool put away is not used", () => {
  expect(usedIn(plan("fingers"), [tool(1, "SHEARS", true)])).toEqual([]);
});

test("a need says what is to be done, or until when a tool lies in the disinfectant", () => {
  expect(needWords({ act: "BLADE", blocks: true })).toContain("new blade");
  expect(needWords({ act: "DISINFECTED", blocks: true, readyAt: "2026-11-25T10:05:00Z" })).toMatch(
    /until \d\d:05/,
  );
});
