import { type ThreeEvent, useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { Fallen } from "../api/binary";
import type { FittedScan, Ramp, Spot } from "../api/types";
import { Bust3D } from "../draw/Bust3D";
import { geometryOf, HeadStage } from "../draw/HeadStage";
import { bandOf, lengthMaterial, skinMaterial } from "../draw/lengthMaterial";
import { Strands3D } from "../draw/Strands3D";
import type { ViewName } from "../draw/views";
import type { SitHead } from "../parts/readSit";
import { worded } from "../words/worded";
import { COATS, type Coat, shareOf } from "./coats";

type Props = {
  drawn: SitHead;
  coat: Coat;
  /** The hair as it hangs today, once it is known. */
  fall?: Fallen;
  ramp: Ramp;
  view: ViewName;
  viewTurn: number;
  label: string;
  /** The place whose mark is shown large. */
  marked?: string;
  /** When given, a touch of the scalp paints there. */
  paint?: (at: Spot) => void;
  scan?: FittedScan;
  /** When given, a touch of the scan marks its nearest point. */
  mark?: (pointIndex: number) => void;
};

/** A colour as it is written: the stage draws without conversion. */
const plain = (hex: string) => new THREE.Color().setStyle(hex, THREE.LinearSRGBColorSpace);
const HAIR = plain("#6b5544");

/** The head of the sit-down: hair as combed strokes or painted with a coat, landmarks, a scan over it. */
export function SitHead3D(props: Props) {
  return (
    <div className="h-full w-full" data-testid="sit-head">
      <HeadStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        instead={<p className="p-6">{worded("sitHead3D.this-browser-cannot-draw")}</p>}
      >
        {props.scan?.head === undefined && props.scan ? null : <Body {...props} coat={coatOf(props)} />}
        {props.scan && <Cloud scan={props.scan} mark={props.mark} />}
      </HeadStage>
    </div>
  );
}

/** Hair that is not known yet, or lies under a scan, is shown by how it grows. */
const coatOf = ({ coat, fall, scan }: Props): Coat => (coat === "hair" && (!fall || scan) ? "growth" : coat);

function Body({ drawn, coat, fall, ramp, marked, paint, scan }: Props) {
  const { invalidate } = useThree();
  const { head, fields, strokes, reading } = drawn;
  const scalp = useMemo(() => geometryOf(head.scalp), [head]);
  const painted = useMemo(() => lengthMaterial(ramp.colours), [ramp]);
  const lines = useMemo(() => {
    const g = new THREE.BufferGeometry();
    g.setAttribute("position", new THREE.BufferAttribute(strokes.ends, 3));
    const colours = new Float32Array(strokes.tones.length * 6);
    strokes.tones.forEach((t, i) => {
      const tone = 0.95 + 0.35 * t;
      for (let k = 0; k < 2; k++) colours.set([HAIR.r * tone, HAIR.g * tone, HAIR.b * tone], 6 * i + 3 * k);
    });
    g.setAttribute("color", new THREE.BufferAttribute(colours, 3));
    return g;
  }, [strokes]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  useEffect(() => () => lines.dispose(), [lines]);
  useEffect(() => () => painted.dispose(), [painted]);
  useEffect(() => {
    const field = fields[COATS[coat].field];
    const bands =
      coat === "length"
        ? field.map((v) => bandOf(v, ramp.levelsMm))
        : coat === "growth" || coat === "hair"
          ? field.map(() => 8.5)
          : field.map((v) => shareOf(coat, v) * (ramp.colours.length - 1));
    scalp.setAttribute("band", new THREE.BufferAttribute(bands, 1));
    scalp.setAttribute("cut", new THREE.BufferAttribute(new Float32Array(bands.length), 1));
    invalidate();
  }, [scalp, fields, coat, ramp, invalidate]);
  const touch = (e: ThreeEvent<MouseEvent>) => {
    if (!paint || e.delta > 4 || !e.face) return;
    e.stopPropagation();
    const i = e.face.a;
    paint({ azimuthDeg: fields.azimuth[i] as number, share: Math.min(1, fields.share[i] as number) });
  };
  const [x, y, z] = (marked && reading.places[marked]) || [];
  const mark = x !== undefined && y !== undefined && z !== undefined && (
    <mesh position={[x, y, z]}>
      <sphereGeometry args={[4.2, 20, 14]} />
      <meshBasicMaterial color="#b5371f" />
    </mesh>
  );
  if (coat === "hair" && fall) {
    return (
      <>
        <Strands3D head={head} fall={fall} lengths={fields.length} />
        {mark}
      </>
    );
  }
  return (
    <>
      <Bust3D mesh={head.bust} lines={head.face} skin={reading.skin} />
      {scan ? null : coat === "growth" ? (
        // biome-ignore lint/a11y/noStaticElementInteractions: a mesh of the scene; places can be named by keyboard too
        <mesh geometry={scalp} material={hairMaterial} onClick={touch} />
      ) : (
        // biome-ignore lint/a11y/noStaticElementInteractions: as above
        <mesh geometry={scalp} material={painted} onClick={touch} />
      )}
      {coat === "growth" && !scan && (
        <lineSegments geometry={lines}>
          <lineBasicMaterial vertexColors />
        </lineSegments>
      )}
      {mark}
    </>
  );
}

const hairMaterial = skinMaterial("#a58a74");

/** The points of a scan: dusk blue under the fitted skin, vermilion over it, pale where they meet it. */
function Cloud({ scan, mark }: { scan: FittedScan; mark?: (i: number) => void }) {
  const points = useMemo(() => {
    const g = new THREE.BufferGeometry();
    g.setAttribute("position", new THREE.BufferAttribute(settled(scan), 3));
    const colours = new Float32Array(scan.points.length);
    const over = plain("#b5371f");
    const under = plain("#2a5480");
    const on = plain("#f2e6c8");
    const c = new THREE.Color();
    scan.residualMm.forEach((r, i) => {
      c.copy(on).lerp(r > 0 ? over : under, Math.min(1, Math.abs(r) / 4));
      colours.set([c.r, c.g, c.b], 3 * i);
    });
    g.setAttribute("color", new THREE.BufferAttribute(colours, 3));
    return g;
  }, [scan]);
  useEffect(() => () => points.dispose(), [points]);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: points of the scene, not an element
    <points
      geometry={points}
      onClick={(e) => {
        if (!mark || e.index === undefined) return;
        e.stopPropagation();
        mark(e.index);
      }}
    >
      <pointsMaterial vertexColors size={2.6} sizeAttenuation={false} />
    </points>
  );
}

/** A scan that was not fitted is shown in the middle, as large as a head. */
function settled(scan: FittedScan): Float32Array {
  const p = Float32Array.from(scan.points);
  if (scan.head) return p;
  const min = [Infinity, Infinity, Infinity];
  const max = [-Infinity, -Infinity, -Infinity];
  p.forEach((v, i) => {
    min[i % 3] = Math.min(min[i % 3] as number, v);
    max[i % 3] = Math.max(max[i % 3] as number, v);
  });
  const extent = Math.max(...max.map((m, k) => m - (min[k] as number)));
  return p.map((v, i) => ((v - ((min[i % 3] as number) + (max[i % 3] as number)) / 2) * 260) / extent);
}
