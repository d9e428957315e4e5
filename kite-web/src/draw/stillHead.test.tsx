import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { StillHead } from "./StillHead";

afterEach(cleanup);

it("waits for its turn as a calm place, never as a broken picture, and says when there is none", () => {
  render(
    <>
      <StillHead of="plans/1" version={1} name="first" />
      <StillHead of="plans/2" version={1} name="second" />
    </>,
  );
  const first = screen.getByAltText<HTMLImageElement>("first, right");
  const second = screen.getByAltText<HTMLImageElement>("second, right");
  expect(first.src).toContain("/api/plans/1/picture.png");
  expect(second.getAttribute("src"), "no source is drawn as a broken picture").toMatch(/^data:image/);
  fireEvent.load(second);
  expect(second.className, "what it waits with is not its picture").toContain("animate-pulse");
  fireEvent.load(first);
  expect(first.className).not.toContain("animate-pulse");
  expect(second.src).toContain("/api/plans/2/picture.png");
  fireEvent.error(second);
  expect(screen.getByText("no picture")).toBeTruthy();
});
