import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, carriedOut, said } from "../api/http";
import type { NeedRow, ToolRow } from "../api/types";

/** Needs change with the clock: a tool comes out of the disinfectant by itself. */
const LOOKED_MS = 30_000;

/** The shop's tools, what they need before a client, and whether a plan asks for them. */
export function useKit(clientId?: number, planId?: number) {
  return useQuery({
    queryKey: ["kit", clientId, planId],
    queryFn: async () => (await said(api.GET("/api/kit", { params: { query: { clientId, planId } } }))).tools,
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
      carriedOut(
        api.POST("/api/kit/{id}/events", {
          params: { path: { id: d.tool } },
          body: {
            token: crypto.randomUUID(),
            act: d.act,
            clientId: d.clientId,
          },
        }),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: ["kit"] }),
  });
}

export const KINDS: Record<ToolRow["kind"], string> = {
  shears: "Shears",
  comb: "Comb",
  clipper: "Clipper",
  guard: "Guard",
  razor: "Razor",
};

export const KIND_IDS = ["shears", "comb", "clipper", "guard", "razor"] as const;

export const DONE: Record<Act, string> = {
  used: "Used",
  disinfected: "Into the disinfectant",
  blade: "New blade in",
  oiled: "Oiled",
  sharpened: "Sharpened",
};

/** What a need is in words. */
export function needWords(n: NeedRow): string {
  if (n.readyAt)
    return `in the disinfectant until ${new Date(n.readyAt).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit", hour12: false })}`;
  switch (n.act) {
    case "blade":
      return "needs a new blade for the next client";
    case "disinfected":
      return "to be disinfected before the next client";
    case "oiled":
      return "to be oiled today";
    default:
      return "to be sharpened";
  }
}
