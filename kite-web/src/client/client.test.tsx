import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes } from "react-router";
import { afterEach, expect, it, vi } from "vitest";
import { HeadsOverTime } from "./HeadsOverTime";
import { NewClient } from "./NewClient";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const page = (children: ReactNode) => (
  <QueryClientProvider client={new QueryClient()}>
    <MemoryRouter initialEntries={["/clients/new"]}>
      <Routes>
        <Route path="/clients/new" element={children} />
        <Route path="/clients/:id/sit" element={<p>sitting down</p>} />
      </Routes>
    </MemoryRouter>
  </QueryClientProvider>
);

it("needs no more than a name to sit down", async () => {
  const sent: unknown[] = [];
  vi.stubGlobal("fetch", (_: string, init?: RequestInit) => {
    if (init?.method === "POST") sent.push(JSON.parse(String(init.body)));
    return Promise.resolve(new Response(JSON.stringify({ id: 9 }), { status: 201 }));
  });
  render(page(<NewClient />));
  fireEvent.change(screen.getByLabelText("Name"), { target: { value: "Gerda" } });
  fireEvent.click(screen.getByText("New consultation"));
  await screen.findByText("sitting down");
  expect(sent).toEqual([{ name: "Gerda", phone: "", email: "", note: "" }]);
});

it("says beside the name what is wrong with it", async () => {
  vi.stubGlobal("fetch", () =>
    Promise.resolve(
      new Response(
        JSON.stringify({
          detail: "no",
          problems: [{ path: "$.name", value: "", allowed: "allowed 1 to 120 characters" }],
        }),
        { status: 422 },
      ),
    ),
  );
  render(page(<NewClient />));
  fireEvent.click(screen.getByText("New consultation"));
  await screen.findByText("Name: allowed 1 to 120 characters");
  expect(screen.getByLabelText(/^Name/).getAttribute("aria-invalid")).toBe("true");
});

it("says so when the server is gone, and keeps what was typed", async () => {
  vi.stubGlobal("fetch", () => Promise.reject(new TypeError("network")));
  render(page(<NewClient />));
  fireEvent.change(screen.getByLabelText("Name"), { target: { value: "Gerda" } });
  fireEvent.click(screen.getByText("New consultation"));
  await screen.findByRole("alert");
  expect(screen.getByRole("alert").textContent).toContain("cannot be reached");
  expect(screen.getByLabelText<HTMLInputElement>("Name").value).toBe("Gerda");
});

it("shows a head for each time the client sat down, with words for its hair", () => {
  const row = (id: number, curlRatio: number) => ({
    id,
    createdAt: "2026-03-02T10:00:00Z",
    version: 1,
    girthMm: 572,
    densityPerCm2: 200,
    diameterUm: 70,
    curlRatio,
  });
  render(
    <HeadsOverTime
      rows={[row(3, 1), row(2, 0.9), row(1, 0.78), { ...row(0, 0.5), earToEarMm: 350 }]}
      units="cm"
    />,
  );
  expect(screen.getAllByTestId("sat-down")).toHaveLength(4);
  for (const words of ["straight", "wavy", "curly", "coily"]) {
    expect(screen.getByText(new RegExp(words))).toBeTruthy();
  }
  expect(screen.getByText(/ear to ear 35.0 cm/)).toBeTruthy();
  cleanup();
  render(<HeadsOverTime rows={[]} units="cm" />);
  expect(screen.getByText(/Not measured yet/)).toBeTruthy();
});
