import { worded } from "../words/worded";

/** Takes a row out of a list that is being written. */
export function RemoveRow({ out }: { out: () => void }) {
  return (
    <button type="button" className="btn touch" onClick={out}>
      {worded("common.remove")}
    </button>
  );
}
