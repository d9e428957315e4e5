import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { get, send } from "../api/http";
import type { NeedRow, ToolRow } from "../api/types";

/** Needs change with the clock: a tool comes out of the disinfectant by itself. */
const LOOKED_MS = 30_000;

/** The shop's tools, what they need before a client, and whether a plan asks for them. */
export function useKit(clientId?: number, planId?: number) {
  const asked = new URLSearchParams();
  if (clientId !== undefined) asked.set("clientId", String(clientId));
  if (planId !== undefined) asked.set("planId", String(planId));
  return useQuery({
    queryKey: ["kit", clientId, planId],
    queryFn: async () => (await get<{ tools: ToolRow[] }>(`/api/kit?${asked}`)).tools,
    refetchInterval: LOOKED_MS,
    retry: false,
  });
}

export type Act = NeedRow["act"];

/** Writes down what was done to a tool. */
export function useDid() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (d: { tool: number; act: Act; clientId?: number }) =>
      send("POST", `/api/kit/${d.tool}/events`, {
        token: crypto.randomUUID(),
        act: d.act,
        clientId: d.clientId,
      }),
    onSettled: () => queries.invalidateQueries({ queryKey: ["kit"] }),
  });
}

export const KINDS: Record<ToolRow["kind"], string> = {
  SHEARS: "Shears",
  COMB: "Comb",
  CLIPPER: "Clipper",
  GUARD: "Guard",
  RAZOR: "Razor",
};

export const DONE: Record<Act, string> = {
  USED: "Used",
  DISINFECTED: "Into the disinfectant",
  BLADE: "New blade in",
  OILED: "Oiled",
  SHARPENED: "Sharpened",
};

/** What a need is in words. */
export function needWords(n: NeedRow): string {
  if (n.readyAt)
    return `in the disinfectant until ${new Date(n.readyAt).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit", hour12: false })}`;
  switch (n.act) {
    case "BLADE":
      return "needs a new blade for the next client";
    case "DISINFECTED":
      return "to be disinfected before the next client";
    case "OILED":
      return "to be oiled today";
    default:
      return "to be sharpened";
  }
}
