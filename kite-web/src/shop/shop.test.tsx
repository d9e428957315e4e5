import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { OpeningHours } from "./OpeningHours";
import { Outbox } from "./Outbox";
import { People } from "./People";
import { Records } from "./Records";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const HOURS = {
  hours: [
    { rule: "FREQ=WEEKLY;BYDAY=TU,WE", since: "2020-01-06", from: "09:00:00", to: "17:30:00" },
    { rule: "FREQ=MONTHLY;BYDAY=1SA", since: "2020-01-06", from: "10:00:00", to: "14:00:00" },
  ],
};

it("keeps changed hours as rules, and rows without a day not at all", async () => {
  const sent = atPage(<OpeningHours owner />, {
    "GET /api/shop/hours": HOURS,
    "PUT /api/shop/hours": (body: unknown) => body,
  });
  await screen.findByText("FREQ=MONTHLY;BYDAY=1SA");
  expect(screen.getByText<HTMLButtonElement>("Kept").disabled).toBe(true);
  fireEvent.click(screen.getByText("Fri"));
  fireEvent.click(screen.getByText("Tue"));
  fireEvent.change(screen.getAllByLabelText("to")[0] as HTMLElement, { target: { value: "18:00" } });
  fireEvent.click(screen.getByText("More hours"));
  fireEvent.click(screen.getAllByText("Sat")[1] as HTMLElement);
  fireEvent.click(screen.getByText("Keep these hours"));
  await screen.findByText("Kept");
  expect(asked(sent, "PUT").map((s) => s.body)).toEqual([
    {
      hours: [
        { rule: "FREQ=WEEKLY;BYDAY=WE,FR", since: "2020-01-06", from: "09:00:00", to: "18:00" },
        HOURS.hours[1],
      ],
    },
  ]);
});

it("leaves a stylist's hands off the hours, and says what is wrong with them to an owner", async () => {
  atPage(<OpeningHours owner={false} />, { "GET /api/shop/hours": HOURS });
  await screen.findByText("An owner of the shop sets them.");
  expect(screen.queryByText("Keep these hours")).toBeNull();
  cleanup();
  atPage(<OpeningHours owner />, {
    "GET /api/shop/hours": HOURS,
    "PUT /api/shop/hours": refused("to: 08:00 is before 09:00"),
  });
  fireEvent.change((await screen.findAllByLabelText("to"))[0] as HTMLElement, { target: { value: "08:00" } });
  fireEvent.click(screen.getByText("Keep these hours"));
  await screen.findByText("to: 08:00 is before 09:00");
  expect(screen.getAllByLabelText<HTMLInputElement>("to")[0]?.value).toBe("08:00");
});

it("says of each message whom it went to, what it said and when", async () => {
  const message = {
    id: 1,
    clientId: 3,
    clientName: "Bram",
    kind: "reminder",
    address: "+31 6 5550 0102",
    words: "We see you on Friday.",
    madeAt: "2026-03-02T10:00:00Z",
  };
  atPage(<Outbox />, {
    "GET /api/messages": {
      messages: [message, { ...message, id: 2, kind: "return", sentAt: "2026-03-02T10:00:30Z" }],
    },
  });
  await screen.findByText("Reminder");
  expect(screen.getByText("waits for the gateway")).toBeTruthy();
  expect(screen.getByText("Come back")).toBeTruthy();
  expect(screen.getByText(/^sent 2 Mar/)).toBeTruthy();
  cleanup();
  atPage(<Outbox />, { "GET /api/messages": { messages: [] } });
  await screen.findByText(/Nothing was sent yet/);
  cleanup();
  atPage(<Outbox />, { "GET /api/messages": new Error("gone") });
  await screen.findByText(/cannot be reached/);
});

const PEOPLE = {
  people: [
    { id: 1, name: "Maud", signIn: "maud", role: "owner", mine: true, me: true },
    { id: 2, name: "Joris", signIn: "joris", role: "stylist", mine: true, me: false },
  ],
  roles: ["owner", "manager", "stylist", "assistant", "learner"],
};

it("lets somebody new in as what they are to be, and for who minds people alone", async () => {
  const sent = atPage(<People minds />, { "GET /api/people": PEOPLE, "POST /api/people": {} });
  fireEvent.change(await screen.findByLabelText("Name"), { target: { value: "Wiebe" } });
  fireEvent.change(screen.getByLabelText("Signs in as"), { target: { value: "Wiebe" } });
  fireEvent.change(screen.getByLabelText(/^Password/), { target: { value: "a-long-word" } });
  fireEvent.change(screen.getByLabelText(/^As/), { target: { value: "learner" } });
  fireEvent.click(screen.getByText("Let them in"));
  await screen.findByText("They can sign in now.");
  expect(asked(sent, "POST")[0]?.body).toEqual({
    name: "Wiebe",
    signIn: "wiebe",
    password: "a-long-word",
    units: "cm",
    role: "learner",
  });
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("Name").value).toBe(""));
  cleanup();
  atPage(<People minds={false} />, {});
  expect(screen.queryByLabelText("Name")).toBeNull();
});

it("moves somebody to another role, shuts them out, and says why it may not be", async () => {
  const sent = atPage(<People minds />, {
    "GET /api/people": PEOPLE,
    "PUT /api/people/2": {},
    "PUT /api/people/1": refused("A shop without an owner locks itself out."),
    "POST /api/people/2/password": {},
  });
  fireEvent.change(await screen.findByLabelText("What Joris is"), { target: { value: "manager" } });
  await waitFor(() => expect(asked(sent, "PUT")).toHaveLength(1));
  fireEvent.click(screen.getByText("Shut out"));
  await waitFor(() => expect(asked(sent, "PUT")).toHaveLength(2));
  expect(asked(sent, "PUT").map((p) => p.body)).toEqual([
    { name: "Joris", role: "manager", disabled: false },
    { name: "Joris", role: "stylist", disabled: true },
  ]);
  fireEvent.change(screen.getByLabelText("What Maud is"), { target: { value: "stylist" } });
  await screen.findByText(/locks itself out/);
  fireEvent.click(screen.getByText("New password"));
  const all = screen.getAllByLabelText(/^Password, ten/);
  fireEvent.change(all[0] as HTMLElement, { target: { value: "two more words" } });
  fireEvent.click(screen.getByText("Give it"));
  await waitFor(() => expect(asked(sent, "POST")[0]?.body).toEqual({ password: "two more words" }));
});

it("hands out the books of the year that is picked, the whole of them for a password", async () => {
  const sent = atPage(<Records books archive />, { "POST /api/session/again": {} });
  fireEvent.change(screen.getByLabelText("Year"), { target: { value: "2021" } });
  expect(screen.getByText(/^Visits/).getAttribute("href")).toBe("/api/records/visits.csv?year=2021");
  fireEvent.click(screen.getByText(/whole year/));
  fireEvent.change(screen.getByLabelText("Your password once more"), { target: { value: "mine" } });
  fireEvent.click(screen.getByText("Take it out"));
  await waitFor(() => expect(asked(sent, "POST")[0]?.body).toEqual({ password: "mine" }));
  cleanup();
  atPage(<Records books archive={false} />, {});
  expect(screen.queryByText(/whole year/)).toBeNull();
  cleanup();
  atPage(<Records books={false} archive={false} />, {});
  expect(screen.queryByText(/^Visits/)).toBeNull();
});
