import { useEffect, useState } from "react";
import { api, said } from "../api/http";
import type { PlanDocument } from "../api/types";
import { worded } from "../words/worded";
import { dataUrl } from "./dataUrl";
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
  const [src, setSrc] = useState("");
  const [gone, setGone] = useState(false);
  useEffect(() => {
    const until = new AbortController();
    said(
      api.POST("/api/still.png", {
        params: { query: { view, week } },
        body: document,
        parseAs: "blob",
        signal: until.signal,
      }),
    )
      .then(dataUrl)
      .then(
        (url) => {
          if (until.signal.aborted) return;
          setSrc(url);
          setGone(false);
        },
        () => !until.signal.aborted && setGone(true),
      );
    return () => until.abort();
  }, [document, view, week]);
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
