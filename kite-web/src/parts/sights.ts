import { worded } from "../words/worded";

const NAMES: Record<string, string> = {
  today: worded("look.today"),
  planned: worded("look.after-the-cut"),
  "worn-back": worded("look.worn-back"),
  "worn-forward": worded("look.worn-forward"),
  "worn-up": worded("look.worn-up"),
  "worn-left": worded("look.worn-to-the-side"),
  "worn-right": worded("look.worn-to-the-side"),
};

/** What a client looks at, by its id. */
export function sightName(id: string): string {
  const week = /^week(\d+)$/.exec(id)?.[1];
  return week ? worded("look.in-weeks", { week }) : (NAMES[id] ?? id);
}
