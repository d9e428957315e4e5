import { useQueryClient } from "@tanstack/react-query";
import { useMemo } from "react";
import type { PersonView } from "../api/types";
import type { Stylist } from "../draw/handTools";

/** Who is signed in, as they stand at a move: what is in which hand goes by it. */
export function useStylist(stand: Stylist["stand"]): Stylist {
  const me = useQueryClient().getQueryData<PersonView>(["me"]);
  const leftHanded = me?.leftHanded ?? false;
  return useMemo(() => ({ stand, leftHanded }), [stand, leftHanded]);
}
