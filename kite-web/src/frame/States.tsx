/** What stands on the screen while there is nothing to show yet, or nothing at all. */

import { worded } from "../words/worded";

export function Loading({ what }: { what: string }) {
  return (
    <div className="grid flex-1 place-items-center p-10" role="status">
      <p className="text-xl">{worded("states.fetching", { what })}</p>
    </div>
  );
}

export function Trouble({ error, retry }: { error: Error; retry?: () => void }) {
  return (
    <div className="m-6 max-w-2xl border-error border-l-4 bg-base-200 p-5" role="alert">
      <p className="text-lg">{error.message}</p>
      {retry && (
        <button type="button" className="btn btn-neutral touch mt-3" onClick={retry}>
          {worded("states.try-again")}
        </button>
      )}
    </div>
  );
}

export function Empty({ children }: { children: React.ReactNode }) {
  return <div className="my-4 max-w-2xl border-secondary border-l-4 bg-base-200 p-5 text-lg">{children}</div>;
}
