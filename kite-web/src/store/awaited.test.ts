import { expect, it } from "vitest";
import { awaits, pictureAwaited } from "./awaited";

it("a picture is awaited until every answer is there or given up", async () => {
  let answer = () => {};
  let giveUp = () => {};
  const one = new Promise<void>((done) => {
    answer = done;
  });
  const other = new Promise<void>((_, fail) => {
    giveUp = () => fail(new Error("given up"));
  });
  expect(pictureAwaited()).toBe(false);
  awaits(one);
  awaits(other);
  answer();
  await one;
  expect(pictureAwaited()).toBe(true);
  giveUp();
  await other.catch(() => {});
  await Promise.resolve();
  expect(pictureAwaited()).toBe(false);
});
