import { Canvas, useFrame, useThree } from "@react-three/fiber";
import { type ReactNode, type RefObject, useEffect, useMemo, useRef, useState } from "react";
import * as THREE from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import { create } from "zustand";
import type { MeshData } from "../api/binary";
import { DRAWING } from "../api/drawing";
import { pictureAwaited } from "../store/awaited";
import { drawShare } from "./drawnShare";
import { firstDrawn } from "./firstDrawn";
import { frameMs } from "./frameTime";
import { NextSharp } from "./nextSharp";
import { pointing } from "./pointing";
import { VIEWS, type ViewName } from "./views";

/** As far off as it is turned and drawn away by hand; a narrow pane is stepped back from farther. */
const FARTHEST_MM = 1500;
const MIDDLE = new THREE.Vector3(0, 0, 8);
/** What is seen above and below the middle. */
export const HALF_MM = 165;
/** Nothing has moved for so long: the head stands still. */
const STILL_MS = 160;
/** A changed picture is awaited: looked again whether it has come after so long. */
const AWAITED_MS = 40;
/** At rest a slow machine draws so many pixels for each of the screen's, a quick one more. */
const SHARP_RATIO = 1.5;
const SHARPEST_RATIO = 2;
/** A pane narrower than this share of its height is stepped back from, at least so many times as far. */
const NARROW = 0.9;
const NARROW_FAR = 1.2;
/** A frame this quick leaves room for the sharpest. */
const QUICK_FRAME_MS = 12;

/** How near, in mm, a touch must come to a point of a scan. */
const POINTED = { Mesh: {}, Line: { threshold: 1 }, LOD: {}, Points: { threshold: 5 }, Sprite: {} };

export type Still = (camera: THREE.Camera, size: { width: number; height: number }) => void;

type Props = {
  view: ViewName;
  /** Grows with every press of a view's button, so that the same view can be set again. */
  viewTurn: number;
  label: string;
  /** Called at the first picture, and whenever the head stands still. */
  onStill?: Still;
  /** Turns together with every other linked head. */
  linked?: boolean;
  /** A finger on it does something else than turn it. */
  fixed?: boolean;
  /** Pixels drawn for each of the screen's while it turns. */
  movingRatio?: number;
  /** How long nothing has to move before it is drawn sharp. */
  stillMs?: number;
  /** Pixels drawn for each of the screen's at rest, by a slow machine. */
  sharpRatio?: number;
  /** The same by a quick one: what moves all the time is put on the screen whole with every frame. */
  sharpestRatio?: number;
  /** So many times as far off, where hair or hands stand out from the head. */
  room?: number;
  /** Seen from below as it is, and so many times as high over its middle: hair held up stays in the picture. */
  above?: number;
  /** Nothing of it is to be seen yet. */
  waits?: boolean;
  children: ReactNode;
  /** Shown when the browser cannot draw in 3D. */
  instead: ReactNode;
};

/** Where the eye of a linked head was last moved to, and which one it was. */
const useTurned = create<{ at: number[]; by: string }>(() => ({ at: [], by: "" }));

/** Whether this browser draws in 3D at all; one that says it does may still fail when it is to. */
let draws3D = typeof WebGL2RenderingContext !== "undefined";

/** Asked of the canvas it is drawn on: another one's context takes a slow machine a tenth of a second. */
const drawerOf = (failed: () => void) => (on: THREE.WebGLRendererParameters) => {
  try {
    return new THREE.WebGLRenderer({ ...on, antialias: false, alpha: true, preserveDrawingBuffer: false });
  } catch {
    draws3D = false;
    failed();
    // A renderer that never comes: what is shown instead takes its place.
    return new Promise(() => undefined) as never;
  }
};

/** Where a head is drawn and turned: by mouse, touch and arrow keys; plain while it moves, sharp at rest. */
export function HeadStage({
  view,
  viewTurn,
  label,
  onStill,
  linked,
  fixed,
  room,
  above,
  movingRatio,
  stillMs,
  sharpRatio,
  sharpestRatio,
  waits,
  children,
  instead,
}: Props) {
  const [lost, setLost] = useState(false);
  const drawer = useMemo(() => drawerOf(() => setLost(true)), []);
  const sharpNext = useRef(false);
  const flat = lost || !draws3D;
  useEffect(() => {
    if (flat) firstDrawn();
  }, [flat]);
  if (flat) return instead;
  return (
    <Canvas
      frameloop="demand"
      flat
      linear
      dpr={1}
      gl={drawer}
      camera={{ fov: 22, near: 100, far: 5000, up: [0, 0, 1], position: [0, DRAWING.eyeMm, 40] }}
      raycaster={{ params: POINTED }}
      events={pointing}
      onCreated={({ gl }) => gl.domElement.addEventListener("webglcontextlost", () => setLost(true))}
      tabIndex={0}
      role="img"
      aria-label={label}
    >
      <Turning
        view={view}
        viewTurn={viewTurn}
        onStill={onStill}
        linked={linked}
        fixed={fixed}
        room={room}
        above={above}
        movingRatio={movingRatio}
        stillMs={stillMs}
        sharpRatio={sharpRatio}
        sharpestRatio={sharpestRatio}
        waits={waits}
        sharpNext={sharpNext}
      />
      <NextSharp.Provider value={sharpNext}>{children}</NextSharp.Provider>
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

function Turning({
  view,
  viewTurn,
  onStill,
  linked,
  fixed = false,
  room = 1,
  above = 1,
  movingRatio = 1,
  stillMs = STILL_MS,
  sharpRatio = SHARP_RATIO,
  sharpestRatio = SHARPEST_RATIO,
  waits = false,
  sharpNext,
}: Omit<Props, "label" | "children" | "instead"> & { sharpNext: RefObject<boolean> }) {
  const { camera, gl, invalidate, size } = useThree();
  const controls = useRef<OrbitControls | null>(null);
  const stillTimer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const still = useRef(onStill);
  still.current = onStill;

  useEffect(() => {
    const c = new OrbitControls(camera, gl.domElement);
    c.target.copy(MIDDLE);
    c.enablePan = false;
    c.minDistance = 420;
    c.maxDistance = FARTHEST_MM;
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
      const s = new THREE.Spherical().setFromVector3(toYUp(camera.position.clone().sub(c.target)));
      s.theta += turn[0] as number;
      s.phi = Math.min(Math.PI - 0.05, Math.max(0.05, s.phi + (turn[1] as number)));
      camera.position.copy(c.target).add(toZUp(new THREE.Vector3().setFromSpherical(s)));
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

  useEffect(() => {
    if (controls.current) controls.current.enabled = !fixed;
  }, [fixed]);

  useEffect(() => {
    if (!linked) return;
    const told = () => useTurned.setState({ at: camera.position.toArray(), by: camera.uuid });
    controls.current?.addEventListener("change", told);
    const stop = useTurned.subscribe(({ at, by }) => {
      if (by === camera.uuid) return;
      camera.position.fromArray(at);
      camera.lookAt(MIDDLE);
      invalidate();
    });
    return () => {
      controls.current?.removeEventListener("change", told);
      stop();
    };
  }, [linked, camera, invalidate]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: viewTurn asks for the same view again
  useEffect(() => {
    const [x, y, z] = VIEWS[view];
    const wide = size.width / size.height;
    const narrow = wide < NARROW ? Math.max(NARROW_FAR, NARROW / wide) : 1;
    const far = DRAWING.eyeMm * narrow * room * ((above + 1) / 2);
    const middle = MIDDLE.clone().setZ(MIDDLE.z + (HALF_MM * (above - 1)) / 2);
    if (controls.current) {
      controls.current.maxDistance = Math.max(FARTHEST_MM, far);
      controls.current.target.copy(middle);
    }
    camera.position.copy(middle).add(new THREE.Vector3(x, y, z).normalize().multiplyScalar(far));
    controls.current?.update();
    camera.lookAt(middle);
    invalidate();
  }, [view, viewTurn, room, above, camera, invalidate, size.width, size.height]);

  const quick = useRef<boolean | undefined>(undefined);
  const begun = useRef(false);
  // Plain pixels while something changes; once still, drawn anew with more of them.
  useFrame(({ scene }) => {
    if (waits) {
      // What comes next is a first picture again, whatever was to be drawn sharp.
      clearTimeout(stillTimer.current);
      sharpNext.current = false;
      begun.current = false;
      return;
    }
    const ratio = Math.max(quick.current ? sharpestRatio : sharpRatio, window.devicePixelRatio);
    if (gl.getPixelRatio() !== ratio) gl.setPixelRatio(ratio);
    if (sharpNext.current) {
      sharpNext.current = false;
      drawShare(gl, size, 1);
      performance.mark("kite-sharp");
      return;
    }
    clearTimeout(stillTimer.current);
    drawShare(gl, size, Math.min(1, movingRatio / ratio));
    // What is first seen is told at once.
    if (!begun.current) still.current?.(camera, size);
    begun.current = true;
    const sharpen = () => {
      // What comes next would wait for it.
      if (pictureAwaited()) {
        stillTimer.current = setTimeout(sharpen, AWAITED_MS);
        return;
      }
      still.current?.(camera, size);
      quick.current ??= frameMs(gl, scene, camera) < QUICK_FRAME_MS;
      sharpNext.current = true;
      invalidate();
    };
    stillTimer.current = setTimeout(sharpen, stillMs);
    performance.mark("kite-painted");
    firstDrawn();
  });
  useEffect(() => () => clearTimeout(stillTimer.current), []);
  return null;
}

const toYUp = (v: THREE.Vector3) => new THREE.Vector3(v.x, v.z, -v.y);
const toZUp = (v: THREE.Vector3) => new THREE.Vector3(v.x, -v.z, v.y);
