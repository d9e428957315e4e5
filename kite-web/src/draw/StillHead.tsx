import { useState } from "react";

type Props = {
  of: string;
  version: number;
  view?: string;
  name: string;
  className?: string;
  /** The hair before anything is cut; of a plan. */
  before?: boolean;
};

/** A still of a plan's or a visit's head, drawn by the server; kept by the version it shows. */
export function StillHead({ of, version, view = "right", name, className = "", before }: Props) {
  const [gone, setGone] = useState(false);
  const [there, setThere] = useState(false);
  if (gone) return <span className={`soft grid place-items-center text-sm ${className}`}>no picture</span>;
  return (
    <img
      src={`/api/${of}/picture.png?view=${view}&width=240&height=270&v=${version}${before ? "&before=true" : ""}`}
      width={240}
      height={270}
      loading="lazy"
      alt={`${name}, ${view}${before ? ", before" : ""}`}
      className={`object-contain ${there ? "" : "animate-pulse rounded-box bg-base-300 motion-reduce:animate-none"} ${className}`}
      onLoad={() => setThere(true)}
      onError={() => setGone(true)}
    />
  );
}
