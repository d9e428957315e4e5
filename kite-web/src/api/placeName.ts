import { PLACES } from "./names";
import type { Place } from "./types";

/** A place of the head in words. */
export const placeName = (p: Place): string => PLACES.find(([id]) => id === p)?.[1] ?? p;
