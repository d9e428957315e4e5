import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { asked, atPage } from "../atPage";
import { ShowClient } from "../parts/ShowClient";
import { LookPage } from "./LookPage";

beforeEach(() => sessionStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const KEY = "0b7e6c1a-4a3f-4a43-9a55-2f1f4c9d3b11";
const sights = [
  { id: "today" },
  { id: "planned", week: 0 },
  { id: "week4", week: 4 },
  { id: "worn-back", week: 0, way: "back" },
];
const soon = () => new Date(Date.now() + 600_000).toISOString();

const type = (digits: string) =>
  fireEvent.change(screen.getByLabelText("The six digits on the stylist's screen"), {
    target: { value: digits },
  });

it("is paired by six digits, shows what is planned large, and turns by key", async () => {
  const sent = atPage(<LookPage />, {
    "POST /api/look": { key: KEY },
    [`GET /api/look/${KEY}`]: { sights, endsAt: soon() },
  });
  type("12345x");
  expect(asked(sent, "POST")).toHaveLength(0);
  type("123456");
  const picture = (await screen.findByAltText("After the cut")) as HTMLImageElement;
  expect(asked(sent, "POST")[0]?.body).toEqual({ code: "123456" });
  expect(picture.src).toContain(`/api/look/${KEY}/picture.png?what=planned&view=corner`);
  fireEvent.keyDown(screen.getByRole("slider"), { key: "ArrowRight" });
  expect(picture.src).toContain("view=right");
  fireEvent.click(screen.getByText("Worn back"));
  expect((screen.getByAltText("Worn back") as HTMLImageElement).src).toContain("what=worn-back&view=right");
  expect(document.body.textContent, "no numbers but the weeks").not.toMatch(/\d+ ?(mm|cm|min)/);
});

it("says yes with one touch, to what is looked at, and never to the hair of today", async () => {
  let liked: string | undefined;
  sessionStorage.setItem("kite-look", KEY);
  const sent = atPage(<LookPage />, {
    [`GET /api/look/${KEY}`]: () => ({ sights, endsAt: soon(), liked }),
    [`POST /api/look/${KEY}/liked`]: () => {
      liked = "week4";
      return {};
    },
  });
  fireEvent.click(await screen.findByText("Today"));
  expect(screen.queryByText("That's it")).toBeNull();
  fireEvent.click(screen.getByText("In 4 weeks"));
  fireEvent.click(screen.getByText("That's it"));
  await screen.findByText("That's it ♥");
  expect(asked(sent, "POST")[0]?.body).toEqual({ what: "week4" });
});

it("ends by itself, and says so", async () => {
  sessionStorage.setItem("kite-look", KEY);
  atPage(<LookPage />, {
    [`GET /api/look/${KEY}`]: { sights, endsAt: new Date(Date.now() + 300).toISOString() },
  });
  await screen.findByAltText("After the cut");
  await screen.findByText("This view has ended");
  expect(sessionStorage.getItem("kite-look")).toBeNull();
});

it("a wrong code is told, and the field is empty for the next", async () => {
  atPage(<LookPage />, { "POST /api/look": new Error("Nothing is shown by this code.") });
  type("111111");
  await waitFor(() => expect(screen.getByRole("alert").textContent).not.toBe(""));
  expect((screen.getByRole("textbox") as HTMLInputElement).value).toBe("");
});

it("the stylist sees the code, then that the client looks, then the yes", async () => {
  let now: object | null = null;
  const sent = atPage(<ShowClient planId={3} />, {
    "GET /api/plans/3/showing": () => now,
    "POST /api/plans/3/showing": () => {
      now = { id: KEY, code: "402117", madeAt: soon(), endsAt: soon() };
      return now;
    },
    "DELETE /api/plans/3/showing": () => {
      now = { ...now, endsAt: new Date(0).toISOString() };
      return {};
    },
  });
  fireEvent.click(screen.getByText("Show the client"));
  fireEvent.click(await screen.findByText("Show it"));
  expect((await screen.findByTestId("code")).textContent).toBe("402117");
  now = { id: KEY, madeAt: soon(), endsAt: soon() };
  await screen.findByText("The client is looking.", {}, { timeout: 8000 });
  now = { id: KEY, madeAt: soon(), endsAt: soon(), liked: "planned" };
  await screen.findByText("The client said: that's it.", {}, { timeout: 8000 });
  fireEvent.click(screen.getByText("End it"));
  await screen.findByText("Show it");
  expect(asked(sent, "DELETE")).toHaveLength(1);
});
