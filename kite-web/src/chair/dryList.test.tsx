import { cleanup, fireEvent, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, expect, it, vi } from "vitest";
import type { Place, PlanDocument } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { DryList } from "./DryList";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const DOCUMENT = { moves: [] } as unknown as PlanDocument;
function Listed() {
  const [place, choose] = useState<Place>("crown");
  return <DryList document={DOCUMENT} list={[]} place={place} choose={choose} />;
}

it("says what lays hair that stands out, of the place that is asked after and no other", async () => {
  const sent = atPage(<Listed />, {
    "POST /api/dry-pass": (b: { place: string }) => ({
      place: b.place,
      words: `Leave it at the ${b.place}.`,
    }),
  });
  fireEvent.click(screen.getByText("It stands out: what lays it?"));
  await screen.findByText("Leave it at the crown.");
  fireEvent.change(screen.getByLabelText("Where"), { target: { value: "apex" } });
  expect(screen.queryByText("Leave it at the crown.")).toBeNull();
  fireEvent.click(screen.getByText("It stands out: what lays it?"));
  await screen.findByText("Leave it at the apex.");
  expect(asked(sent, "POST").map((s) => s.body)).toEqual([
    { document: DOCUMENT, place: "crown" },
    { document: DOCUMENT, place: "apex" },
  ]);
});

it("says why it cannot be told", async () => {
  atPage(<Listed />, { "POST /api/dry-pass": refused("The engine is busy.", 503) });
  fireEvent.click(screen.getByText("It stands out: what lays it?"));
  await screen.findByText("The engine is busy.");
});
