import { useEffect, useRef, useState } from "react";
import { worded } from "../words/worded";
import { turns } from "./turns";

type Props = {
  of: string;
  version: number;
  view?: string;
  name: string;
  className?: string;
  /** What else the picture is asked by: before anything is cut, of a week, worn otherwise. */
  asked?: Readonly<Record<string, string | number | boolean>>;
};

const NOTHING_ELSE = {};

/** Stills drawn at a time: a page of twenty would keep the server from what is asked of it besides. */
const inTurn = turns(1);

/** What an image shows until its turn comes: one without a source is drawn as a broken one. */
const NOTHING = "data:image/gif;base64,R0lGODlhAQABAAAAACH5BAEKAAEALAAAAAABAAEAAAICTAEAOw==";

/** True once the element is on the screen and it is its turn to be fetched; and what ends the turn. */
function useTurn(of: string) {
  const place = useRef<HTMLImageElement>(null);
  const end = useRef<() => void>(() => undefined);
  const [turn, setTurn] = useState("");
  useEffect(() => {
    const element = place.current;
    const ask = () => {
      end.current = inTurn(() => setTurn(of));
    };
    if (!element || typeof IntersectionObserver === "undefined") {
      ask();
      return () => end.current();
    }
    const seen = new IntersectionObserver(
      (all) => {
        if (!all.some((e) => e.isIntersecting)) return;
        seen.disconnect();
        ask();
      },
      { rootMargin: "200px" },
    );
    seen.observe(element);
    return () => {
      seen.disconnect();
      // An image taken off the page goes on loading otherwise.
      element.removeAttribute("src");
      end.current();
    };
  }, [of]);
  return { place, on: turn === of, over: () => end.current() };
}

/** A still of a plan's or a visit's head, drawn by the server; kept by the version it shows. */
export function StillHead({
  of,
  version,
  view = "right",
  name,
  className = "",
  asked = NOTHING_ELSE,
}: Props) {
  const [gone, setGone] = useState(false);
  const [there, setThere] = useState(false);
  const more = Object.entries(asked)
    .map(([name, value]) => `&${name}=${value}`)
    .join("");
  const src = `/api/${of}/picture.png?view=${view}&width=240&height=270&v=${version}${more}`;
  const { place, on, over } = useTurn(src);
  if (gone)
    return (
      <span className={`soft grid place-items-center text-sm ${className}`}>
        {worded("stillHead.no-picture")}
      </span>
    );
  return (
    <img
      ref={place}
      src={on ? src : NOTHING}
      width={240}
      height={270}
      alt={worded(asked.before ? "stillHead.before" : "stillHead.seen", { name, view })}
      className={`max-w-full object-contain ${there ? "" : "animate-pulse text-transparent rounded-box bg-base-300 motion-reduce:animate-none"} ${className}`}
      onLoad={() => {
        if (!on) return;
        setThere(true);
        over();
      }}
      onError={() => {
        setGone(true);
        over();
      }}
    />
  );
}
