import { useEffect, useRef, useState } from "react";
import { ring } from "../frame/bell";
import { worded } from "../words/worded";
import { useKit } from "./useKit";

/** How long the longest of this plan's tools is still in the disinfectant, and a bell when it is over; nothing when none is. */
export function Soaking({ clientId, planId }: { clientId: number; planId: number }) {
  const kit = useKit(clientId, planId);
  const [now, setNow] = useState(Date.now());
  const until = (kit.data ?? [])
    .filter((t) => !t.retired && t.asked)
    .flatMap((t) => t.needs.map((n) => (n.readyAt ? Date.parse(n.readyAt) : 0)));
  const leftSec = Math.ceil((Math.max(0, ...until) - now) / 1000);
  const soaking = leftSec > 0;
  const soaked = useRef(false);
  useEffect(() => {
    if (soaked.current && !soaking) ring();
    soaked.current = soaking;
    if (!soaking) return;
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, [soaking]);
  if (!soaking) return null;
  return (
    <span role="timer" className="border-accent border-l-4 pl-2 text-lg tabular-nums">
      {worded("soaking.left", {
        left: `${Math.floor(leftSec / 60)}:${String(leftSec % 60).padStart(2, "0")}`,
      })}
    </span>
  );
}
