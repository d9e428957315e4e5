import { useFrame, useThree } from "@react-three/fiber";
import { useEffect, useLayoutEffect, useMemo, useRef } from "react";
import type * as THREE from "three";
import type { HeadData } from "../api/binary";
import type { InHandData } from "../api/inHand";
import type { Cut } from "../api/types";
import { bitesOfSkin, FALLEN, HELD, hairAt, type Moment, PLAYED_MS, playedTo, strandAt } from "./biteHair";
import { HairStage } from "./HairStage";
import { HairSvg } from "./HairSvg";
import { disposed, handTools, heldBy, type Stylist } from "./handTools";
import { drawnFirst, layAnew, ribbons } from "./ribbons";
import { Strands3D } from "./Strands3D";
import type { ViewName } from "./views";

type Props = {
  head: HeadData;
  data: InHandData;
  cut: Cut;
  /** Who cuts, and from where. */
  stylist: Stylist;
  /** From 1; of the bites that are drawn. */
  bite: number;
  /** Grows with every press of "play". */
  played: number;
  /** Lengths at every vertex of the scalp before and after the move. */
  before: Float32Array;
  after: Float32Array;
  view: ViewName;
  viewTurn: number;
  above: number;
  label: string;
};

/** Hair while it is cut: this bite in the hand, the ones before it fallen, the rest out of the way. */
export function InHand3D(props: Props) {
  return (
    <div className="relative h-full w-full" data-testid="in-hand">
      <HairStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        above={props.above}
        instead={<Drawn {...props} />}
      >
        <Acted {...props} />
      </HairStage>
    </div>
  );
}

/** Where nothing is drawn in 3D: the bite in the hand, from where it is cut. */
function Drawn({ head, data, bite, view, label }: Props) {
  const fall = useMemo(() => hairAt(data, { bite, stage: HELD }), [data, bite]);
  return <HairSvg head={head} fall={fall} view={view} label={label} />;
}

function Acted({ head, data, cut, stylist, bite, played, before, after }: Props) {
  const { invalidate, advance } = useThree();
  const hair = useMemo(() => ribbons(data.before), [data]);
  useEffect(() => () => hair.dispose(), [hair]);
  const strands = useMemo(() => Array.from(data.bite, (_, s) => s), [data]);
  const cutOnes = useMemo(() => strands.filter((s) => (data.bite[s] as number) > 0), [strands, data]);
  const skin = useMemo(() => bitesOfSkin(data, head.scalp.points), [data, head]);
  const begun = useRef<number | null>(null);
  const laid = useRef<THREE.BufferGeometry | null>(null);
  const { lines } = data.before.reading;
  const held = useMemo(() => heldBy(cut), [cut]);
  const guardMm = cut.kind === "guard" || cut.kind === "fade" ? 4 : 0;
  const line = lines[Math.max(0, bite - 1)];
  const [open, closed] = useMemo(() => {
    if (!line) return [];
    return [1, 0].map((o) => handTools(held, line.edge, line.out, stylist, o, guardMm));
  }, [held, line, stylist, guardMm]);
  useEffect(
    () => () => {
      for (const g of [open, closed]) if (g) disposed(g);
    },
    [open, closed],
  );
  const inBite = useMemo(() => cutOnes.filter((s) => data.bite[s] === bite), [cutOnes, data, bite]);
  const stage = (now: Moment, of: number[]) => {
    const { points } = data.before;
    if (lines.length > 0) {
      layAnew(hair, of, points, (s, out) => strandAt(data, s, now, out));
    } else {
      // Nothing is held: what the move leaves is shown.
      layAnew(hair, strands, points, (s, out) =>
        out.set(data.after.subarray(s * out.length, (s + 1) * out.length)),
      );
    }
    if (open) open.visible = now.stage >= 0.5 && now.stage < 1.6;
    if (closed) closed.visible = now.stage >= 1.6 && now.stage < 2.3;
  };
  const acted = useRef(stage);
  acted.current = stage;
  // biome-ignore lint/correctness/useExhaustiveDependencies: another bite, or other hair, is laid at once
  useLayoutEffect(() => {
    begun.current = null;
    drawnFirst(hair, inBite);
    acted.current({ bite, stage: HELD }, laid.current === hair ? cutOnes : strands);
    laid.current = hair;
    performance.mark("kite-bite");
    advance(performance.now());
  }, [bite, data, hair, open, advance]);
  useEffect(() => {
    if (played === 0) return;
    begun.current = performance.now();
    invalidate();
  }, [played, invalidate]);
  useFrame(() => {
    if (begun.current === null) return;
    const ms = performance.now() - begun.current;
    if (ms > PLAYED_MS + 500) {
      begun.current = null;
      acted.current({ bite, stage: HELD }, inBite);
      performance.mark("kite-bite-played");
    } else acted.current({ bite, stage: Math.min(FALLEN, playedTo(ms)) }, inBite);
    invalidate();
  }, -1);
  const lengths = useMemo(
    () =>
      before.map((mm, v) => {
        const of = skin[v] as number;
        return lines.length === 0 || (of > 0 && of < bite) ? (after[v] as number) : mm;
      }),
    [before, after, skin, bite, lines],
  );
  return (
    <>
      <Strands3D head={head} fall={data.before} lengths={lengths} hair={hair} />
      {open && <primitive object={open} />}
      {closed && <primitive object={closed} />}
    </>
  );
}
