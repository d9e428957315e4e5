import { cleanup, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { atPage } from "../atPage";
import { ClientPage } from "./ClientPage";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const client = {
  id: 7,
  name: "Gerda Wierenga",
  note: "",
  phone: "",
  email: "",
  sitDowns: [],
  plans: [],
  visits: [],
};

it("tells first of all when the client comes next, and nothing where they are not booked", async () => {
  const next = { startsAt: "2031-03-04T09:30:00Z", stylist: "Maud" };
  atPage(
    <ClientPage units="cm" erases={false} />,
    { "GET /api/clients/7": { ...client, next } },
    "/clients/:id",
    "/clients/7",
  );
  const said = await screen.findByText(/^Comes next Tuesday,? 4 March/);
  expect(said.textContent).toContain("Maud");
  expect(said.previousElementSibling?.textContent).toBe("Gerda Wierenga");
  cleanup();
  atPage(
    <ClientPage units="cm" erases={false} />,
    { "GET /api/clients/7": client },
    "/clients/:id",
    "/clients/7",
  );
  await screen.findByText("Gerda Wierenga");
  expect(screen.queryByText(/^Comes next/)).toBeNull();
});
