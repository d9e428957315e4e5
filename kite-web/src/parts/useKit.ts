import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, carriedOut, said } from "../api/http";
import type { NeedRow, ToolRow } from "../api/types";
import { timeTold } from "../store/shopTime";
import { worded } from "../words/worded";

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
  shears: worded("useKit.shears"),
  comb: worded("useKit.comb"),
  clipper: worded("useKit.clipper"),
  guard: worded("useKit.guard"),
  razor: worded("useKit.razor"),
};

export const KIND_IDS = ["shears", "comb", "clipper", "guard", "razor"] as const;

export const DONE: Record<Act, string> = {
  used: worded("useKit.used"),
  disinfected: worded("useKit.into-the-disinfectant"),
  blade: worded("useKit.new-blade-in"),
  oiled: worded("useKit.oiled"),
  sharpened: worded("useKit.sharpened"),
};

/** What a need is in words. */
export function needWords(n: NeedRow): string {
  if (n.readyAt)
    return worded("useKit.in-the-disinfectant-until", {
      time: timeTold(n.readyAt),
    });
  switch (n.act) {
    case "blade":
      return worded("useKit.needs-a-new-blade");
    case "disinfected":
      return worded("useKit.to-be-disinfected-before");
    case "oiled":
      return worded("useKit.to-be-oiled-today");
    default:
      return worded("useKit.to-be-sharpened");
  }
}
