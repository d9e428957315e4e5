import { expect, test } from "vitest";
import { turns } from "./turns";

test("two at a time, the others in the order they asked", () => {
  const ask = turns(2);
  const begun: string[] = [];
  const ends = ["a", "b", "c", "d"].map((n) => ask(() => begun.push(n)));
  expect(begun).toEqual(["a", "b"]);
  ends[1]?.();
  expect(begun).toEqual(["a", "b", "c"]);
  ends[1]?.();
  expect(begun).toEqual(["a", "b", "c"]);
  ends[0]?.();
  expect(begun).toEqual(["a", "b", "c", "d"]);
});

test("who gives up while waiting is not called, and holds nobody up", () => {
  const ask = turns(1);
  const begun: string[] = [];
  const [a, b] = ["a", "b", "c"].map((n) => ask(() => begun.push(n)));
  b?.();
  a?.();
  expect(begun).toEqual(["a", "c"]);
});
