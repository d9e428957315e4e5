import { useThree } from "@react-three/fiber";
import { useEffect, useLayoutEffect, useMemo } from "react";
import type { Fallen, HeadData } from "../api/binary";
import { clipped, cutSince, hanging } from "./clipped";
import { layAnew, ribbons } from "./ribbons";
import { Strands3D } from "./Strands3D";

type Props = {
  head: HeadData;
  fall: Fallen;
  /** What is left at every vertex of the scalp, in mm. */
  lengths: Float32Array;
};

/** Hair as it fell, and what has been cut of it since gone from it at once: only those strands are sent to be drawn anew. */
export function CutHair3D({ head, fall, lengths }: Props) {
  const { advance } = useThree();
  const [hair, drawnMm] = useMemo(() => [ribbons(fall), hanging(fall)] as const, [fall]);
  useEffect(() => () => hair.dispose(), [hair]);
  useLayoutEffect(() => {
    const cut = cutSince(fall, head.scalp, lengths, drawnMm);
    if (cut.length === 0) return;
    layAnew(hair, cut, fall.points, (s, out) => clipped(fall, s, drawnMm[s] as number, out));
    // At once, not with the next frame: a machine without a GPU is late with frames.
    advance(performance.now());
  }, [hair, drawnMm, fall, head, lengths, advance]);
  return <Strands3D head={head} fall={fall} lengths={lengths} hair={hair} />;
}
