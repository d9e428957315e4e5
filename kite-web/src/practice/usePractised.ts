import { useQuery } from "@tanstack/react-query";
import { api, said } from "../api/http";

/** How somebody's practice goes, and with which hand. */
export function usePractised() {
  return useQuery({
    queryKey: ["practice"],
    queryFn: () => said(api.GET("/api/practice")),
  });
}
