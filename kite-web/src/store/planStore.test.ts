import { beforeEach, describe, expect, it } from "vitest";
import type { PlanDocument, PlanView } from "../api/types";
import { apply, type Change, differences, inverse, joined, read, write } from "./edits";
import { change, openPlan, plan, redo, undo, usePlan } from "./planStore";

const document = {
  version: 1,
  title: "t",
  head: { kind: "ball" },
  sections: [],
  moves: [{ id: "a", cut: { biteMm: 9 } }],
};
const view = {
  id: 1,
  clientId: 2,
  clientName: "c",
  version: 4,
  updatedAt: "",
  document,
} as unknown as PlanView;
const bite = () => read(usePlan.getState().document, ["moves", 0, "cut", "biteMm"]);
const path = ["moves", 0, "cut", "biteMm"];

describe("edits", () => {
  it("write one place and share the rest", () => {
    const doc = { a: { b: [1, 2] }, c: { d: 3 } };
    const next = write(doc, ["a", "b", 1], 9);
    expect(next).toEqual({ a: { b: [1, 9] }, c: { d: 3 } });
    expect(next.c).toBe(doc.c);
    expect(doc.a.b[1]).toBe(2);
  });

  it("join while one gesture goes on at one place", () => {
    const one = (change: Change) => ({ changes: [change] });
    const first = one({ path, before: 9, after: 8 });
    const next = one({ path, before: 8, after: 7 });
    expect(joined(first, next, true)).toEqual(one({ path, before: 9, after: 7 }));
    expect(joined(first, next, false)).toBeUndefined();
    expect(joined(first, one({ path: ["title"], before: "t", after: "u" }), true)).toBeUndefined();
  });

  it("tell two documents apart by the smallest places, an open field said or not being the same", () => {
    const a = { moves: [{ id: "a", mm: 4 }, { id: "b" }], meant: [] as string[] };
    const b = {
      moves: [
        { id: "a", mm: 5 },
        { id: "b", note: null },
      ],
      meant: ["x"],
    };
    expect(differences(a, b)).toEqual([
      { path: ["moves", 0, "mm"], before: 4, after: 5 },
      { path: ["meant"], before: [], after: ["x"] },
    ]);
    expect(apply(a, { changes: differences(a, b) })).toMatchObject({ meant: ["x"] });
    expect(apply(b, inverse({ changes: differences(a, b) }))).toMatchObject({
      meant: [],
      moves: [{ mm: 4 }, {}],
    });
  });
});

describe("the plan store", () => {
  beforeEach(() => openPlan(view));

  it("undoes and redoes without end", () => {
    for (let i = 0; i < 200; i++) change(path, 10 + i, i * 10_000);
    for (let i = 0; i < 200; i++) undo();
    expect(bite()).toBe(9);
    for (let i = 0; i < 200; i++) redo();
    expect(bite()).toBe(209);
  });

  it("counts a slide as one step", () => {
    change(path, 10, 1000);
    change(path, 11, 1100);
    change(path, 12, 1200);
    undo();
    expect(bite()).toBe(9);
  });

  it("forgets what was undone once something new is done", () => {
    change(path, 10, 1000);
    undo();
    change(path, 20, 9000);
    redo();
    expect(bite()).toBe(20);
  });

  it("is unsaved after a change, and a change to the same value is none", () => {
    change(path, 9);
    expect(usePlan.getState().save).toBe("saved");
    change(path, 10);
    expect(usePlan.getState().save).toBe("unsaved");
  });

  it("does not forget a conflict when work goes on", () => {
    usePlan.setState({ save: "conflict" });
    change(path, 15);
    expect(usePlan.getState().save).toBe("conflict");
    expect((usePlan.getState().document as PlanDocument).title).toBe("t");
  });

  it("of a gesture keeps the last answer as one step, and what was changed meanwhile", () => {
    const base = usePlan.getState().document as PlanDocument;
    const at = (biteMm: number) =>
      ({ ...base, moves: [{ id: "a", cut: { biteMm } }] }) as unknown as PlanDocument;
    plan.replace(base, at(7), "g");
    change(["title"], "meanwhile", 5);
    plan.replace(base, at(6), "h");
    plan.replace(base, at(5), "h");
    expect(bite()).toBe(5);
    expect(usePlan.getState().done).toHaveLength(3);
    undo();
    expect(bite()).toBe(7);
    expect(usePlan.getState().document?.title).toBe("meanwhile");
  });

  it("goes on undoing after a reload, but not when the plan was changed elsewhere", () => {
    change(path, 8, 1);
    const changed = usePlan.getState().document as PlanDocument;
    openPlan({ ...view, document: changed });
    expect(usePlan.getState().done).toHaveLength(1);
    undo();
    expect(bite()).toBe(9);
    openPlan({ ...view, document: { ...changed, title: "theirs" } });
    expect(usePlan.getState().done).toHaveLength(0);
  });
});
