import { useMutation } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { api, said } from "../api/http";
import { worded } from "../words/worded";
import { useWalk } from "./useWalk";

/** A client nobody is: the first walk begins with their sit-down. */
export function usePracticeHead() {
  const go = useNavigate();
  return useMutation({
    mutationFn: () => said(api.POST("/api/clients", { body: { name: worded("firstDay.practice-head") } })),
    onSuccess: (c) => {
      useWalk.getState().set(0);
      go(`/clients/${c.id}/sit`);
    },
  });
}
