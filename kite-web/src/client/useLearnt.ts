import { useQuery } from "@tanstack/react-query";
import { get } from "../api/http";
import type { Lesson } from "../api/types";

/** What visits taught of a client. */
export const useLearnt = (clientId: number | undefined) =>
  useQuery({
    queryKey: ["learnt", clientId],
    queryFn: async () => (await get<{ lessons: Lesson[] }>(`/api/clients/${clientId}/learnt`)).lessons,
    enabled: clientId !== undefined,
    retry: false,
  });
