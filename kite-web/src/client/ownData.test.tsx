import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { ClientView } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { Photos } from "../parts/Photos";
import { Correct } from "./Correct";
import { OwnData } from "./OwnData";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("erases only once the name is typed, and keeps asking when it is another's", async () => {
  const erasing = vi.fn();
  let answer: unknown = refused("The name is not this client's.");
  const sent = atPage(<OwnData clientId={6} name="Freek Oost" erasing={erasing} />, {
    "DELETE /api/clients/6": () => answer,
  });
  expect(screen.getByText("Hand over all that is kept").getAttribute("href")).toBe(
    "/api/clients/6/export.zip",
  );
  fireEvent.click(screen.getByText("Erase"));
  expect(screen.getByText<HTMLButtonElement>("Erase this client").disabled).toBe(true);
  fireEvent.change(screen.getByLabelText("Type the client's name"), { target: { value: "Freek & Oost" } });
  fireEvent.click(screen.getByText("Erase this client"));
  await screen.findByText("The name is not this client's.");
  expect(asked(sent, "DELETE")[0]?.url).toBe("/api/clients/6?name=Freek%20%26%20Oost");
  answer = {};
  fireEvent.click(screen.getByText("Erase this client"));
  await screen.findByText("elsewhere");
  expect(erasing.mock.calls).toEqual([[true], [false], [true]]);
});

it("puts right what was noted wrong of a client", async () => {
  const client = { id: 6, name: "Freek Oost", phone: "+31 6 5550 0001", email: "", note: "" } as ClientView;
  const sent = atPage(<Correct client={client} />, { "PUT /api/clients/6": {} });
  fireEvent.click(screen.getByText("Correct"));
  fireEvent.change(screen.getByLabelText("Telephone"), { target: { value: "+31 6 5550 0010" } });
  fireEvent.click(screen.getByText("Put it right"));
  await waitFor(() =>
    expect(asked(sent, "PUT")[0]?.body).toEqual({
      name: "Freek Oost",
      phone: "+31 6 5550 0010",
      email: "",
      note: "",
    }),
  );
  await waitFor(() => expect(screen.queryByText("Put it right")).toBeNull());
});

it("takes no photograph of who has not agreed, and shows and removes those that are kept", async () => {
  atPage(<Photos clientId={6} />, { "GET /api/clients/6/photos": { agreed: false, photos: [] } });
  await screen.findByText(/None are kept/);
  expect(screen.queryByText("Add a photograph")).toBeNull();
  cleanup();
  const photo = { id: 11, takenAt: "2026-03-02T10:00:00Z", width: 900, height: 1200 };
  const sent = atPage(<Photos clientId={6} />, {
    "GET /api/clients/6/photos": { agreed: true, photos: [photo] },
    "DELETE /api/photos/11": {},
  });
  expect((await screen.findByAltText("The client on 2 Mar 2026")).getAttribute("src")).toBe(
    "/api/photos/11.jpg",
  );
  expect(screen.getByText("Add a photograph")).toBeTruthy();
  fireEvent.click(screen.getByText("Remove"));
  await waitFor(() => expect(asked(sent, "DELETE")).toHaveLength(1));
});
