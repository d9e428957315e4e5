import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { renderHook } from "@testing-library/react";
import { expect, it } from "vitest";
import { useStylist } from "./useStylist";

const stands = (me: unknown) => {
  const queries = new QueryClient();
  queries.setQueryData(["me"], me);
  return renderHook(() => useStylist("left"), {
    wrapper: ({ children }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>,
  }).result.current;
};

it("is who is signed in, right-handed where that was not said", () => {
  expect(stands({ name: "Maud", leftHanded: true })).toEqual({ stand: "left", leftHanded: true });
  expect(stands(undefined)).toEqual({ stand: "left", leftHanded: false });
});
