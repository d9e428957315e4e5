import { Canvas, useFrame, useThree } from "@react-three/fiber";
import { useEffect, useMemo, useRef, useState } from "react";
import * as THREE from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import type { HeadData, MeshData } from "../api/binary";
import type { Ramp } from "../api/types";
import { lengthWords, type Units } from "../store/units";
import { contourLabels, type Label } from "./contourLabels";
import { cutField } from "./cutField";
import { bandOf, lengthMaterial, skinMaterial } from "./lengthMaterial";
import { VIEWS, type ViewName } from "./views";

const DISTANCE_MM = 770;
const MIDDLE = new THREE.Vector3(0, -2, 20);
const STILL_MS = 140;
const QUICK_RATIO = 1;
const SHARP_RATIO = 2;

type Props = {
  head: HeadData;
  lengths: Float32Array;
  before: Float32Array;
  ramp: Ramp;
  view: ViewName;
  /** Grows with every press of a view's button, so that the same view can be set again. */
  viewTurn: number;
  units: Units;
  label: string;
  labelled?: boolean;
};

/** The head in three dimensions, painted with its lengths; turned by mouse, touch and arrow keys. */
export function Head3D(props: Props) {
  const [labels, setLabels] = useState<Label[]>([]);
  const [lost, setLost] = useState(false);
  return (
    <div className="relative h-full w-full" data-testid="head">
      {lost ? (
        <p className="p-6">
          This browser cannot draw the head in 3D. The profiles and the cut sheet still work.
        </p>
      ) : (
        <Canvas
          frameloop="demand"
          flat
          linear
          dpr={1}
          gl={{ antialias: false, alpha: true, preserveDrawingBuffer: false }}
          camera={{ fov: 22, near: 100, far: 2500, up: [0, 0, 1], position: [0, DISTANCE_MM, 40] }}
          onCreated={({ gl }) => gl.domElement.addEventListener("webglcontextlost", () => setLost(true))}
          fallback={<p className="p-6">This browser cannot draw the head in 3D.</p>}
          tabIndex={0}
          role="img"
          aria-label={props.label}
        >
          <Scene {...props} onLabels={setLabels} />
        </Canvas>
      )}
      {props.labelled !== false &&
        labels.map((l) => (
          <span
            key={l.level}
            data-testid="contour-label"
            className="pointer-events-none absolute rounded-full bg-base-100/90 px-1.5 font-bold text-base-content text-sm leading-5"
            style={{ left: l.x, top: l.y, transform: "translate(-50%,-50%)" }}
          >
            {lengthWords(l.level, props.units)}
          </span>
        ))}
    </div>
  );
}

function geometryOf(m: MeshData): THREE.BufferGeometry {
  const g = new THREE.BufferGeometry();
  g.setAttribute("position", new THREE.BufferAttribute(m.points, 3));
  g.setAttribute("normal", new THREE.BufferAttribute(m.normals, 3));
  g.setIndex(new THREE.BufferAttribute(m.triangles, 1));
  return g;
}

function Scene({
  head,
  lengths,
  before,
  ramp,
  view,
  viewTurn,
  onLabels,
}: Props & { onLabels: (l: Label[]) => void }) {
  const { camera, gl, invalidate, size } = useThree();
  const controls = useRef<OrbitControls | null>(null);
  const sharpened = useRef(false);
  const stillTimer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const bust = useMemo(() => geometryOf(head.bust), [head]);
  const scalp = useMemo(() => geometryOf(head.scalp), [head]);
  const skin = useMemo(() => skinMaterial("#d9bfa8"), []);
  const paint = useMemo(() => lengthMaterial(ramp), [ramp]);
  useEffect(() => () => bust.dispose(), [bust]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  useEffect(() => () => skin.dispose(), [skin]);
  useEffect(() => () => paint.dispose(), [paint]);

  useEffect(() => {
    const c = new OrbitControls(camera, gl.domElement);
    c.target.copy(MIDDLE);
    c.enablePan = false;
    c.minDistance = 420;
    c.maxDistance = 1300;
    c.addEventListener("change", () => invalidate());
    controls.current = c;
    const keys = (e: KeyboardEvent) => {
      const turn = {
        ArrowLeft: [-0.15, 0],
        ArrowRight: [0.15, 0],
        ArrowUp: [0, -0.15],
        ArrowDown: [0, 0.15],
      }[e.key];
      if (!turn) return;
      e.preventDefault();
      const s = new THREE.Spherical().setFromVector3(toYUp(camera.position.clone().sub(MIDDLE)));
      s.theta += turn[0] as number;
      s.phi = Math.min(Math.PI - 0.05, Math.max(0.05, s.phi + (turn[1] as number)));
      camera.position.copy(MIDDLE).add(toZUp(new THREE.Vector3().setFromSpherical(s)));
      c.update();
      invalidate();
    };
    const canvas = gl.domElement.parentElement?.parentElement ?? gl.domElement;
    canvas.addEventListener("keydown", keys);
    return () => {
      canvas.removeEventListener("keydown", keys);
      c.dispose();
    };
  }, [camera, gl, invalidate]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: viewTurn asks for the same view again
  useEffect(() => {
    const [x, y, z] = VIEWS[view];
    const far = size.width < size.height * 0.9 ? DISTANCE_MM * 1.2 : DISTANCE_MM;
    camera.position.copy(MIDDLE).add(new THREE.Vector3(x, y, z).normalize().multiplyScalar(far));
    controls.current?.update();
    camera.lookAt(MIDDLE);
    invalidate();
  }, [view, viewTurn, camera, invalidate, size.width, size.height]);

  useEffect(() => {
    const bands = lengths.map((l) => bandOf(l, ramp.levelsMm));
    scalp.setAttribute("band", new THREE.BufferAttribute(bands, 1));
    const cut = cutField(lengths, before, head.scalp.triangles);
    scalp.setAttribute("cut", new THREE.BufferAttribute(cut, 1));
    invalidate();
  }, [scalp, head, lengths, before, ramp, invalidate]);

  // Plain pixels while something changes; once still, drawn anew at twice the pixels, and the labels placed.
  useFrame(() => {
    if (sharpened.current) {
      sharpened.current = false;
      return;
    }
    clearTimeout(stillTimer.current);
    if (gl.getPixelRatio() !== QUICK_RATIO) {
      gl.setPixelRatio(QUICK_RATIO);
    }
    stillTimer.current = setTimeout(() => {
      onLabels(placeLabels());
      gl.setPixelRatio(SHARP_RATIO);
      sharpened.current = true;
      invalidate();
    }, STILL_MS);
    performance.mark("kite-painted");
  });
  useEffect(() => () => clearTimeout(stillTimer.current), []);

  function placeLabels(): Label[] {
    const v = new THREE.Vector3();
    const n = new THREE.Vector3();
    const { points, normals } = head.scalp;
    const vertices = Array.from({ length: points.length / 3 }, (_, i) => {
      v.set(points[3 * i] as number, points[3 * i + 1] as number, points[3 * i + 2] as number);
      n.set(normals[3 * i] as number, normals[3 * i + 1] as number, normals[3 * i + 2] as number);
      const facing = n.dot(camera.position.clone().sub(v).normalize());
      v.project(camera);
      return { x: ((v.x + 1) / 2) * size.width, y: ((1 - v.y) / 2) * size.height, facing };
    });
    return contourLabels(lengths, head.scalp.triangles, vertices, ramp.levelsMm, {
      x: size.width / 2,
      y: size.height * 0.36,
    });
  }

  return (
    <>
      <mesh geometry={bust} material={skin} />
      <mesh geometry={scalp} material={paint} />
    </>
  );
}

const toYUp = (v: THREE.Vector3) => new THREE.Vector3(v.x, v.z, -v.y);
const toZUp = (v: THREE.Vector3) => new THREE.Vector3(v.x, -v.z, v.y);
