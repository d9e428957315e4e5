import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { atPage } from "../atPage";
import { Said } from "../parts/Said";
import { parts, TERMS } from "../parts/terms";
import { HelpPage } from "./HelpPage";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const asked = (sentence: string) => parts(sentence).flatMap((p) => (typeof p === "string" ? [] : [p.id]));
const told = (sentence: string) => parts(sentence).map((p) => (typeof p === "string" ? p : p.name));

it("finds each word once, the longer before the shorter, and no word within a word", () => {
  expect(asked("A ledge at the parietal ridge; the ledge shows.")).toEqual(["ledge", "ridge"]);
  expect(asked("The drop crown lies below the crown.")).toEqual(["dropCrown", "crown"]);
  expect(asked("He is knowledgeable; a tapering guideline.")).toEqual([]);
});

it("leaves every sentence as it was said", () => {
  for (const s of ["Crown: 4.2 cm.", "At the Occipital bone weight stands.", "", "ledge"])
    expect(told(s).join("")).toBe(s);
});

it("says what a word means at a touch, and shows it on a head where it is something there", () => {
  atPage(<Said>Weight stands at the crown.</Said>, {});
  expect(screen.queryByText(/whorl/)).toBeNull();
  fireEvent.click(screen.getByRole("button", { name: "crown" }));
  const meaning = screen.getByText(/The whorl sits here/);
  expect(meaning.parentElement?.querySelector("img")?.getAttribute("src")).toBe(
    "/api/words/crown/picture.png",
  );
  fireEvent.keyDown(window, { key: "Escape" });
  expect(screen.queryByText(/whorl/)).toBeNull();
});

it("lists every word, and the keys of bench and chair, in one place", () => {
  atPage(<HelpPage />, {});
  for (const t of TERMS) expect(screen.getAllByText(t.name).length).toBeGreaterThan(0);
  expect(screen.getByText("Keys of the bench")).toBeTruthy();
  expect(screen.getByText("Space, Page Down, or the right pedal")).toBeTruthy();
});
