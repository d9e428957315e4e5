import { beforeEach, describe, expect, it } from "vitest";
import type { PlanDocument, PlanView } from "../api/types";
import { joined, read, write } from "./edits";
import { change, openPlan, redo, undo, usePlan } from "./planStore";

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
    const first = { path, before: 9, after: 8 };
    expect(joined(first, { path, before: 8, after: 7 }, true)).toEqual({ path, before: 9, after: 7 });
    expect(joined(first, { path, before: 8, after: 7 }, false)).toBeUndefined();
    expect(joined(first, { path: ["title"], before: "t", after: "u" }, true)).toBeUndefined();
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
});
