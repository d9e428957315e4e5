import { useFrame, useThree } from "@react-three/fiber";
import { useEffect, useMemo, useRef } from "react";
import * as THREE from "three";
import type { FallData, HeadData } from "../api/binary";
import { Bust3D } from "./Bust3D";
import { drawnWhole } from "./drawnShare";
import { frameMs } from "./frameTime";
import { Ghost3D } from "./Ghost3D";
import { HairSvg } from "./HairSvg";
import { geometryOf, HeadStage } from "./HeadStage";
import { hairMaterial, movingHairMaterial, rootsMaterial } from "./hairMaterial";
import { CHILDREN, ribbons } from "./ribbons";
import type { ViewName } from "./views";

type Props = {
  head: HeadData;
  fall: FallData;
  /** Length just cut at every vertex of the scalp, for how much skin the roots hide. */
  lengths: Float32Array;
  view: ViewName;
  viewTurn: number;
  label: string;
  /** Turns together with the other head on the screen. */
  linked?: boolean;
  /** Another plan's or week's hair laid over it in outline. */
  other?: FallData;
};

/** A frame this quick leaves room for every strand many times over. */
const QUICK_FRAME_MS = 9;
/** Roots never hide the skin they stand in altogether. */
const MOST_COVER = 0.92;
const WIDE_MM = 3.3;
const NARROW_MM = 1.1;
/** While it turns on a slow machine: so many of the strands, each of fewer points, and fewer pixels. */
const MOVING_SHARE = 0.34;
const MOVING_RATIO = 0.6;
/** Every strand takes its time: the sharp picture is begun a little sooner than of a bare head. */
const STILL_MS = 80;
/** Hair is fine enough at this, and drawn within a quarter of a second of rest. */
const SHARP_RATIO = 1.25;

/** The head with its hair fallen. */
export function Hair3D(props: Props) {
  return (
    <div className="relative h-full w-full" data-testid="hair">
      <HeadStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        linked={props.linked}
        movingRatio={MOVING_RATIO}
        stillMs={STILL_MS}
        sharpRatio={SHARP_RATIO}
        instead={<HairSvg head={props.head} fall={props.fall} view={props.view} label={props.label} />}
      >
        <Strands {...props} />
        {props.other && <Ghost3D fall={props.other} />}
      </HeadStage>
    </div>
  );
}

function Strands({ head, fall, lengths }: Props) {
  const { invalidate, gl } = useThree();
  const scalp = useMemo(() => geometryOf(head.scalp), [head]);
  const hair = useMemo(() => ribbons(fall), [fall]);
  const { skin, colour, pigmented, white, greyShare } = fall.reading;
  const roots = useMemo(() => rootsMaterial(skin, colour), [skin, colour]);
  const strands = useMemo(
    () => hairMaterial(pigmented, white, greyShare, 4.2),
    [pigmented, white, greyShare],
  );
  const moving = useMemo(() => movingHairMaterial(colour), [colour]);
  const mesh = useRef<THREE.Mesh>(null);
  const quick = useRef<boolean | undefined>(undefined);
  useEffect(() => () => scalp.dispose(), [scalp]);
  useEffect(() => () => hair.dispose(), [hair]);
  useEffect(() => () => roots.dispose(), [roots]);
  useEffect(() => () => strands.dispose(), [strands]);
  useEffect(() => () => moving.dispose(), [moving]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: new strands are drawn anew
  useEffect(() => {
    const grown = fall.reading.grownMm;
    const hides = fall.reading.hidesPerMm;
    const cover = lengths.map((l) => MOST_COVER * (1 - Math.exp(-hides * Math.min(10, l + grown))));
    scalp.setAttribute("cover", new THREE.BufferAttribute(cover, 1));
    invalidate();
  }, [scalp, lengths, hair, fall.reading.grownMm, fall.reading.hidesPerMm, invalidate]);
  useFrame(({ scene, camera }) => {
    const { fine, coarse } = hair.userData as { fine: number; coarse: number };
    const ribbon = mesh.current;
    if (!ribbon) return;
    const u = strands.uniforms as Record<"halfWidth" | "hairs", THREE.IUniform<number>>;
    if (quick.current === undefined) {
      hair.setDrawRange(0, fine);
      quick.current = frameMs(gl, scene, camera) < QUICK_FRAME_MS;
      performance.mark(quick.current ? "kite-hair-children" : "kite-hair-ribbons");
    }
    const all = quick.current || drawnWhole(gl);
    ribbon.material = all ? strands : moving;
    hair.instanceCount = quick.current ? CHILDREN : 1;
    u.hairs.value = quick.current ? 3 : 7;
    u.halfWidth.value = quick.current ? NARROW_MM : WIDE_MM;
    if (all) hair.setDrawRange(0, fine);
    else hair.setDrawRange(fine, 6 * Math.floor((coarse * MOVING_SHARE) / 6));
  });
  return (
    <>
      <Bust3D mesh={head.bust} lines={head.face} skin={skin} face={fall.reading.face} />
      <mesh geometry={scalp} material={roots} />
      <mesh ref={mesh} geometry={hair} material={strands} frustumCulled={false} />
    </>
  );
}
