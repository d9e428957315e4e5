import { useFrame, useThree } from "@react-three/fiber";
import { useEffect, useMemo, useRef, useState } from "react";
import * as THREE from "three";
import type { PlanDocument, Stroke, Strokes } from "../api/types";
import { CutHair3D } from "../draw/CutHair3D";
import { HeadStage } from "../draw/HeadStage";
import type { ViewName } from "../draw/views";
import { Loading } from "../frame/States";
import type { SitHead } from "../parts/readSit";
import { useHead } from "../parts/useHead";
import { useFall } from "../store/useFall";
import { useOutcome } from "../store/useOutcome";
import { worded } from "../words/worded";
import { layComb, useCombTool } from "./combTool";
import { placeAt, type SkinPlace } from "./skinPlace";
import { useSkin } from "./useSkin";

/** As many times as quick as it was led. */
const QUICKER = 1.5;
const MS = 1000;
const BESIDE = 3;

type Props = {
  /** The head and its hair, with the move the strokes belong to. */
  document: PlanDocument;
  comb: Strokes;
  view: ViewName;
  label: string;
  over: () => void;
};

/** The strokes once more: the comb goes as it was led, and what each took is gone as it ends. */
export function Replay({ document, comb, view, label, over }: Props) {
  const [ended, setEnded] = useState(0);
  const upTo = (strokes: Stroke[]) =>
    ({ ...document, moves: [{ ...document.moves[0], cut: { ...comb, strokes } }] }) as PlanDocument;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what the two are made of
  const begun = useMemo(() => upTo([]), [document, comb]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the same, so far
  const so = useMemo(() => upTo(comb.strokes.slice(0, ended)), [document, comb, ended]);
  const { head } = useHead(document);
  const { drawn } = useSkin(document);
  const { fall } = useFall(begun, 0, true);
  const { outcome } = useOutcome(so);
  const lengths = outcome?.state(outcome.count - 1);
  if (!head || !drawn || !fall || !lengths) return <Loading what={worded("common.the-hair")} />;
  return (
    <div className="relative min-h-[300px] flex-1" data-testid="replay">
      <div className="absolute inset-0" inert>
        <HeadStage view={view} viewTurn={0} label={label} linked movingRatio={0.5} instead={null}>
          <CutHair3D head={head} fall={fall} lengths={lengths} />
        </HeadStage>
      </div>
      <div className="absolute inset-0">
        <HeadStage
          view={view}
          viewTurn={0}
          label={label}
          linked
          instead={<p className="p-6">{worded("sitHead3D.this-browser-cannot-draw")}</p>}
        >
          <PlayedComb
            key={ended}
            skin={drawn}
            teethMm={comb.teethMm}
            stroke={comb.strokes[ended]}
            ended={() => (ended + 1 < comb.strokes.length ? setEnded(ended + 1) : over())}
          />
        </HeadStage>
      </div>
    </div>
  );
}

/** Places of a mesh lie a tooth or two apart: a comb led over them goes by the mean of those beside each. */
function smooth(track: SkinPlace[]): SkinPlace[] {
  return track.map((p, i) => {
    const beside = track.slice(Math.max(0, i - BESIDE), i + BESIDE + 1);
    const mean = (of: (q: SkinPlace) => THREE.Vector3) =>
      beside.reduce((sum, q) => sum.add(of(q)), new THREE.Vector3()).divideScalar(beside.length);
    return { ...p, at: mean((q) => q.at), out: mean((q) => q.out).normalize() };
  });
}

type PlayedProps = { skin: SitHead; teethMm: number; stroke: Stroke | undefined; ended: () => void };

function PlayedComb({ skin, teethMm, stroke, ended }: PlayedProps) {
  const { invalidate } = useThree();
  const tool = useCombTool(teethMm);
  const places = useMemo(
    () => smooth(stroke?.track.map((p) => placeAt(skin, p.aroundDeg, p.share)) ?? []),
    [skin, stroke],
  );
  const began = useRef(performance.now());
  const over = useRef(false);
  useEffect(() => {
    invalidate();
  }, [invalidate]);
  useFrame(() => {
    if (over.current) return;
    const track = stroke?.track ?? [];
    const first = track[0];
    const last = track.at(-1);
    const sec = ((performance.now() - began.current) / MS) * QUICKER;
    if (!first || !last || sec >= last.seconds - first.seconds) {
      over.current = true;
      ended();
      return;
    }
    const at = first.seconds + sec;
    const k = Math.max(
      1,
      track.findIndex((p) => p.seconds > at),
    );
    const a = track[k - 1] ?? first;
    const b = track[k] ?? last;
    const w = (at - a.seconds) / Math.max(1e-6, b.seconds - a.seconds);
    const [from, to] = [places[k - 1] as SkinPlace, places[k] as SkinPlace];
    layComb(
      tool,
      { ...from, at: from.at.clone().lerp(to.at, w), out: from.out.clone().lerp(to.out, w).normalize() },
      a.gapMm + w * (b.gapMm - a.gapMm),
      0,
    );
    invalidate();
  });
  return <primitive object={tool} />;
}
