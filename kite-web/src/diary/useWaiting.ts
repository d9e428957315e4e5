import { useQuery } from "@tanstack/react-query";
import { api, said } from "../api/http";

/** Who would come sooner, the longest waiting first. */
export const useWaiting = () =>
  useQuery({
    queryKey: ["waiting"],
    queryFn: async () => (await said(api.GET("/api/waiting"))).waiting,
  });
