import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { asked, atPage } from "../atPage";
import { Cards } from "./Cards";
import { Clients } from "./Clients";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const bram = {
  id: 3,
  name: "Bram",
  note: "cowlick",
  planId: 4,
  planVersion: 2,
  planTitle: "Quiet Side Part",
};

it("finds clients as their name is typed, and says when nobody is called so", async () => {
  const sent = atPage(<Clients erases={false} />, {
    "GET /api/clients": [bram],
    "GET /api/clients?q=zz": [],
  });
  expect((await screen.findByText("Bram")).closest("a")?.getAttribute("href")).toBe("/clients/3");
  fireEvent.change(screen.getByLabelText("Find by name"), { target: { value: "zz" } });
  await screen.findByText("Nobody here is called “zz”.");
  expect(asked(sent, "GET").at(-1)?.url).toContain("q=zz");
});

it("reads a card file first, leaves out who is here already, and takes in what is ticked", async () => {
  const card = (name: string, sameAs?: string) => ({ name, phone: "06", email: "", note: "", sameAs });
  const sent = atPage(<Cards />, {
    "POST /api/contacts/read": {
      cards: [card("Elin"), card("Bram V.", "Bram"), card("Gijs")],
      problems: ["Card 4 has no name; it is left out."],
    },
    "POST /api/contacts": {},
  });
  const file = Object.assign(new File([], "c.vcf"), { text: async () => "BEGIN:VCARD" });
  fireEvent.change(screen.getByLabelText("Read a card file"), { target: { files: [file] } });
  await screen.findByText("very likely Bram, here already");
  expect(screen.getByText("Card 4 has no name; it is left out.")).toBeTruthy();
  expect(screen.getByText("Take in 2 clients")).toBeTruthy();
  fireEvent.click(screen.getByLabelText(/Gijs/));
  fireEvent.click(screen.getByText("Take in 1 client"));
  await screen.findByText("elsewhere");
  await waitFor(() => expect(asked(sent, "POST").at(-1)?.body).toEqual([card("Elin")]));
});
