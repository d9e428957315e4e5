import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it } from "vitest";
import type { PlanDocument } from "../api/types";
import { usePlan } from "../store/planStore";
import { Drying } from "./Drying";

beforeEach(() => {
  usePlan.setState({ document: { styling: { way: "back", hold: 0.2 } } as PlanDocument });
});
afterEach(cleanup);

it("says how it is dried and when it is looked at, and keeps the rest of the styling", () => {
  render(<Drying />);
  fireEvent.change(screen.getByLabelText("Dried"), { target: { value: "roundBrush" } });
  expect(usePlan.getState().document?.styling).toMatchObject({ way: "back", hold: 0.2, dried: "roundBrush" });
  fireEvent.change(screen.getByLabelText("When"), { target: { value: "evening" } });
  const styling = usePlan.getState().document?.styling;
  expect(styling).toMatchObject({ dried: "roundBrush", hours: 10 });
  expect((screen.getByLabelText("When") as HTMLSelectElement).value).toBe("evening");
});
