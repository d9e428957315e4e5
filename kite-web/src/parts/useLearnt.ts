import { useQuery } from "@tanstack/react-query";
import { api, said } from "../api/http";

/** What visits taught of a client. */
export const useLearnt = (clientId: number | undefined) =>
  useQuery({
    queryKey: ["learnt", clientId],
    queryFn: async () =>
      (await said(api.GET("/api/clients/{id}/learnt", { params: { path: { id: clientId ?? 0 } } }))).lessons,
    enabled: clientId !== undefined,
    retry: false,
  });
