import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { AppointmentRow } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { AppointmentSheet } from "./AppointmentSheet";
import { BookForm } from "./BookForm";
import { Late } from "./Late";
import { Waiting } from "./Waiting";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ZONE = "Europe/Amsterdam";
const row = {
  id: 5,
  personId: 1,
  stylist: "Maud",
  clientId: 3,
  clientName: "Bram",
  planId: 4,
  startsAt: "2026-03-02T09:00:00Z",
  endsAt: "2026-03-02T09:30:00Z",
} as AppointmentRow;
const client = { id: 3, name: "Bram", planId: 4, planTitle: "Quiet Side Part" };
const waits = { id: 8, clientId: 6, clientName: "Elin", until: "2026-03-16", note: "mornings" };

const services = [
  { id: 2, name: "Fringe and neck", minutes: 15 },
  { id: 1, name: "Scissor cut", minutes: 50, priceCents: 4200 },
];

function form(answers: Record<string, unknown>) {
  const done = vi.fn();
  const sent = atPage(
    <BookForm
      chair="Maud"
      personId={1}
      day="2026-03-02"
      minute={600}
      zone={ZONE}
      done={done}
      shut={() => undefined}
    />,
    {
      "GET /api/clients": [client],
      "GET /api/waiting": { waiting: [waits] },
      "GET /api/shop/services": { services },
      ...answers,
    },
  );
  return { done, sent };
}

it("books a client with their plan, the time moved by a touch, in the shop's own zone", async () => {
  const { done, sent } = form({ "POST /api/appointments": {} });
  fireEvent.click(screen.getByText("+15 min"));
  fireEvent.click(await screen.findByText("Quiet Side Part"));
  await waitFor(() => expect(done).toHaveBeenCalled());
  const body = asked(sent, "POST")[0]?.body as { startsAt: string };
  expect(body).toMatchObject({ personId: 1, clientId: 3, planId: 4 });
  expect(Date.parse(body.startsAt)).toBe(Date.parse("2026-03-02T09:15:00Z"));
});

it("books for what is offered where that is said", async () => {
  const { done, sent } = form({ "POST /api/appointments": {} });
  fireEvent.click(await screen.findByText("Scissor cut, 50 min"));
  fireEvent.click(await screen.findByText("Quiet Side Part"));
  await waitFor(() => expect(done).toHaveBeenCalled());
  expect(asked(sent, "POST")[0]?.body).toMatchObject({ clientId: 3, serviceId: 1 });
});

it("books a new caller by name and number, and writes them down once though the time is taken", async () => {
  const refusal: { now: unknown } = { now: refused("That time is taken.", 409) };
  const { done, sent } = form({
    "POST /api/clients": { id: 21 },
    "POST /api/appointments": () => refusal.now,
  });
  fireEvent.change(screen.getByLabelText("Client"), { target: { value: "bram" } });
  await screen.findByText("Bram");
  expect(screen.queryByText("Book bram, new"), "who is known is not made anew").toBeNull();
  fireEvent.change(screen.getByLabelText("Client"), { target: { value: " Ina Verhoog " } });
  fireEvent.change(await screen.findByLabelText("Phone, to be told of changes"), {
    target: { value: "+31 6 5550 0123" },
  });
  fireEvent.click(screen.getByText("Book Ina Verhoog, new"));
  await screen.findByText("That time is taken.");
  expect(done).not.toHaveBeenCalled();
  refusal.now = {};
  fireEvent.click(screen.getByText("+15 min"));
  fireEvent.click(screen.getByText("Book Ina Verhoog, new"));
  await waitFor(() => expect(done).toHaveBeenCalled());
  const posts = asked(sent, "POST");
  expect(posts.filter((s) => s.url === "/api/clients").map((s) => s.body)).toEqual([
    { name: "Ina Verhoog", phone: "+31 6 5550 0123" },
  ]);
  expect(posts.at(-1)?.body).toMatchObject({ clientId: 21, personId: 1 });
});

it("offers the chair first to who waits, and takes them off the list once booked", async () => {
  const { done, sent } = form({ "POST /api/appointments": {}, "DELETE /api/waiting/8": {} });
  fireEvent.click(await screen.findByText("Elin"));
  await waitFor(() => expect(done).toHaveBeenCalled());
  expect(asked(sent, "DELETE").map((s) => s.url)).toEqual(["/api/waiting/8"]);
});

it("keeps the sheet open and who waits on the list when the time is taken", async () => {
  const { done, sent } = form({ "POST /api/appointments": refused("That time is taken.", 409) });
  fireEvent.click(await screen.findByText("Elin"));
  await screen.findByText("That time is taken.");
  expect(done).not.toHaveBeenCalled();
  expect(asked(sent, "DELETE")).toEqual([]);
});

it("puts a client on the waiting list for a fortnight", async () => {
  const { sent } = form({ "POST /api/waiting": {} });
  fireEvent.click(await screen.findByLabelText("Waiting list: Bram"));
  await screen.findByText("On the waiting list.");
  expect(asked(sent, "POST")[0]?.body).toEqual({
    clientId: 3,
    planId: 4,
    until: "2026-03-16",
  });
});

it("takes somebody off the waiting list", async () => {
  const sent = atPage(<Waiting />, {
    "GET /api/waiting": { waiting: [waits] },
    "DELETE /api/waiting/8": {},
  });
  fireEvent.click(await screen.findByText("Waiting (1)"));
  expect(screen.getByText("until 16 March · mornings")).toBeTruthy();
  fireEvent.click(screen.getByText("Take off"));
  await waitFor(() => expect(asked(sent, "DELETE")).toHaveLength(1));
});

it("shows on paper what a late chair does, and moves it only when told to", async () => {
  const paper = {
    personId: 1,
    rows: [{ id: 6, clientName: "Elin", wasAt: "2026-03-02T09:30:00Z", startsAt: "2026-03-02T09:40:00Z" }],
  };
  const done = vi.fn();
  vi.setSystemTime(new Date("2026-03-02T09:00:00Z"));
  const sent = atPage(<Late row={row} zone={ZONE} done={done} shut={() => undefined} />, {
    "GET /api/diary/late": paper,
    "POST /api/diary/late": {},
  });
  await screen.findByText("Elin");
  expect(screen.getAllByText("10:40"), "free then, and the next begins").toHaveLength(2);
  expect(asked(sent, "POST")).toEqual([]);
  fireEvent.click(screen.getByText("5 min later"));
  await waitFor(() => expect(asked(sent, "GET").at(-1)?.url).toContain("freeAt=2026-03-02T09%3A45"));
  fireEvent.click(await screen.findByText("Move it"));
  await waitFor(() => expect(done).toHaveBeenCalled());
  expect(asked(sent, "POST")[0]?.body).toEqual(paper);
  vi.useRealTimers();
});

it("moves, lengthens and takes off an appointment, and says when it cannot", async () => {
  const moves: unknown[] = [];
  atPage(
    <AppointmentSheet
      row={row}
      zone={ZONE}
      chairs={[
        { id: 1, name: "Maud" },
        { id: 2, name: "Joris" },
      ]}
      late={() => undefined}
      move={(...to) => moves.push(to)}
      done={() => undefined}
      cancelled={() => undefined}
      shut={() => undefined}
    />,
    { "DELETE /api/appointments/5": refused("It is being cut now.", 409) },
  );
  for (const words of ["5 min earlier", "5 min longer", "5 min shorter", "To Joris"]) {
    fireEvent.click(screen.getByText(words));
  }
  expect(moves).toEqual([
    [1, "2026-03-02", 595, 30],
    [1, "2026-03-02", 600, 35],
    [1, "2026-03-02", 600, 25],
    [2, "2026-03-02", 600, 30],
  ]);
  fireEvent.click(screen.getByText("Take it off the diary"));
  await screen.findByText("It is being cut now.");
});

const sheetOf = (more: Partial<AppointmentRow>, answers: Record<string, unknown> = {}) =>
  atPage(
    <AppointmentSheet
      row={{ ...row, ...more }}
      zone={ZONE}
      chairs={[]}
      late={() => undefined}
      move={() => undefined}
      done={() => undefined}
      cancelled={() => undefined}
      shut={() => undefined}
    />,
    answers,
  );

it("says of an appointment that its length is the stylist's own pace", () => {
  sheetOf({ byOwnPace: false });
  expect(screen.queryByText(/own pace/)).toBeNull();
  cleanup();
  sheetOf({ byOwnPace: true });
  screen.getByText("30 min, by what is known of Maud's own pace");
});

it("tells who is here and who did not come, takes it back, and leaves what the chair knows alone", async () => {
  const sheet = (state: AppointmentRow["state"], answer: unknown = {}) =>
    sheetOf({ state }, { "PUT /api/appointments/5/state": answer });
  const put = async (sent: ReturnType<typeof sheet>) => {
    await waitFor(() => expect(asked(sent, "PUT")).toHaveLength(1));
    cleanup();
    return (asked(sent, "PUT")[0]?.body as { state: string }).state;
  };
  let sent = sheet("planned");
  fireEvent.click(screen.getByText("did not come"));
  expect(await put(sent)).toBe("didNotCome");
  sent = sheet("here");
  fireEvent.click(screen.getByRole("button", { name: "here" }));
  expect(await put(sent)).toBe("planned");
  sheet("didNotCome", refused("This chair is taken then.", 409));
  fireEvent.click(screen.getByRole("button", { name: "here" }));
  await screen.findByText("This chair is taken then.");
  cleanup();
  sheet("inTheChair");
  expect(screen.queryByText("did not come")).toBeNull();
});
