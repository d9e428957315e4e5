import { Dialog } from "../frame/Dialog";
import { BENCH_KEYS } from "../parts/useBenchKeys";
import { worded } from "../words/worded";

/** The keys of the bench. */
export function KeyHelp({ shut }: { shut: () => void }) {
  return (
    <Dialog title={worded("keyHelp.keys-of-the-bench")} shut={shut}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
        {BENCH_KEYS.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="font-bold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
