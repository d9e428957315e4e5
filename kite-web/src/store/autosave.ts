import { ApiError, get, send } from "../api/http";
import type { PlanView } from "../api/types";
import { openPlan, usePlan } from "./planStore";

const WAIT_MS = 500;
let timer: ReturnType<typeof setTimeout> | undefined;
let underWay = false;

/** Saves shortly after each change, one request at a time, guarded by the version. */
export function startAutosave(): () => void {
  const stop = usePlan.subscribe((s, old) => {
    if (s.save === "unsaved" && (s.document !== old.document || old.save !== "unsaved")) {
      clearTimeout(timer);
      timer = setTimeout(saveNow, WAIT_MS);
    }
  });
  const leave = () => void saveNow();
  window.addEventListener("pagehide", leave);
  return () => {
    leave();
    stop();
    window.removeEventListener("pagehide", leave);
  };
}

export async function saveNow(): Promise<void> {
  clearTimeout(timer);
  const s = usePlan.getState();
  // While one save is under way a second would name the same version and look like somebody else's.
  if (underWay || (s.save !== "unsaved" && s.save !== "failed") || !s.document) return;
  underWay = true;
  const sent = s.document;
  const id = s.id;
  usePlan.setState({ save: "saving", saveMessage: "" });
  try {
    const { version } = await send<{ version: number }>("PUT", `/api/plans/${id}`, {
      version: s.version,
      document: sent,
    });
    if (usePlan.getState().id !== id) return;
    const newer = usePlan.getState().document !== sent;
    usePlan.setState({ version, save: newer ? "unsaved" : "saved" });
  } catch (e) {
    if (usePlan.getState().id !== id) return;
    const stale = e instanceof ApiError && e.status === 409;
    usePlan.setState({
      save: stale ? "conflict" : "failed",
      saveMessage: e instanceof Error ? e.message : "Saving failed.",
    });
  } finally {
    underWay = false;
    if (usePlan.getState().save === "unsaved") timer = setTimeout(saveNow, WAIT_MS);
  }
}

/** After a conflict: this work over theirs. */
export async function keepMine(): Promise<void> {
  const s = usePlan.getState();
  const theirs = await get<PlanView>(`/api/plans/${s.id}`);
  usePlan.setState({ version: theirs.version, save: "unsaved" });
  await saveNow();
}

/** After a conflict: theirs, this work let go. */
export async function takeTheirs(): Promise<void> {
  openPlan(await get<PlanView>(`/api/plans/${usePlan.getState().id}`));
}
