import { create } from "zustand";

type SignedOut = {
  /** Somebody is at work, and can be asked for the password. */
  atWork: boolean;
  /** The session is over: what was asked waits for the password. */
  out: boolean;
};

export const useSignedOut = create<SignedOut>(() => ({ atWork: false, out: false }));

let waiting: Promise<void> | null = null;
let goOn: () => void = () => undefined;

/** Until somebody is signed in again; everything that is asked meanwhile waits for the same. */
export function untilSignedIn(signal?: AbortSignal): Promise<void> {
  waiting ??= new Promise((go) => {
    goOn = go;
    useSignedOut.setState({ out: true });
  });
  const again = waiting;
  return new Promise((go, stop) => {
    signal?.addEventListener("abort", () => stop(signal.reason), { once: true });
    void again.then(go);
  });
}

/** What waited goes on. */
export function signedInAgain(): void {
  waiting = null;
  useSignedOut.setState({ out: false });
  goOn();
}
