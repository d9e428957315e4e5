import { useFrame, useThree } from "@react-three/fiber";
import { useEffect, useMemo, useRef } from "react";
import * as THREE from "three";
import type { Fallen, HeadData } from "../api/binary";
import { DRAWING } from "../api/drawing";
import { Bust3D } from "./Bust3D";
import { drawnWhole } from "./drawnShare";
import { frameMs } from "./frameTime";
import { hairMaterial, movingHairMaterial, rootsMaterial } from "./hairMaterial";
import { shine } from "./light";
import type { Light } from "./lights";
import { FIRST_SHARE, nextShare } from "./movingShare";
import { CHILDREN, ribbons } from "./ribbons";
import { useShape } from "./useShape";

type Props = {
  head: HeadData;
  fall: Fallen;
  /** Length just cut at every vertex of the scalp, for how much skin the roots hide. */
  lengths: Float32Array;
  light?: Light;
  /** Its ribbons, where who draws it moves them. */
  hair?: THREE.InstancedBufferGeometry;
};

/** A frame this quick leaves room for every strand many times over. */
const QUICK_FRAME_MS = 9;
const WIDE_MM = 3.3;
const NARROW_MM = 1.1;

/** Head and strands of fallen hair, on a stage. */
export function Strands3D({ head, fall, lengths, light = "day", hair: moved }: Props) {
  const { invalidate, gl } = useThree();
  const scalp = useShape(head.scalp);
  const hair = useMemo(() => moved ?? ribbons(fall), [moved, fall]);
  const {
    skinColour: skin,
    colour,
    pigmented,
    white,
    greyShare,
    lengths: coloured,
    rootsMm,
    part,
    pressed,
  } = fall.reading;
  const bared = useMemo(() => ({ part, pressed }), [part, pressed]);
  const roots = useMemo(() => rootsMaterial(skin, colour, bared), [skin, colour, bared]);
  const strands = useMemo(
    () => hairMaterial(pigmented, white, greyShare, 4.2, coloured, rootsMm ?? Number.MAX_SAFE_INTEGER, bared),
    [pigmented, white, greyShare, coloured, rootsMm, bared],
  );
  const moving = useMemo(() => movingHairMaterial(coloured), [coloured]);
  const mesh = useRef<THREE.Mesh>(null);
  const quick = useRef<boolean | undefined>(undefined);
  /** While it turns on a slow machine so many of the strands are drawn, each of fewer points. */
  const share = useRef(FIRST_SHARE);
  const drawnAt = useRef(0);
  useEffect(() => {
    shine(light);
    invalidate();
    return () => shine("day");
  }, [light, invalidate]);
  useEffect(() => () => (moved ? undefined : hair.dispose()), [hair, moved]);
  useEffect(() => () => roots.dispose(), [roots]);
  useEffect(() => () => strands.dispose(), [strands]);
  useEffect(() => () => moving.dispose(), [moving]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: new strands are drawn anew
  useEffect(() => {
    const grown = fall.reading.grownMm;
    const hides = fall.reading.hidesPerMm;
    const cover = lengths.map((l) => DRAWING.mostCover * (1 - Math.exp(-hides * Math.min(10, l + grown))));
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
    else {
      const now = performance.now();
      share.current = nextShare(share.current, now - drawnAt.current);
      drawnAt.current = now;
      hair.setDrawRange(fine, 6 * Math.floor((coarse * share.current) / 6));
    }
  });
  return (
    <>
      <Bust3D
        mesh={head.bust}
        lines={head.face}
        skin={skin}
        face={fall.reading.face}
        hair={{ cover: fall.besides, colour }}
      />
      <mesh geometry={scalp} material={roots} />
      <mesh ref={mesh} geometry={hair} material={strands} frustumCulled={false} />
    </>
  );
}
