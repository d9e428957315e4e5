import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { PlanDocument, ToolRow } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { AfterCut } from "./AfterCut";
import { NextVisit } from "./NextVisit";
import { ToolsUsed, usedIn } from "./ToolsUsed";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const FREE = {
  personId: 2,
  stylist: "Joris",
  startsAt: "2026-04-10T09:30:00Z",
  minutes: 45,
  zone: "America/New_York",
};
const cut = (...kinds: string[]) =>
  ({ moves: kinds.map((kind) => ({ cut: { kind } })) }) as unknown as PlanDocument;
const tool = (id: number, kind: string, retired = false) =>
  ({ id, kind, name: `${kind} ${id}`, retired, asked: true, needs: [], note: "" }) as unknown as ToolRow;

it("books the free time it shows, looks a week later when asked, and says so when it was taken", async () => {
  let answer: unknown = {};
  const sent = atPage(<NextVisit planId={4} clientId={9} words="Back in five weeks." weeks={5} />, {
    "GET /api/diary/free": FREE,
    "POST /api/appointments": () => answer,
  });
  // By the shop's clock, wherever the device is.
  await screen.findByText("Book Fri 10 April, 05:30");
  fireEvent.click(screen.getByText("A week later"));
  await screen.findByText(/^Book Fri/);
  const days = asked(sent, "GET").map((s) => Date.parse(s.url.replace(/.*from=/, "")));
  expect((days.at(-1) as number) - (days[0] as number)).toBe(7 * 86_400_000);
  answer = refused("Somebody else has the chair then.", 409);
  fireEvent.click(screen.getByText(/^Book Fri/));
  await screen.findByText("Somebody else has the chair then.");
  answer = {};
  fireEvent.click(screen.getByText(/^Book Fri/));
  await screen.findByText(/^Booked: Fri/);
  expect(asked(sent, "POST").at(-1)?.body).toEqual({
    personId: 2,
    clientId: 9,
    planId: 4,
    startsAt: FREE.startsAt,
    minutes: 45,
  });
});

it("says where a visit is as long as it is by the stylist's own pace", async () => {
  atPage(<NextVisit planId={4} clientId={9} words="Back in five weeks." weeks={5} />, {
    "GET /api/diary/free": { ...FREE, minutes: 65, byOwnPace: true },
  });
  await screen.findByText("65 min, by what is known of Joris's own pace");
});

it("lists the tools the plan asks for, none ticked, and a razor's blade goes in by a touch", async () => {
  const tools = [
    tool(1, "shears"),
    tool(2, "razor"),
    { ...tool(3, "guard"), asked: false },
    tool(4, "shears", true),
  ];
  expect(usedIn(tools).map((t) => t.id)).toEqual([1, 2]);
  const toggled: number[] = [];
  const all: number[][] = [];
  const sent = atPage(
    <ToolsUsed
      planId={3}
      clientId={9}
      used={new Set()}
      toggle={(id) => toggled.push(id)}
      all={(ids) => all.push(ids)}
    />,
    { "GET /api/kit": { tools }, "POST /api/kit/2/events": {} },
  );
  const box = await screen.findByLabelText<HTMLInputElement>(/razor 2/);
  expect(sent[0]?.url).toBe("/api/kit?clientId=9&planId=3");
  expect(box.checked, "what touched a client is told, not guessed").toBe(false);
  expect(screen.queryByLabelText(/GUARD/)).toBeNull();
  fireEvent.click(box);
  expect(toggled).toEqual([2]);
  fireEvent.click(screen.getByText("All of these"));
  expect(all).toEqual([[1, 2]]);
  fireEvent.click(screen.getByText("New blade in"));
  await vi.waitFor(() => expect(asked(sent, "POST")).toHaveLength(1));
});

it("says the order of drying with its dampness, the care at home and when to return", async () => {
  atPage(<AfterCut document={cut("fingers")} planId={4} clientId={9} />, {
    "POST /api/finishing": {
      steps: [
        { damp: "damp", words: "Blow the front over to the right." },
        { damp: "dry", words: "A little paste into the ends." },
      ],
      home: ["Wash it every other day."],
      returnFrom: 4,
      returnTo: 6,
      returnWords: "Back in four to six weeks.",
    },
    "GET /api/diary/free": FREE,
  });
  await screen.findByText("Blow the front over to the right.");
  expect(screen.getAllByRole("listitem").map((li) => li.textContent)).toEqual([
    "1dampBlow the front over to the right.",
    "2dryA little paste into the ends.",
    "Wash it every other day.",
  ]);
  expect(screen.getByText("Back in four to six weeks.")).toBeTruthy();
});
