import { Canvas, useFrame, useThree } from "@react-three/fiber";
import { type ReactNode, useEffect, useRef, useState } from "react";
import * as THREE from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import type { MeshData } from "../api/binary";
import { VIEWS, type ViewName } from "./views";

const DISTANCE_MM = 770;
const MIDDLE = new THREE.Vector3(0, -2, 20);
const STILL_MS = 140;
const QUICK_RATIO = 1;
const SHARP_RATIO = 2;

/** How near, in mm, a touch must come to a point of a scan. */
const POINTED = { Mesh: {}, Line: { threshold: 1 }, LOD: {}, Points: { threshold: 5 }, Sprite: {} };

export type Still = (camera: THREE.Camera, size: { width: number; height: number }) => void;

type Props = {
  view: ViewName;
  /** Grows with every press of a view's button, so that the same view can be set again. */
  viewTurn: number;
  label: string;
  /** Called once the head stands still. */
  onStill?: Still;
  children: ReactNode;
  /** Said when the browser cannot draw in 3D. */
  instead: string;
};

/** Where a head is drawn and turned: by mouse, touch and arrow keys; plain while it moves, sharp at rest. */
export function HeadStage({ view, viewTurn, label, onStill, children, instead }: Props) {
  const [lost, setLost] = useState(false);
  if (lost) return <p className="p-6">{instead}</p>;
  return (
    <Canvas
      frameloop="demand"
      flat
      linear
      dpr={1}
      gl={{ antialias: false, alpha: true, preserveDrawingBuffer: false }}
      camera={{ fov: 22, near: 100, far: 2500, up: [0, 0, 1], position: [0, DISTANCE_MM, 40] }}
      raycaster={{ params: POINTED }}
      onCreated={({ gl }) => gl.domElement.addEventListener("webglcontextlost", () => setLost(true))}
      fallback={<p className="p-6">{instead}</p>}
      tabIndex={0}
      role="img"
      aria-label={label}
    >
      <Turning view={view} viewTurn={viewTurn} onStill={onStill} />
      {children}
    </Canvas>
  );
}

export function geometryOf(m: MeshData): THREE.BufferGeometry {
  const g = new THREE.BufferGeometry();
  g.setAttribute("position", new THREE.BufferAttribute(m.points, 3));
  g.setAttribute("normal", new THREE.BufferAttribute(m.normals, 3));
  g.setIndex(new THREE.BufferAttribute(m.triangles, 1));
  return g;
}

function Turning({ view, viewTurn, onStill }: Pick<Props, "view" | "viewTurn" | "onStill">) {
  const { camera, gl, invalidate, size } = useThree();
  const controls = useRef<OrbitControls | null>(null);
  const sharpened = useRef(false);
  const stillTimer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const still = useRef(onStill);
  still.current = onStill;

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

  // Plain pixels while something changes; once still, drawn anew at twice the pixels.
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
      still.current?.(camera, size);
      gl.setPixelRatio(SHARP_RATIO);
      sharpened.current = true;
      invalidate();
    }, STILL_MS);
    performance.mark("kite-painted");
  });
  useEffect(() => () => clearTimeout(stillTimer.current), []);
  return null;
}

const toYUp = (v: THREE.Vector3) => new THREE.Vector3(v.x, v.z, -v.y);
const toZUp = (v: THREE.Vector3) => new THREE.Vector3(v.x, -v.z, v.y);
