/** Takes turns: so many at a time, the first to ask first. */
export function turns(atOnce: number) {
  let free = atOnce;
  const waiting: (() => void)[] = [];
  const next = () => {
    while (free > 0 && waiting.length > 0) {
      free--;
      waiting.shift()?.();
    }
  };
  /** Calls `begin` when it is its turn; what comes back ends the turn, or gives it up while it still waits. */
  return (begin: () => void): (() => void) => {
    let state: "waits" | "on" | "over" = "waits";
    const go = () => {
      state = "on";
      begin();
    };
    waiting.push(go);
    next();
    return () => {
      if (state === "on") free++;
      else if (state === "waits") waiting.splice(waiting.indexOf(go), 1);
      state = "over";
      next();
    };
  };
}
