import { type ThreeEvent, useThree } from "@react-three/fiber";
import { useEffect, useMemo, useRef, useState } from "react";
import * as THREE from "three";
import type { Fallen, HeadData } from "../api/binary";
import type { Stroke, Strokes } from "../api/types";
import { geometryOf, HeadStage } from "../draw/HeadStage";
import { Strands3D } from "../draw/Strands3D";
import type { ViewName } from "../draw/views";
import type { SitHead } from "../sit/readSit";
import { worded } from "../words/worded";
import { layComb, useCombTool } from "./combTool";
import { useHairInTeeth } from "./hairInTeeth";
import { type Edge, GUIDE, Lines3D } from "./Lines3D";
import { type Led, ledOn, setDown, takenOff } from "./led";
import { placeAt, placeTouched, type SkinPlace } from "./skinPlace";

type Props = {
  /** The head as it is drawn. */
  head: HeadData;
  /** Where each place of its skin is, on a coarser mesh that is touched. */
  skin: SitHead;
  fall: Fallen;
  /** Length left at every vertex of the scalp. */
  lengths: Float32Array;
  comb: Strokes;
  gapMm: number;
  leanDeg: number;
  setLean: (deg: number) => void;
  setGap: (mm: number) => void;
  /** Where a comb by keys begins. */
  startDeg: number;
  /** Where it is to be cut: a line round it. */
  asked?: Edge[];
  view: ViewName;
  viewTurn: number;
  label: string;
  /** A finger turns the head instead. */
  turning: boolean;
  done: (s: Stroke) => void;
};

const KEY_MM_SHARE = 0.035;
const LEAN_MAX = 60;
const GAP_MAX = 60;

/** A head with its hair, and the comb that is led over it by finger, mouse, pen or keys. */
export function CombStage(props: Props) {
  const { gapMm, leanDeg, setGap, setLean, skin, startDeg, done } = props;
  const [keyed, setKeyed] = useState<{ place: SkinPlace; led: Led | null }>();
  const lean = (by: number) => setLean(Math.max(-20, Math.min(LEAN_MAX, leanDeg + by)));
  const keys = (e: React.KeyboardEvent) => {
    const now = keyed?.place ?? placeAt(skin, startDeg, 1);
    const move = (deg: number, share: number) => {
      const to = placeAt(
        skin,
        ((now.aroundDeg + deg + 540) % 360) - 180,
        Math.min(1.02, Math.max(0.2, now.share + share)),
      );
      const led = keyed?.led ? ledOn(keyed.led, to, leanDeg, performance.now()) : null;
      setKeyed({ place: to, led });
    };
    const act: Record<string, () => void> = {
      ArrowUp: () => move(0, -KEY_MM_SHARE),
      ArrowDown: () => move(0, KEY_MM_SHARE),
      ArrowLeft: () => move(-6, 0),
      ArrowRight: () => move(6, 0),
      "[": () => lean(-1),
      "]": () => lean(1),
      "-": () => setGap(Math.max(0.5, gapMm - 0.5)),
      "+": () => setGap(Math.min(GAP_MAX, gapMm + 0.5)),
      "=": () => setGap(Math.min(GAP_MAX, gapMm + 0.5)),
      Enter: () => {
        if (!keyed?.led) {
          setKeyed({ place: now, led: setDown(now, gapMm, performance.now()) });
          return;
        }
        const stroke = takenOff(keyed.led);
        setKeyed({ place: placeAt(skin, now.aroundDeg, 1), led: null });
        if (stroke) done(stroke);
      },
    };
    const of = act[e.key];
    if (!of) return;
    e.preventDefault();
    e.stopPropagation();
    of();
  };
  return (
    <section
      className="relative h-full w-full touch-none"
      data-testid="comb-stage"
      aria-label={worded("practice.keys")}
      onKeyDownCapture={keys}
      onWheel={(e) => !props.turning && lean(e.deltaY > 0 ? -1 : 1)}
    >
      {/* The hair stands still below while the comb moves over it: nothing of it is drawn anew. */}
      <div className="absolute inset-0" inert>
        <HeadStage
          view={props.view}
          viewTurn={props.viewTurn}
          label={props.label}
          linked
          movingRatio={0.5}
          instead={null}
        >
          <Strands3D head={props.head} fall={props.fall} lengths={props.lengths} />
          {props.asked && <Lines3D edges={props.asked} colour={GUIDE} />}
        </HeadStage>
      </div>
      <div className="absolute inset-0">
        <HeadStage
          view={props.view}
          viewTurn={props.viewTurn}
          label={props.label}
          linked
          fixed={!props.turning}
          instead={<p className="p-6">{worded("sitHead3D.this-browser-cannot-draw")}</p>}
        >
          <LedComb {...props} keyed={keyed} />
        </HeadStage>
      </div>
    </section>
  );
}

/** Seen by nothing but touches. */
const unseen = new THREE.MeshBasicMaterial({ colorWrite: false, depthWrite: false });

function LedComb(props: Props & { keyed?: { place: SkinPlace; led: Led | null } }) {
  const { skin, comb, gapMm, leanDeg, turning, done, keyed } = props;
  const { invalidate } = useThree();
  const scalp = useMemo(() => geometryOf(skin.head.scalp), [skin]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  const tool = useCombTool(comb.teethMm);
  const led = useRef<Led | null>(null);
  const { mesh: taken, hold } = useHairInTeeth(props.head, props.fall, props.lengths, comb.teethMm);
  const lay = (p: SkinPlace, gap: number) => {
    layComb(tool, p, gap, leanDeg);
    hold(p);
    performance.mark("kite-comb");
    invalidate();
  };
  const laid = useRef(lay);
  laid.current = lay;
  useEffect(() => {
    if (!keyed) return;
    laid.current(keyed.place, keyed.led?.points.at(-1)?.gapMm ?? gapMm);
  }, [keyed, gapMm]);
  const off = useRef(() => {});
  off.current = () => {
    const stroke = led.current && takenOff(led.current);
    led.current = null;
    if (stroke) done(stroke);
  };
  useEffect(() => {
    const up = () => off.current();
    window.addEventListener("pointerup", up);
    window.addEventListener("pointercancel", up);
    return () => {
      window.removeEventListener("pointerup", up);
      window.removeEventListener("pointercancel", up);
    };
  }, []);
  const place = (e: ThreeEvent<PointerEvent>) => (e.face ? placeTouched(skin, e.face, e.point) : null);
  return (
    <>
      <mesh
        geometry={scalp}
        material={unseen}
        onPointerDown={(e) => {
          const p = turning ? null : place(e);
          if (!p) return;
          e.stopPropagation();
          led.current = setDown(p, gapMm, performance.now());
          lay(p, gapMm);
        }}
        onPointerMove={(e) => {
          const p = turning ? null : place(e);
          if (!p) return;
          // Pressed before it came upon the head: the comb is set down where it does.
          if (!led.current && e.nativeEvent.buttons === 1) {
            led.current = setDown(p, gapMm, performance.now());
          }
          const pen = e.nativeEvent.pointerType === "pen" ? e.nativeEvent.tiltY / 2 : 0;
          if (led.current) led.current = ledOn(led.current, p, leanDeg + pen, performance.now());
          lay(p, led.current?.points.at(-1)?.gapMm ?? gapMm);
        }}
      />
      <primitive object={taken} />
      <primitive object={tool} />
    </>
  );
}
