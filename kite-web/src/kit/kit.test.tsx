import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { ToolRow } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { KitGate } from "../parts/KitGate";
import { Soaking } from "../parts/Soaking";
import { Kit } from "./Kit";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const tool = (id: number, more: Partial<ToolRow>): ToolRow =>
  ({
    id,
    kind: "comb",
    name: `Tool ${id}`,
    note: "",
    retired: false,
    asked: true,
    needs: [],
    version: 1,
    ...(more as object),
  }) as ToolRow;

const blade = { act: "blade", blocks: true };
const oil = { act: "oiled", blocks: false };

it("asks before the first bite after what touched the last client, and goes on when it is set right", async () => {
  let tools = [
    tool(1, { name: "Razor", kind: "razor", needs: [blade] as ToolRow["needs"] }),
    tool(2, { name: "Clipper", kind: "clipper", needs: [oil] as ToolRow["needs"] }),
  ];
  const sent = atPage(<KitGate clientId={7} planId={3} />, {
    "GET /api/kit": () => ({ tools }),
    "POST /api/kit/1/events": () => {
      tools = [tool(1, { name: "Razor", kind: "razor" })];
      return {};
    },
  });
  await screen.findByText("Before this client");
  expect(sent[0]?.url).toBe("/api/kit?clientId=7&planId=3");
  expect(screen.queryByText("Clipper"), "oil keeps nobody waiting").toBeNull();
  fireEvent.click(screen.getByText("New blade in"));
  await waitFor(() => expect(screen.queryByText("Before this client")).toBeNull());
  const told = asked(sent, "POST")[0]?.body as { act: string; token: string };
  expect(told.act).toBe("blade");
  expect(told.token).toMatch(/^[0-9a-f-]{36}$/);
});

it("lets a stylist with other tools pass, and keeps nobody up when the kit cannot be looked up", async () => {
  atPage(<KitGate clientId={7} planId={3} />, {
    "GET /api/kit": { tools: [tool(1, { needs: [blade] as ToolRow["needs"] })] },
  });
  fireEvent.click(await screen.findByText("I use other tools; go on"));
  expect(screen.queryByText("Before this client")).toBeNull();
  cleanup();
  const sent = atPage(<KitGate clientId={7} planId={3} />, { "GET /api/kit": new Error("gone") });
  await waitFor(() => expect(sent).not.toHaveLength(0));
  expect(screen.queryByText("Before this client")).toBeNull();
});

it("shows what blocks first, a tool in the disinfectant without a button, and the retired not at all", async () => {
  atPage(<Kit />, {
    "GET /api/kit": {
      tools: [
        tool(1, { name: "Ready" }),
        tool(2, { name: "Oily", needs: [oil] as ToolRow["needs"] }),
        tool(3, {
          name: "Soaking",
          needs: [{ act: "disinfected", blocks: true, readyAt: "2026-03-02T10:10:00Z" }] as ToolRow["needs"],
        }),
        tool(4, { name: "Blunt", needs: [blade] as ToolRow["needs"] }),
        tool(5, { name: "Gone", retired: true }),
      ],
    },
  });
  await screen.findByText("Blunt");
  const names = screen.getAllByRole("listitem").map((li) => li.querySelector("b")?.textContent);
  expect(names).toEqual(["Blunt", "Oily", "Soaking", "Ready"]);
  expect(screen.getByText(/in the disinfectant until/)).toBeTruthy();
  expect(screen.queryByText("Into the disinfectant")).toBeNull();
});

it("keeps what was typed of a new tool when the server refuses it", async () => {
  atPage(<Kit />, {
    "GET /api/kit": { tools: [] },
    "POST /api/kit": refused("name: allowed 1 to 80 characters"),
  });
  await screen.findByText(/No tools yet/);
  fireEvent.click(screen.getByText("Add a tool"));
  const name = screen.getByLabelText<HTMLInputElement>(/Name/);
  fireEvent.change(name, { target: { value: "Wide comb" } });
  fireEvent.submit(name.closest("form") as HTMLFormElement);
  await screen.findByText(/allowed 1 to 80/);
  expect(name.value).toBe("Wide comb");
});

it("rings once, two notes, when the last tool has soaked", async () => {
  let notes = 0;
  class Sound {
    currentTime = 0;
    destination = {};
    createOscillator = () => {
      notes++;
      return { frequency: {}, connect: (to: unknown) => to, start: () => {}, stop: () => {} };
    };
    createGain = () => ({
      gain: { setValueAtTime: () => {}, exponentialRampToValueAtTime: () => {} },
      connect: () => {},
    });
  }
  vi.stubGlobal("AudioContext", Sound);
  const readyAt = new Date(Date.now() + 3500).toISOString();
  atPage(<Soaking clientId={7} planId={3} />, {
    "GET /api/kit": { tools: [tool(1, { needs: [{ act: "soaked", blocks: true, readyAt }] as never })] },
  });
  await screen.findByRole("timer");
  expect(notes).toBe(0);
  await waitFor(() => expect(screen.queryByRole("timer")).toBeNull(), { timeout: 20_000 });
  await waitFor(() => expect(notes).toBe(2));
});
