import { useFrame, useThree } from "@react-three/fiber";
import { useEffect, useMemo, useRef } from "react";
import * as THREE from "three";
import type { FallData, HeadData } from "../api/binary";
import { Ghost3D } from "./Ghost3D";
import { HairSvg } from "./HairSvg";
import { geometryOf, HeadStage } from "./HeadStage";
import { hairMaterial, rootsMaterial } from "./hairMaterial";
import { SKIN, skinMaterial } from "./lengthMaterial";
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
const CHILDREN = 9;
const WIDE_MM = 3.3;
const NARROW_MM = 1.1;
/** While it turns on a slow machine: so many of the strands, so much wider. */
const MOVING_SHARE = 0.4;
const MOVING_WIDER = 1.6;

/** The head with its hair fallen. */
export function Hair3D(props: Props) {
  return (
    <div className="relative h-full w-full" data-testid="hair">
      <HeadStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        linked={props.linked}
        instead={<HairSvg head={props.head} fall={props.fall} view={props.view} label={props.label} />}
      >
        <Strands {...props} />
        {props.other && <Ghost3D fall={props.other} />}
      </HeadStage>
    </div>
  );
}

/** Strands in an order of which any first part is spread over the whole head. */
export function shuffled(n: number): Uint32Array {
  const order = new Uint32Array(n);
  let step = Math.max(1, Math.round(n * 0.618034));
  const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b));
  while (common(step, n) !== 1) step++;
  for (let i = 0; i < n; i++) order[i] = (i * step) % n;
  return order;
}

/** Every strand as a ribbon: two vertices a point, its next point, and side, place along, seed and length. */
export function ribbons(fall: FallData): THREE.InstancedBufferGeometry {
  const { strands, points, xyz } = fall;
  const position = new Float32Array(strands * points * 6);
  const next = new Float32Array(strands * points * 6);
  const info = new Float32Array(strands * points * 8);
  const index = new Uint32Array(strands * (points - 1) * 6);
  const order = shuffled(strands);
  let ix = 0;
  for (let o = 0; o < strands; o++) {
    const s = order[o] as number;
    let length = 0;
    for (let k = 1; k < points; k++) {
      const a = 3 * (s * points + k);
      length += Math.hypot(
        (xyz[a] as number) - (xyz[a - 3] as number),
        (xyz[a + 1] as number) - (xyz[a - 2] as number),
        (xyz[a + 2] as number) - (xyz[a - 1] as number),
      );
    }
    for (let k = 0; k < points; k++) {
      const a = 3 * (s * points + k);
      const last = k === points - 1;
      for (let side = 0; side < 2; side++) {
        const v = 2 * (o * points + k) + side;
        for (let c = 0; c < 3; c++) {
          const here = xyz[a + c] as number;
          position[3 * v + c] = here;
          next[3 * v + c] = last ? 2 * here - (xyz[a + c - 3] as number) : (xyz[a + c + 3] as number);
        }
        info.set([side * 2 - 1, k / (points - 1), (s * 0.618034) % 1, length], 4 * v);
      }
      if (!last && length > 0.4) {
        const v = 2 * (o * points + k);
        index.set([v, v + 1, v + 2, v + 1, v + 3, v + 2], ix);
        ix += 6;
      }
    }
  }
  const g = new THREE.InstancedBufferGeometry();
  g.setAttribute("position", new THREE.BufferAttribute(position, 3));
  g.setAttribute("next", new THREE.BufferAttribute(next, 3));
  g.setAttribute("info", new THREE.BufferAttribute(info, 4));
  const child = new Float32Array(CHILDREN * 4);
  for (let k = 1; k < CHILDREN; k++) {
    const a = k * 2.399963;
    const r = Math.sqrt(k / CHILDREN);
    child.set([r * Math.cos(a), r * Math.sin(a), ((k * 0.7548777) % 1) * 2 - 1, k / CHILDREN], 4 * k);
  }
  g.setAttribute("child", new THREE.InstancedBufferAttribute(child, 4));
  g.setIndex(new THREE.BufferAttribute(index.subarray(0, ix), 1));
  g.instanceCount = 1;
  return g;
}

function Strands({ head, fall, lengths }: Props) {
  const { invalidate, gl } = useThree();
  const bust = useMemo(() => geometryOf(head.bust), [head]);
  const scalp = useMemo(() => geometryOf(head.scalp), [head]);
  const hair = useMemo(() => ribbons(fall), [fall]);
  const skin = useMemo(() => skinMaterial(SKIN), []);
  const roots = useMemo(() => rootsMaterial(SKIN, fall.reading.colour), [fall.reading.colour]);
  const strands = useMemo(() => hairMaterial(fall.reading.colour, 4.2), [fall.reading.colour]);
  const quick = useRef<boolean | undefined>(undefined);
  useEffect(() => () => bust.dispose(), [bust]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  useEffect(() => () => hair.dispose(), [hair]);
  useEffect(() => () => skin.dispose(), [skin]);
  useEffect(() => () => roots.dispose(), [roots]);
  useEffect(() => () => strands.dispose(), [strands]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: new strands are drawn anew
  useEffect(() => {
    const grown = fall.reading.grownMm;
    const cover = lengths.map((l) => 0.8 * (1 - Math.exp(-0.14 * Math.min(10, l + grown))));
    scalp.setAttribute("cover", new THREE.BufferAttribute(cover, 1));
    invalidate();
  }, [scalp, lengths, hair, fall.reading.grownMm, invalidate]);
  useFrame(({ scene, camera }) => {
    const full = hair.index?.count ?? 0;
    const u = strands.uniforms as Record<"halfWidth" | "hairs", THREE.IUniform<number>>;
    if (quick.current === undefined) {
      quick.current = frameMs(gl, scene, camera) < QUICK_FRAME_MS;
      performance.mark(quick.current ? "kite-hair-children" : "kite-hair-ribbons");
    }
    const still = gl.getPixelRatio() > 1;
    hair.instanceCount = quick.current ? CHILDREN : 1;
    u.hairs.value = quick.current ? 3 : 7;
    const share = quick.current || still ? 1 : MOVING_SHARE;
    u.halfWidth.value = (quick.current ? NARROW_MM : WIDE_MM) * (share < 1 ? MOVING_WIDER : 1);
    hair.setDrawRange(0, 6 * Math.floor((full * share) / 6));
  });
  return (
    <>
      <mesh geometry={bust} material={skin} />
      <mesh geometry={scalp} material={roots} />
      <mesh geometry={hair} material={strands} frustumCulled={false} />
    </>
  );
}

/** How long one frame takes to be drawn to its last pixel. */
function frameMs(gl: THREE.WebGLRenderer, scene: THREE.Scene, camera: THREE.Camera): number {
  const one = new Uint8Array(4);
  const context = gl.getContext();
  const drawn = () => {
    gl.render(scene, camera);
    context.readPixels(0, 0, 1, 1, context.RGBA, context.UNSIGNED_BYTE, one);
  };
  drawn();
  const from = performance.now();
  drawn();
  return performance.now() - from;
}
