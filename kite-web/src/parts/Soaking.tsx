import { runningDown, useLeft } from "../frame/useLeft";
import { worded } from "../words/worded";
import { useKit } from "./useKit";

/** How long the longest of this plan's tools is still in the disinfectant, and a bell when it is over; nothing when none is. */
export function Soaking({ clientId, planId }: { clientId: number; planId: number }) {
  const kit = useKit(clientId, planId);
  const until = (kit.data ?? [])
    .filter((t) => !t.retired && t.asked)
    .flatMap((t) => t.needs.map((n) => (n.readyAt ? Date.parse(n.readyAt) : 0)));
  const leftSec = useLeft(Math.max(0, ...until));
  if (leftSec === 0) return null;
  return (
    <span role="timer" className="border-accent border-l-4 pl-2 text-lg tabular-nums">
      {worded("soaking.left", { left: runningDown(leftSec) })}
    </span>
  );
}
