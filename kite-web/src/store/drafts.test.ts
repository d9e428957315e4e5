import { afterEach, expect, it, vi } from "vitest";
import { dropDraft, keepDraft, readDraft } from "./drafts";

afterEach(() => {
  localStorage.clear();
  vi.restoreAllMocks();
});

it("keeps, reads and drops a draft by its address", () => {
  expect(readDraft("/api/plans/1")).toBeNull();
  keepDraft("/api/plans/1", { version: 3, document: { a: 1 } });
  expect(readDraft("/api/plans/1")).toEqual({ version: 3, document: { a: 1 } });
  expect(readDraft("/api/plans/2")).toBeNull();
  dropDraft("/api/plans/1");
  expect(readDraft("/api/plans/1")).toBeNull();
});

it("takes a broken draft for none", () => {
  localStorage.setItem("kite-draft:/api/plans/1", "{half");
  expect(readDraft("/api/plans/1")).toBeNull();
});

it("goes on when the device's store is full", () => {
  vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  expect(() => keepDraft("/api/plans/1", { version: 1, document: {} })).not.toThrow();
});
