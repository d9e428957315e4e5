import { type ThreeEvent, useThree } from "@react-three/fiber";
import { memo, type RefObject, useEffect, useMemo, useRef, useState } from "react";
import * as THREE from "three";
import type { Fallen, HeadData } from "../api/binary";
import type { Stroke, Strokes } from "../api/types";
import { CutHair3D } from "../draw/CutHair3D";
import { geometryOf, HeadStage } from "../draw/HeadStage";
import type { ViewName } from "../draw/views";
import type { SitHead } from "../parts/readSit";
import { worded } from "../words/worded";
import { layComb, useCombTool } from "./combTool";
import { type HairNow, useHairInTeeth } from "./hairInTeeth";
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

/** What the comb held is let go once what is left is drawn. */
const LET_GO_MS = 80;
/** The comb is not drawn sharp while what it cut is on its way. */
const COMB_STILL_MS = 400;
const KEY_MM_SHARE = 0.035;
const LEAN_MAX = 60;
const GAP_MAX = 60;

/** A head with its hair, and the comb that is led over it by finger, mouse, pen or keys. */
export function CombStage(props: Props) {
  const { gapMm, leanDeg, setGap, setLean, skin, startDeg, done } = props;
  const [keyed, setKeyed] = useState<{ place: SkinPlace; led: Led | null }>();
  const hair = useRef<HairNow>({ head: props.head, fall: props.fall, lengths: props.lengths });
  hair.current = { head: props.head, fall: props.fall, lengths: props.lengths };
  const letGo = useRef<() => void>(() => undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was taken is no longer held
  useEffect(() => {
    const timer = setTimeout(() => letGo.current(), LET_GO_MS);
    return () => clearTimeout(timer);
  }, [props.lengths]);
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
        <Hair
          view={props.view}
          viewTurn={props.viewTurn}
          label={props.label}
          head={props.head}
          fall={props.fall}
          lengths={props.lengths}
          {...(props.asked ? { asked: props.asked } : {})}
        />
      </div>
      <div className="absolute inset-0">
        <Comb
          view={props.view}
          viewTurn={props.viewTurn}
          label={props.label}
          skin={skin}
          teethMm={props.comb.teethMm}
          hair={hair}
          letGo={letGo}
          gapMm={gapMm}
          leanDeg={leanDeg}
          turning={props.turning}
          keyed={keyed}
          done={done}
        />
      </div>
    </section>
  );
}

type HairProps = Pick<Props, "view" | "viewTurn" | "label" | "head" | "fall" | "lengths" | "asked">;

const Hair = memo(function Hair({ view, viewTurn, label, head, fall, lengths, asked }: HairProps) {
  return (
    <HeadStage view={view} viewTurn={viewTurn} label={label} linked movingRatio={0.5} instead={null}>
      <CutHair3D head={head} fall={fall} lengths={lengths} />
      {asked && <Lines3D edges={asked} colour={GUIDE} />}
    </HeadStage>
  );
});

type CombProps = LedProps & Pick<Props, "view" | "viewTurn" | "label">;

/** What is cut is drawn on the hair's own stage: nothing of it is drawn anew on this one. */
const Comb = memo(function Comb({ view, viewTurn, label, ...led }: CombProps) {
  return (
    <HeadStage
      view={view}
      viewTurn={viewTurn}
      label={label}
      linked
      fixed={!led.turning}
      sharpRatio={1}
      sharpestRatio={1}
      stillMs={COMB_STILL_MS}
      instead={<p className="p-6">{worded("sitHead3D.this-browser-cannot-draw")}</p>}
    >
      <LedComb {...led} />
    </HeadStage>
  );
});

/** Seen by nothing but touches. */
const unseen = new THREE.MeshBasicMaterial({ colorWrite: false, depthWrite: false });

type LedProps = {
  skin: SitHead;
  teethMm: number;
  /** The hair as it is now. */
  hair: RefObject<HairNow>;
  /** Told how what the comb holds is let go. */
  letGo: RefObject<() => void>;
  gapMm: number;
  leanDeg: number;
  turning: boolean;
  keyed?: { place: SkinPlace; led: Led | null } | undefined;
  done: (s: Stroke) => void;
};

function LedComb({ skin, teethMm, hair, letGo, gapMm, leanDeg, turning, done, keyed }: LedProps) {
  const { invalidate, camera } = useThree();
  const scalp = useMemo(() => geometryOf(skin.head.scalp), [skin]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  const tool = useCombTool(teethMm);
  const led = useRef<Led | null>(null);
  const { mesh: taken, hold } = useHairInTeeth(hair, teethMm);
  letGo.current = () => {
    if (taken.geometry.drawRange.count === 0) return;
    taken.geometry.setDrawRange(0, 0);
    invalidate();
  };
  const lay = (p: SkinPlace, gap: number) => {
    layComb(tool, p, gap, leanDeg);
    hold(p, camera.position);
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
    if (!stroke) return;
    done(stroke);
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
