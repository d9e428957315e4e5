import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { PlanDocument } from "../api/types";
import { useLook } from "../store/lookStore";
import { usePlan } from "../store/planStore";
import { Longest } from "./Longest";

const document = { title: "as it was", moves: [], sections: [] } as unknown as PlanDocument;

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const answers = (body: string, status = 200) => {
  const sent: unknown[] = [];
  vi.stubGlobal("fetch", (url: string, init?: RequestInit) => {
    if (!init?.body) return Promise.resolve(new Response(null, { status: url ? 204 : 404 }));
    sent.push(JSON.parse(String(init.body)));
    return Promise.resolve(new Response(body, { status }));
  });
  return sent;
};

it("sets the plan that lasts longest as one step of undo, and shows it when it has grown", async () => {
  usePlan.setState({ document, done: [], undone: [] });
  const next = { ...document, title: "longer" };
  const sent = answers(`{"done":1,"of":6}\n${JSON.stringify({ document: next, words: "Longer." })}\n`);
  render(<Longest />);
  fireEvent.click(screen.getByText("Lasts"));
  fireEvent.click(screen.getByText("8 weeks"));
  await waitFor(() => expect(usePlan.getState().document?.title).toBe("longer"));
  expect(sent).toEqual([{ document, weeks: 8 }]);
  expect(usePlan.getState().done).toHaveLength(1);
  expect(useLook.getState()).toMatchObject({ week: 8, shown: "fallen" });
  expect(screen.queryByText("8 weeks")).toBeNull();
});

it("says what went wrong and leaves the plan as it was", async () => {
  usePlan.setState({ document, done: [], undone: [] });
  answers(JSON.stringify({ detail: "Too busy." }), 503);
  render(<Longest />);
  fireEvent.click(screen.getByText("Lasts"));
  fireEvent.click(screen.getByText("4 weeks"));
  await screen.findByText("Too busy.");
  expect(usePlan.getState().document).toBe(document);
});
