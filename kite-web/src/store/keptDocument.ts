import { create, type StoreApi, type UseBoundStore } from "zustand";
import { ApiError } from "../api/http";
import { worded } from "../words/worded";
import { dropDraft, keepDraft, readDraft } from "./drafts";
import { apply, differences, type Edit, inverse, joined, type Path, read } from "./edits";
import { keepHistory, readHistory } from "./history";

const GESTURE_MS = 500;
/** Work is on its way to the server no later than this after it is typed. */
const WAIT_MS = 280;
const AGAIN_MS = 2000;

export type SaveState = "saved" | "unsaved" | "saving" | "conflict" | "failed";

/** A document with the server's version it stands on, its edits, and whether it is safe. */
export type Kept<D> = {
  id: number;
  clientId: number;
  clientName: string;
  version: number;
  document: D | null;
  done: Edit[];
  undone: Edit[];
  lastEditAt: number;
  save: SaveState;
  saveMessage: string;
  /** Changes asked of the server whose answers are not here yet. */
  asked: number;
};

export type View<D> = { id: number; clientId: number; clientName: string; version: number; document: D };

export type KeptDocument<D> = {
  use: UseBoundStore<StoreApi<Kept<D>>>;
  open: (view: View<D>) => void;
  change: (path: Path, after: unknown, now?: number) => void;
  /** Another whole document made from `base`; what changed meanwhile stays. Of one gesture only the last stands. */
  replace: (base: D, next: D, gesture?: string) => void;
  /** Work that will change the document: nothing is called saved before it is done. */
  awaiting: <T>(work: () => Promise<T>) => Promise<T>;
  undo: () => void;
  redo: () => void;
  startAutosave: () => () => void;
  saveNow: () => Promise<void>;
  keepMine: () => Promise<void>;
  takeTheirs: () => Promise<void>;
};

/** How a document is read and saved. */
export type Door<D> = {
  /** Its address but for the id: what drafts of it are kept under. */
  url: string;
  read: (id: number) => Promise<View<D>>;
  save: (id: number, version: number, document: D) => Promise<{ version: number }>;
};

/** One document at a time, edited here and kept by the server, guarded by its version. */
export function keptDocument<D extends object>({ url, read: theirsOf, save }: Door<D>): KeptDocument<D> {
  const empty: Kept<D> = {
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
    asked: 0,
  };
  const use = create<Kept<D>>(() => empty);
  let timer: ReturnType<typeof setTimeout> | undefined;
  let underWay = false;
  const at = (id: number) => `${url}/${id}`;

  function open(view: View<D>): void {
    const draft = readDraft<D>(at(view.id));
    const same = draft !== null && JSON.stringify(draft.document) === JSON.stringify(view.document);
    const { id, clientId, clientName, version } = view;
    const { asked } = use.getState();
    const plain = { ...empty, asked, id, clientId, clientName, version, document: view.document };
    if (draft === null || same) {
      dropDraft(at(id));
      use.setState({ ...plain, ...readHistory(at(id), view.document) });
    } else {
      const stale = draft.version !== version;
      use.setState({
        ...plain,
        ...readHistory(at(id), draft.document),
        document: draft.document,
        save: stale ? "conflict" : "unsaved",
        saveMessage: stale ? worded("keptDocument.this-device-holds-work") : "",
      });
    }
  }

  /** After a change: what is not saved yet, unless a choice is asked for first. */
  const unsaved = (s: Kept<D>): SaveState => (s.save === "conflict" ? "conflict" : "unsaved");

  function change(path: Path, after: unknown, now = Date.now()): void {
    const s = use.getState();
    if (!s.document) return;
    const before = read(s.document, path);
    if (JSON.stringify(before) === JSON.stringify(after)) return;
    const edit: Edit = { changes: [{ path, before, after }] };
    const merged = joined(s.done.at(-1), edit, now - s.lastEditAt < GESTURE_MS);
    step(apply(s.document, edit), merged ? [...s.done.slice(0, -1), merged] : [...s.done, edit], [], now);
  }

  function replace(base: D, next: D, gesture?: string): void {
    const s = use.getState();
    if (!s.document) return;
    const last = s.done.at(-1);
    const again = gesture !== undefined && last?.gesture === gesture;
    const document = again && last ? apply(s.document, inverse(last)) : s.document;
    const changes = differences(base, next).map((c) => ({ ...c, before: read(document, c.path) }));
    const done = again ? s.done.slice(0, -1) : s.done;
    if (changes.length === 0 && !again) return;
    const edit: Edit = { changes, gesture };
    step(apply(document, edit), changes.length === 0 ? done : [...done, edit], [], 0);
  }

  async function awaiting<T>(work: () => Promise<T>): Promise<T> {
    const count = (by: number) => use.setState((s) => ({ asked: s.asked + by }));
    count(1);
    try {
      return await work();
    } finally {
      count(-1);
    }
  }

  function step(document: D, done: Edit[], undone: Edit[], lastEditAt: number): void {
    const s = use.getState();
    use.setState({ document, done, undone, lastEditAt, save: unsaved(s) });
    keepHistory(at(s.id), document, done, undone);
  }

  function undo(): void {
    const { document, done, undone } = use.getState();
    const edit = done.at(-1);
    if (edit && document) step(apply(document, inverse(edit)), done.slice(0, -1), [...undone, edit], 0);
  }

  function redo(): void {
    const { document, done, undone } = use.getState();
    const edit = undone.at(-1);
    if (edit && document) step(apply(document, edit), [...done, edit], undone.slice(0, -1), 0);
  }

  function later(ms: number): void {
    timer ??= setTimeout(saveNow, ms);
  }

  /** Saves shortly after each change, also while typing goes on; one request at a time. */
  function startAutosave(): () => void {
    const stop = use.subscribe((s, old) => {
      if (s.document !== old.document && s.id === old.id && s.document && s.save !== "saved") {
        keepDraft(at(s.id), { version: s.version, document: s.document });
      }
      if (s.save === "unsaved" && !underWay) later(WAIT_MS);
    });
    if (use.getState().save === "unsaved") later(WAIT_MS);
    const leave = () => void saveNow();
    window.addEventListener("pagehide", leave);
    return () => {
      leave();
      stop();
      window.removeEventListener("pagehide", leave);
    };
  }

  async function saveNow(): Promise<void> {
    clearTimeout(timer);
    timer = undefined;
    const s = use.getState();
    // While one save is under way a second would name the same version and look like somebody else's.
    if (underWay || (s.save !== "unsaved" && s.save !== "failed") || !s.document) return;
    underWay = true;
    const sent = s.document;
    const id = s.id;
    use.setState({ save: "saving", saveMessage: "" });
    try {
      const { version } = await save(id, s.version, sent);
      const document = use.getState().document;
      if (use.getState().id !== id) dropDraft(at(id));
      else if (document === sent) {
        dropDraft(at(id));
        use.setState({ version, save: "saved" });
      } else {
        if (document) keepDraft(at(id), { version, document });
        use.setState({ version, save: "unsaved" });
      }
    } catch (e) {
      if (use.getState().id !== id) return;
      const status = e instanceof ApiError ? e.status : 0;
      if (status !== 409 && use.getState().document !== sent) {
        // Work went on meanwhile: what was refused is not what stands here now.
        use.setState({ save: "unsaved" });
        return;
      }
      use.setState({
        save: status === 409 ? "conflict" : "failed",
        saveMessage:
          e instanceof ApiError && e.problems.length > 0
            ? worded("keptDocument.something-is-out-of")
            : e instanceof Error
              ? e.message
              : worded("keptDocument.saving-failed"),
      });
      // A server that is gone comes back; what it refused, it would refuse again.
      if (status === 0 || status >= 500) later(AGAIN_MS);
    } finally {
      underWay = false;
      if (use.getState().save === "unsaved") later(WAIT_MS);
    }
  }

  /** After a conflict: this work over theirs. */
  async function keepMine(): Promise<void> {
    const theirs = await theirsOf(use.getState().id);
    use.setState({ version: theirs.version, save: "unsaved" });
    await saveNow();
  }

  /** After a conflict: theirs, this work let go. */
  async function takeTheirs(): Promise<void> {
    const id = use.getState().id;
    dropDraft(at(id));
    open(await theirsOf(id));
  }

  return { use, open, change, replace, awaiting, undo, redo, startAutosave, saveNow, keepMine, takeTheirs };
}
