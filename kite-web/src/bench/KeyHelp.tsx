import { useEffect, useRef } from "react";
import { BENCH_KEYS } from "./useBenchKeys";

/** The keys of the bench. */
export function KeyHelp({ shut }: { shut: () => void }) {
  const box = useRef<HTMLDialogElement>(null);
  useEffect(() => box.current?.showModal(), []);
  return (
    <dialog
      ref={box}
      aria-label="Keys of the bench"
      className="m-auto max-w-xl rounded-box border-2 border-base-content bg-base-100 p-5 text-base-content"
      onClose={shut}
    >
      <h2 className="font-bold text-xl">Keys of the bench</h2>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
        {BENCH_KEYS.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="font-bold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <button type="button" className="btn btn-neutral touch mt-4" onClick={shut}>
        Close
      </button>
    </dialog>
  );
}
