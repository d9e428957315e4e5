import { worded } from "../words/worded";

/** What is done at the chair by key or pedal: the keys that do it, and how that is told. */
export const CHAIR_KEYS = {
  bite: { keys: ["PageDown", " "], said: [worded("help.space-or-pedal"), worded("help.next-bite")] },
  back: { keys: ["PageUp"], said: [worded("help.pedal-left"), worded("help.bite-back")] },
  done: { keys: ["Enter"], said: [worded("help.enter"), worded("help.move-done")] },
} as const;

type Act = keyof typeof CHAIR_KEYS;

/** Each key with what it does. */
export function byKey(acts: Readonly<Record<Act, () => void>>): Record<string, () => void> {
  return Object.fromEntries(
    (Object.keys(CHAIR_KEYS) as Act[]).flatMap((a) => CHAIR_KEYS[a].keys.map((k) => [k, acts[a]])),
  );
}
