import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, it, vi } from "vitest";
import { Stepper } from "../parts/Stepper";
import { leastStep, lengthStep } from "../store/units";

afterEach(cleanup);

const onChange = vi.fn();
const bite = (more: object = {}) => {
  onChange.mockReset();
  return render(
    <Stepper label="Bite" value={59} step={2} min={3} max={60} unit="mm" onChange={onChange} {...more} />,
  );
};
const field = () => screen.getByLabelText("Bite in mm") as HTMLInputElement;
const less = () => userEvent.click(screen.getByRole("button", { name: "Bite, less" }));
const more = () => userEvent.click(screen.getByRole("button", { name: "Bite, more" }));
async function typed(what: string): Promise<void> {
  await userEvent.clear(field());
  await userEvent.type(field(), what);
}

it("takes what is typed at Enter and not on the way to it", async () => {
  bite();
  await typed("12");
  expect(onChange).not.toHaveBeenCalled();
  await userEvent.keyboard("{Enter}");
  expect(onChange).toHaveBeenCalledExactlyOnceWith(12);
});

it("takes what is typed when the field is left, and when it is shut while it is typed in", async () => {
  bite();
  await typed("12");
  await userEvent.tab();
  expect(onChange).toHaveBeenCalledExactlyOnceWith(12);
  cleanup();
  const { unmount } = bite();
  await typed("14");
  unmount();
  expect(onChange).toHaveBeenCalledExactlyOnceWith(14);
});

it("takes what is typed before the document is saved as the page is left", async () => {
  const taken: number[] = [];
  const saves = () => taken.push(onChange.mock.calls.length);
  window.addEventListener("pagehide", saves);
  bite();
  await typed("12");
  window.dispatchEvent(new Event("pagehide"));
  window.removeEventListener("pagehide", saves);
  expect(taken).toEqual([1]);
});

it("reads a comma as a comma, and takes nothing back at Escape", async () => {
  bite();
  await typed("12,5");
  await userEvent.keyboard("{Enter}");
  expect(onChange).toHaveBeenCalledExactlyOnceWith(12.5);
  await typed("33");
  await userEvent.keyboard("{Escape}");
  expect(field().value).toBe("59");
  await userEvent.tab();
  expect(onChange).toHaveBeenCalledTimes(1);
});

it("says a number out of range and does not take it; the buttons stop at the ends", async () => {
  bite();
  await typed("99");
  await userEvent.keyboard("{Enter}");
  expect(screen.getByRole("alert").textContent).toBe("99 is not allowed; 3 to 60 mm");
  expect(onChange).not.toHaveBeenCalled();
  await more();
  expect(onChange).toHaveBeenLastCalledWith(60);
});

it("steps a length by millimetres below 3 cm and by halves above, in inches by eighths", async () => {
  const cm = { step: lengthStep("cm"), least: leastStep("cm"), min: 0, max: 150 };
  for (const [at, down, up] of [
    [2.9, 2.8, 3],
    [3, 2.9, 3.5],
    [5, 4.5, 5.5],
    [0.3, 0.2, 0.4],
  ] as const) {
    bite({ ...cm, value: at });
    await less();
    expect(onChange).toHaveBeenLastCalledWith(down);
    await more();
    expect(onChange).toHaveBeenLastCalledWith(up);
    cleanup();
  }
  bite({ step: lengthStep("inch"), least: leastStep("inch"), min: 0, max: 59, value: 1 });
  await less();
  expect(onChange).toHaveBeenLastCalledWith(0.875);
});

it("never comes to nothing by the buttons; nothing is typed", async () => {
  bite({ step: lengthStep("cm"), least: leastStep("cm"), min: 0, max: 150, value: 0.1 });
  await less();
  expect(onChange).toHaveBeenLastCalledWith(0.1);
  await typed("0");
  await userEvent.keyboard("{Enter}");
  expect(onChange).toHaveBeenLastCalledWith(0);
});
