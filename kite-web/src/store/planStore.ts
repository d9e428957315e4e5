import { create } from "zustand";
import type { PlanDocument, PlanView } from "../api/types";
import { type Edit, inverse, joined, type Path, read, write } from "./edits";

const GESTURE_MS = 500;

export type SaveState = "saved" | "unsaved" | "saving" | "conflict" | "failed";

type PlanStore = {
  id: number;
  clientId: number;
  clientName: string;
  /** The server's version this work stands on. */
  version: number;
  document: PlanDocument | null;
  done: Edit[];
  undone: Edit[];
  lastEditAt: number;
  save: SaveState;
  saveMessage: string;
  chosen: number;
};

const empty: PlanStore = {
  id: 0,
  clientId: 0,
  clientName: "",
  version: 0,
  document: null,
  done: [],
  undone: [],
  lastEditAt: 0,
  save: "saved",
  saveMessage: "",
  chosen: 0,
};

export const usePlan = create<PlanStore>(() => empty);

export function openPlan(view: PlanView): void {
  usePlan.setState({
    ...empty,
    id: view.id,
    clientId: view.clientId,
    clientName: view.clientName,
    version: view.version,
    document: view.document,
  });
}

export function choose(index: number): void {
  usePlan.setState({ chosen: index });
}

export function change(path: Path, after: unknown, now = Date.now()): void {
  const s = usePlan.getState();
  if (!s.document) return;
  const edit: Edit = { path, before: read(s.document, path), after };
  if (JSON.stringify(edit.before) === JSON.stringify(after)) return;
  const merged = joined(s.done.at(-1), edit, now - s.lastEditAt < GESTURE_MS);
  usePlan.setState({
    document: write(s.document, path, after),
    done: merged ? [...s.done.slice(0, -1), merged] : [...s.done, edit],
    undone: [],
    lastEditAt: now,
    save: s.save === "conflict" ? "conflict" : "unsaved",
  });
}

export function undo(): void {
  const s = usePlan.getState();
  const edit = s.done.at(-1);
  if (!edit || !s.document) return;
  const back = inverse(edit);
  usePlan.setState({
    document: write(s.document, back.path, back.after),
    done: s.done.slice(0, -1),
    undone: [...s.undone, edit],
    lastEditAt: 0,
    save: s.save === "conflict" ? "conflict" : "unsaved",
  });
}

export function redo(): void {
  const s = usePlan.getState();
  const edit = s.undone.at(-1);
  if (!edit || !s.document) return;
  usePlan.setState({
    document: write(s.document, edit.path, edit.after),
    done: [...s.done, edit],
    undone: s.undone.slice(0, -1),
    lastEditAt: 0,
    save: s.save === "conflict" ? "conflict" : "unsaved",
  });
}
