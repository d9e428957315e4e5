import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { PersonView } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { keptDocument } from "../store/keptDocument";
import { Frame } from "./Frame";
import { SaveNote } from "./SaveNote";
import { Trail } from "./Trail";

const maud = { id: 1, name: "Maud", role: "owner", units: "cm", rights: [] } as unknown as PersonView;

beforeEach(() => {
  localStorage.clear();
  vi.stubGlobal("matchMedia", () => ({ matches: false }));
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("keeps the light that was chosen, and leads everywhere", () => {
  atPage(<Frame person={maud}>here</Frame>, {});
  expect(document.documentElement.dataset.theme).toBe("paper");
  fireEvent.click(screen.getByText("Evening"));
  expect(document.documentElement.dataset.theme).toBe("dusk");
  expect(localStorage.getItem("kite-theme")).toBe("dusk");
  const to = [...screen.getByRole("navigation").querySelectorAll("a")].map((a) => a.getAttribute("href"));
  expect(to).toEqual(["/", "/diary", "/clients", "/kit", "/practice", "/shop"]);
  expect(screen.getByText("Maud").getAttribute("href")).toBe("/way");
});

it("shows who did what only when it is asked", async () => {
  const sent = atPage(<Trail of={{ what: "plan", id: 4 }} />, {
    "GET /api/plans/4/trail": [
      { at: "2026-03-02T09:00:00Z", who: "Maud", device: "tablet", done: "changed the plan" },
    ],
  });
  expect(asked(sent, "GET")).toEqual([]);
  const box = screen.getByText("Who did what").closest("details") as HTMLDetailsElement;
  box.open = true;
  fireEvent(box, new Event("toggle"));
  await waitFor(() => expect(asked(sent, "GET")).toHaveLength(1));
  await waitFor(() => expect(box.textContent).toContain("Maud changed the plan"));
});

it("says when work is not saved and why, saves it again, and offers the choice after a conflict", async () => {
  let answer: () => Promise<{ version: number }> = () => Promise.reject(new Error("The disk is full."));
  const theirs = { id: 1, clientId: 1, clientName: "", version: 9, document: { n: 9 } };
  const doc = keptDocument<{ n: number }>({
    url: "/api/notes",
    read: async () => theirs,
    save: () => answer(),
  });
  doc.open({ ...theirs, version: 1, document: { n: 1 } });
  doc.change(["n"], 2);
  await doc.saveNow();
  atPage(<SaveNote of={doc} />, { "GET /": refused("") });
  expect(screen.getByRole("alert").textContent).toContain("Not saved. The disk is full.");
  answer = async () => ({ version: 2 });
  fireEvent.click(screen.getByText("Save again"));
  await screen.findByText("Saved");
  doc.use.setState({ save: "conflict", saveMessage: "Joris has changed it." });
  await screen.findByText("Joris has changed it.");
  fireEvent.click(screen.getByText("Take theirs"));
  await waitFor(() => expect(doc.use.getState().document).toEqual({ n: 9 }));
});

it("asks before who signs out leaves unsent work of the chair behind", async () => {
  const assign = vi.fn();
  vi.stubGlobal("location", { origin: location.origin, assign });
  const sent = atPage(<Frame person={maud}>here</Frame>, { "DELETE /api/session": {} });
  const log = { device: "d", token: "t", unsent: [{ number: 0 }, { number: 1 }] };
  localStorage.setItem("kite-sitting-4/d", JSON.stringify(log));
  fireEvent.click(screen.getByText("Sign out"));
  await screen.findByText(/^2 things written down at the chair are on this device alone/);
  fireEvent.click(screen.getByText("Stay"));
  expect(screen.queryByText(/on this device alone/)).toBeNull();
  expect(sent.some((s) => s.method === "DELETE")).toBe(false);
  localStorage.clear();
  fireEvent.click(screen.getByText("Sign out"));
  await waitFor(() => expect(assign).toHaveBeenCalledWith("/"));
  expect(sent.some((s) => s.method === "DELETE")).toBe(true);
});

it("calls nothing saved while a change asked of the server is not answered, and says so once it is", async () => {
  const doc = keptDocument<{ n: number }>({
    url: "/api/notes",
    read: () => Promise.reject(new Error("not asked")),
    save: () => Promise.resolve({ version: 2 }),
  });
  doc.open({ id: 1, clientId: 1, clientName: "", version: 1, document: { n: 1 } });
  atPage(<SaveNote of={doc} />, {});
  expect(screen.getByRole("status").textContent).toBe("Saved");
  let answered: () => void = () => {};
  const work = doc.awaiting(
    () =>
      new Promise<void>((done) => {
        answered = done;
      }),
  );
  await waitFor(() => expect(screen.getByRole("status").textContent).toContain("Saving"));
  answered();
  await work;
  await waitFor(() => expect(screen.getByRole("status").textContent).toBe("Saved"));
});
