import { create } from "zustand";
import type { Coat } from "../draw/coats";
import type { Light } from "../draw/lights";
import type { VIEWS, ViewName } from "../draw/views";

/** How the hair is shown on the head: shaved off, straight off the skin, or fallen. */
export type Shown = "bare" | "standing" | "fallen";

type Look = {
  view: ViewName;
  /** Grows with every ask for a view, so that the same one can be asked again. */
  turn: number;
  shown: Shown;
  coat: Coat;
  /** All that the plan takes, and not the chosen move alone. */
  whole: boolean;
  /** The outline before, seen through the head. */
  xray: boolean;
  /** The bite of the chosen move that lies in the hand; null for none. */
  bite: number | null;
  /** Grows with every press of "play". */
  played: number;
  week: number;
  /** What the fallen hair is looked at in. */
  light: Light;
  /** The head large and the few dials beside it, and nothing else. */
  few: boolean;
  /** The profile has the larger part of the screen, and the head the smaller. */
  profileLarge: boolean;
};

const FIRST: Look = {
  view: "right",
  turn: 0,
  shown: "bare",
  coat: "length",
  whole: false,
  xray: false,
  bite: null,
  played: 0,
  week: 0,
  light: "day",
  few: false,
  profileLarge: false,
};

/** How the plan on the bench is looked at; nothing of it is part of the plan. */
export const useLook = create<Look>(() => FIRST);
/** Whether the hair is looked at while it is cut, bite by bite. */
export const bitesOnHair = (of: Look): boolean => of.bite !== null && of.shown === "fallen";
export const look = (of: Partial<Look>) => useLook.setState(of);
export const lookAnew = () => useLook.setState(FIRST);

export function turnTo(view: ViewName): void {
  useLook.setState((s) => ({ view, turn: s.turn + 1 }));
}

/** The set view from which a place of the head is best seen. */
export function sideOf(place: string): ViewName | undefined {
  if (place.endsWith("Left")) return "left";
  if (place.endsWith("Right")) return "right";
  return { front: "front", apex: "top", crown: "back", dropCrown: "back", occipital: "back", nape: "back" }[
    place
  ] as keyof typeof VIEWS | undefined;
}
