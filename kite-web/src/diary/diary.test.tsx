import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { gaps } from "./DayGrid";
import { Diary } from "./Diary";

const row = {
  id: 5,
  version: 2,
  personId: 1,
  stylist: "Maud",
  clientId: 3,
  clientName: "Bram",
  planId: 4,
  planTitle: "Quiet Side Part",
  startsAt: "2026-03-02T09:00:00Z",
  endsAt: "2026-03-02T09:30:00Z",
};
const diary = {
  from: "2026-03-02",
  zone: "Europe/Amsterdam",
  now: "2026-03-02T09:10:00Z",
  chairs: [
    { id: 1, name: "Maud" },
    { id: 2, name: "Joris" },
  ],
  appointments: [row],
  open: [{ day: "2026-03-02", from: 9 * 60, to: 18 * 60 }],
  closed: [],
  busy: [{ personId: 2, startsAt: "2026-03-02T12:00:00Z", endsAt: "2026-03-02T13:00:00Z" }],
};
const answers = {
  "GET /api/diary": diary,
  "GET /api/waiting": { waiting: [] },
  "GET /api/clients": [],
};

beforeEach(() => {
  // 400 px for two chairs, a minute a little over a pixel: as the screen lays it out.
  vi.spyOn(Element.prototype, "getBoundingClientRect").mockReturnValue({
    left: 0,
    top: 0,
    width: 400,
    height: 819,
  } as DOMRect);
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

/** What stands for a browser here knows no pointers, but where a mouse is. */
const point = (at: Element, what: string, clientX: number, clientY: number) =>
  fireEvent(at, new MouseEvent(what, { bubbles: true, clientX, clientY }));

const y = (minute: number) => (minute - 8 * 60) * 1.05;

it("lays a day out by chair, with what is closed and who is elsewhere", async () => {
  atPage(<Diary me={1} />, answers);
  await screen.findByText("Monday 2 March");
  expect(screen.getByText("Maud")).toBeTruthy();
  expect(screen.getByTestId("appointment-5").textContent).toBe("10:00 BramQuiet Side Part · 30 min");
  expect(screen.getAllByText("closed"), "before nine and after six, at both chairs").toHaveLength(4);
  expect(screen.getAllByText("elsewhere")).toHaveLength(1);
});

it("opens an appointment that is touched, and moves none", async () => {
  const sent = atPage(<Diary me={1} />, answers);
  const block = await screen.findByTestId("appointment-5");
  point(block, "pointerdown", 100, y(605));
  point(block, "pointermove", 102, y(605) + 3);
  point(block, "pointerup", 0, 0);
  await screen.findByText("Take it off the diary");
  expect(asked(sent, "PUT")).toEqual([]);
});

it("moves what is dragged, to whole five minutes, and to another chair", async () => {
  const sent = atPage(<Diary me={1} />, { ...answers, "PUT /api/appointments/5": { version: 3 } });
  const block = await screen.findByTestId("appointment-5");
  point(block, "pointerdown", 100, y(605));
  point(block, "pointermove", 300, y(667));
  point(block, "pointerup", 0, 0);
  await waitFor(() => expect(asked(sent, "PUT")).toHaveLength(1));
  // Held five minutes below its beginning: let go at 11:07, it begins at 11:00.
  expect(asked(sent, "PUT")[0]?.body).toEqual({
    version: 2,
    personId: 2,
    startsAt: "2026-03-02T10:00:00.000Z",
    minutes: 30,
  });
});

it("says why a move was refused, and shows the day anew", async () => {
  const sent = atPage(<Diary me={1} />, {
    ...answers,
    "PUT /api/appointments/5": refused("Joris has somebody in the chair then.", 409),
  });
  const block = await screen.findByTestId("appointment-5");
  point(block, "pointerdown", 100, y(605));
  point(block, "pointermove", 300, y(700));
  point(block, "pointerup", 0, 0);
  await screen.findByText("Joris has somebody in the chair then.");
  await waitFor(() =>
    expect(asked(sent, "GET").filter((s) => s.url.startsWith("/api/diary?")).length).toBeGreaterThan(1),
  );
});

it("books where an empty slot is touched, for the chair and the time it stands at", async () => {
  atPage(<Diary me={1} />, answers);
  fireEvent.click(await screen.findByLabelText("Book Joris at 11:30"));
  const sheet = await screen.findByRole("dialog");
  expect(sheet.textContent).toContain("Joris");
  expect(sheet.textContent).toContain("11:30");
});

it("turns days and weeks, and shows a week of one chair", async () => {
  const sent = atPage(<Diary me={1} />, answers);
  await screen.findByText("Monday 2 March");
  fireEvent.click(screen.getByLabelText("Next day"));
  await screen.findByText("Tuesday 3 March");
  fireEvent.click(screen.getByText("Week"));
  await screen.findByText("Week of Monday 2 March");
  expect(screen.getAllByText(/^(Mon|Tue|Wed|Thu|Fri|Sat|Sun) \d$/)).toHaveLength(7);
  fireEvent.click(screen.getByLabelText("Week before"));
  await screen.findByText("Week of Monday 23 February");
  expect(asked(sent, "GET").at(-1)?.url).toContain("from=2026-02-23");
  fireEvent.change(screen.getByLabelText("Chair"), { target: { value: "2" } });
  fireEvent.click(screen.getByText("Today"));
  await screen.findByText("Week of Monday 2 March");
});

it("opens by keys what is touched by fingers", async () => {
  atPage(<Diary me={1} />, answers);
  fireEvent.keyDown(await screen.findByTestId("appointment-5"), { key: "Enter" });
  await screen.findByText("Take it off the diary");
});

it("takes a move back at a touch, to the chair, time and length it had, and tells the client of one", async () => {
  const sent = atPage(<Diary me={1} />, {
    ...answers,
    "PUT /api/appointments/5": { version: 3 },
    "POST /api/appointments/5/told": {},
  });
  const block = await screen.findByTestId("appointment-5");
  point(block, "pointerdown", 100, y(605));
  point(block, "pointermove", 300, y(667));
  point(block, "pointerup", 0, 0);
  await screen.findByText("Bram: Mon 2 10:00 is now Mon 2 11:00.");
  fireEvent.click(screen.getByText("Tell the client"));
  await screen.findByText("Message on its way");
  expect(asked(sent, "POST").map((s) => s.url)).toEqual(["/api/appointments/5/told"]);
  fireEvent.click(screen.getByText("Undo"));
  await waitFor(() => expect(asked(sent, "PUT")).toHaveLength(2));
  expect(asked(sent, "PUT")[1]?.body).toEqual({
    version: 3,
    personId: 1,
    startsAt: "2026-03-02T09:00:00Z",
    minutes: 30,
  });
  await waitFor(() => expect(screen.queryByText("Undo")).toBeNull());
});

it("offers to tell nobody of a time that is over", async () => {
  atPage(<Diary me={1} />, {
    ...answers,
    "GET /api/diary": { ...diary, now: "2026-03-02T19:00:00Z" },
    "PUT /api/appointments/5": { version: 3 },
  });
  const block = await screen.findByTestId("appointment-5");
  point(block, "pointerdown", 100, y(605));
  point(block, "pointermove", 300, y(667));
  point(block, "pointerup", 0, 0);
  await screen.findByText("Undo");
  expect(screen.queryByText("Tell the client")).toBeNull();
});

const takenOff = async (more: Record<string, unknown>) => {
  const sent = atPage(<Diary me={1} />, { ...answers, "DELETE /api/appointments/5": {}, ...more });
  fireEvent.keyDown(await screen.findByTestId("appointment-5"), { key: "Enter" });
  fireEvent.click(await screen.findByText("Take it off the diary"));
  await screen.findByText("Bram, Mon 2 10:00, is off the diary.");
  expect(screen.queryByText("Tell the client")).toBeNull();
  fireEvent.click(screen.getByText("Undo"));
  return sent;
};

it("puts back who was taken off by mistake, as they were", async () => {
  const sent = await takenOff({ "POST /api/appointments/5/back": {} });
  await waitFor(() => expect(screen.queryByText("Undo")).toBeNull());
  expect(asked(sent, "POST").map((s) => s.url)).toEqual(["/api/appointments/5/back"]);
});

it("books them anew where the server has been started since", async () => {
  const sent = await takenOff({
    "POST /api/appointments/5/back": refused("No appointment 5 in this shop.", 404),
    "POST /api/appointments": { id: 9 },
  });
  await waitFor(() => expect(asked(sent, "POST")).toHaveLength(2));
  expect(asked(sent, "POST")[1]?.body).toMatchObject({ personId: 1, clientId: 3, planId: 4, minutes: 30 });
});

it("says who took the chair meanwhile, and books nobody", async () => {
  const sent = await takenOff({ "POST /api/appointments/5/back": refused("This chair is taken then.", 409) });
  await screen.findByText("This chair is taken then.");
  expect(asked(sent, "POST")).toHaveLength(1);
});

it("shows one's own chair alone where this device was told so", async () => {
  localStorage.removeItem("kite-diary-mine");
  atPage(<Diary me={2} />, answers);
  await screen.findByText("Maud");
  fireEvent.click(screen.getByText("Mine"));
  expect(screen.queryByText("Maud")).toBeNull();
  expect(screen.getByText("Joris")).toBeTruthy();
  cleanup();
  atPage(<Diary me={2} />, answers);
  await screen.findByText("Joris");
  expect(screen.queryByText("Maud")).toBeNull();
  fireEvent.click(screen.getByText("All"));
  expect(screen.getByText("Maud")).toBeTruthy();
});

it("says why a day is closed", async () => {
  atPage(<Diary me={1} />, {
    ...answers,
    "GET /api/diary": { ...diary, open: [], closed: [{ day: "2026-03-02", why: "The ferry is in dock" }] },
  });
  expect(await screen.findAllByText("The ferry is in dock")).toHaveLength(2);
  expect(screen.queryByText("closed")).toBeNull();
});

it("leads from the button to the next free time of any chair", async () => {
  const sent = atPage(<Diary me={1} />, {
    ...answers,
    "GET /api/shop/services": { services: [] },
    "GET /api/diary/free": {
      personId: 2,
      stylist: "Joris",
      startsAt: "2026-03-03T13:15:00Z",
      minutes: 45,
    },
  });
  fireEvent.click(await screen.findByText("Book"));
  const sheet = await screen.findByRole("dialog");
  expect(sheet.textContent).toContain("Tuesday 3 March, 14:15, Joris");
  expect(asked(sent, "GET").find((s) => s.url.includes("/free"))?.url).toContain("any=true");
});

it("tells where a chair is free, between what is booked, elsewhere or closed", () => {
  const day = "2026-03-02";
  const at = (from: string, to: string) => ({
    ...row,
    startsAt: `${day}T${from}:00Z`,
    endsAt: `${day}T${to}:00Z`,
  });
  const open = [{ day, from: 9 * 60, to: 12 * 60 }];
  const taken = {
    rows: [at("08:30", "09:00"), at("09:10", "10:00")] as never[],
    busy: [{ personId: 1, startsAt: `${day}T10:30:00Z`, endsAt: `${day}T13:00:00Z` }],
    hours: open,
    zone: "Europe/Amsterdam",
  };
  const mine = { day, personId: 1 };
  // By the shop's clock an hour later; ten minutes between two are too short for anybody.
  expect(gaps(mine, { ...taken, fromMin: 0 })).toEqual([
    [540, 570],
    [660, 690],
  ]);
  expect(gaps(mine, { ...taken, fromMin: 662 })).toEqual([[665, 690]]);
  expect(gaps({ day, personId: 2 }, { ...taken, fromMin: 0 })).toEqual([[540, 720]]);
  expect(gaps({ day: "2026-03-03", personId: 1 }, { ...taken, fromMin: 0 })).toEqual([]);
  const missed = { ...at("09:00", "11:00"), state: "didNotCome" } as never;
  expect(gaps(mine, { ...taken, rows: [missed], busy: [], fromMin: 0 })).toEqual([[540, 720]]);
});
