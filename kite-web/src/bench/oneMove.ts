import type { Cut, Fingers, Move } from "../api/types";
import { openPlan } from "../store/planStore";

/** For tests: a cut over the fingers. */
export const FINGERS: Fingers = {
  kind: "fingers",
  hold: { kind: "straightOut" },
  line: { kind: "round", lengthMm: 60 },
  guide: { kind: "travelling" },
  parting: { kind: "across", toward: "back" },
  biteMm: 12,
};

/** For tests: a plan of one move on the bench. */
export function openOneMove(cut: Cut): void {
  const move: Move = {
    id: "a",
    name: "Top",
    section: "top",
    cut,
    damp: "wet",
    stand: "front",
    purpose: "p",
    watch: "w",
    askFirst: false,
  };
  openPlan({
    id: 1,
    clientId: 1,
    clientName: "",
    version: 2,
    updatedAt: "",
    work: "w",
    document: {
      version: 4,
      title: "",
      head: { kind: "measured", girthMm: 570 },
      sections: [],
      start: { kind: "taped", tapedMm: {} },
      moves: [move],
    },
  });
}
