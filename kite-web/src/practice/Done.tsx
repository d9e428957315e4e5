import { worded } from "../words/worded";

type Props = { busy: boolean; tried: boolean; done: () => void; can?: boolean; name?: string };

/** The try is over; once. */
export function Done({ busy, tried, done, can = true, name = worded("practice.that-is-it") }: Props) {
  if (tried) return null;
  return (
    <button type="button" className="btn btn-primary h-14 text-xl" disabled={busy || !can} onClick={done}>
      {busy ? worded("common.working-it-out") : name}
    </button>
  );
}
