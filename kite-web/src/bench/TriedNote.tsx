import { letGo, takeTried, useTried } from "../store/tryStore";
import { worded } from "../words/worded";

/** While a remedy is looked at: its effect lies over the plan, and waits to be taken. */
export function TriedNote() {
  const words = useTried((s) => s.tried?.words);
  return (
    <div
      role="status"
      className="absolute right-0 bottom-12 left-0 z-20 flex flex-wrap items-center gap-2 rounded-box border-2 border-secondary bg-base-100 p-2"
    >
      <span className="flex-1">
        {words} {worded("triedNote.the-blue-outline-is")}
      </span>
      <button type="button" className="btn btn-primary touch" onClick={takeTried}>
        {worded("triedNote.take-it")}
      </button>
      <button type="button" className="btn touch" onClick={letGo}>
        {worded("triedNote.leave-it")}
      </button>
    </div>
  );
}
