import { useQuery } from "@tanstack/react-query";
import { get } from "../api/http";
import type { WaitingRow } from "../api/types";

/** Who would come sooner, the longest waiting first. */
export const useWaiting = () =>
  useQuery({
    queryKey: ["waiting"],
    queryFn: async () => (await get<{ waiting: WaitingRow[] }>("/api/waiting")).waiting,
  });
