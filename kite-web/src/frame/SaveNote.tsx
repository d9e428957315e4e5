import type { KeptDocument } from "../store/keptDocument";
import { worded } from "../words/worded";

const WORDS = {
  saved: worded("saveNote.saved"),
  unsaved: worded("saveNote.saving"),
  saving: worded("saveNote.saving"),
  conflict: "",
  failed: "",
};

/** Whether the work is safe; and when two people changed one thing, the choice, unless it is offered elsewhere. */
export function SaveNote<D>({ of, choice = true }: { of: KeptDocument<D>; choice?: boolean }) {
  const save = of.use((s) => (s.save === "saved" && s.asked > 0 ? "saving" : s.save));
  const message = of.use((s) => s.saveMessage);
  if (save === "conflict" && !choice) return null;
  if (save === "conflict") {
    return (
      <div
        role="alertdialog"
        aria-label={worded("saveNote.changed-elsewhere")}
        className="flex flex-wrap items-center gap-2 border-error border-l-4 pl-3"
      >
        <span>{message}</span>
        <button type="button" className="btn btn-neutral touch" onClick={() => void of.keepMine()}>
          {worded("saveNote.keep-mine")}
        </button>
        <button type="button" className="btn touch" onClick={() => void of.takeTheirs()}>
          {worded("saveNote.take-theirs")}
        </button>
      </div>
    );
  }
  if (save === "failed") {
    return (
      <div role="alert" className="flex items-center gap-2 border-error border-l-4 pl-3">
        <span>{worded("saveNote.not-saved", { message })}</span>
        <button type="button" className="btn touch" onClick={() => void of.saveNow()}>
          {worded("saveNote.save-again")}
        </button>
      </div>
    );
  }
  return (
    <span role="status" className="soft w-20">
      {WORDS[save]}
    </span>
  );
}
