import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { OwnData } from "./OwnData";
import { Photos } from "./Photos";

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
  expect((await screen.findByAltText("The client on 02/03/2026")).getAttribute("src")).toBe(
    "/api/photos/11.jpg",
  );
  expect(screen.getByText("Add a photograph")).toBeTruthy();
  fireEvent.click(screen.getByText("Remove"));
  await waitFor(() => expect(asked(sent, "DELETE")).toHaveLength(1));
});
