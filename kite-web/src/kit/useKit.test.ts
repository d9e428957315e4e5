import { expect, test } from "vitest";
import { needWords } from "../parts/useKit";

test("a need says what is to be done, or until when a tool lies in the disinfectant", () => {
  expect(needWords({ act: "blade", blocks: true })).toContain("new blade");
  expect(needWords({ act: "disinfected", blocks: true, readyAt: "2026-11-25T10:05:00Z" })).toMatch(
    /until \d\d:05/,
  );
});
