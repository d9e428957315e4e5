import type { PlanDocument } from "../api/types";
import { useDrawnStill } from "../store/useDrawnStill";
import { worded } from "../words/worded";
import type { ViewName } from "./views";

type Props = {
  document: PlanDocument;
  view: ViewName;
  /** So many weeks on. */
  week?: number;
  name: string;
  className?: string;
};

/** A still of a plan nobody has kept, as it falls. */
export function DrawnStill({ document, view, week = 0, name, className = "" }: Props) {
  const { src, gone } = useDrawnStill(document, view, week);
  if (gone)
    return (
      <span className={`soft grid place-items-center ${className}`}>{worded("stillHead.no-picture")}</span>
    );
  if (!src)
    return (
      <span
        role="status"
        aria-label={worded("drawnStill.being-drawn", { name })}
        className={`animate-pulse rounded-box bg-base-300 motion-reduce:animate-none ${className}`}
      />
    );
  return (
    <img src={src} alt={worded("stillHead.seen", { name, view })} className={`object-contain ${className}`} />
  );
}
