import { StillHead } from "../draw/StillHead";
import { inWeeks, type Ranked } from "./ranked";

type Props = {
  shape: Ranked;
  client: number;
  version: number;
  /** Height of the picture, as a class. */
  tall: string;
};

/** A shape as it would be on this head; when it needs hair first, that is said on the picture. */
export function ShapeCard({ shape, client, version, tall }: Props) {
  const when = inWeeks(shape.weeks);
  return (
    <>
      <span className="relative block">
        <StillHead
          of={`clients/${client}/families/${shape.id}`}
          version={version}
          name={shape.title}
          className={`mx-auto ${tall}`}
        />
        {when && (
          <span className="absolute right-0 bottom-0 rounded-field bg-neutral px-2 py-0.5 font-bold text-neutral-content text-sm">
            {when}
          </span>
        )}
      </span>
      <b className="block leading-tight">{shape.title}</b>
    </>
  );
}
