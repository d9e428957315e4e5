import type { ThreeEvent } from "@react-three/fiber";
import { useEffect, useMemo, useState } from "react";
import { placeName } from "../api/names";
import type { Place, Spot } from "../api/types";
import { Bust3D } from "../draw/Bust3D";
import { geometryOf, HeadStage } from "../draw/HeadStage";
import { skinMaterial } from "../draw/lengthMaterial";
import { Pin3D } from "../draw/Pin3D";
import { useView } from "../draw/useView";
import { ViewButtons } from "../draw/ViewButtons";
import { Loading } from "../frame/States";
import type { SitHead } from "../parts/readSit";
import { worded } from "../words/worded";
import { Done } from "./Done";
import { DrillFrame } from "./DrillFrame";
import type { DrillProps } from "./drill";
import { placeAt, placeTouched } from "./skinPlace";
import { useSkin } from "./useSkin";

type Touched = Partial<Record<Place, Spot>>;
/** A touch that moved farther turned the head. */
const TURNED_PX = 5;
const STEP_DEG = 4;
const STEP_SHARE = 0.04;
/** Where a landmark is. */
const TRUE = "#2f7d4f";

/** A bald head of odd shape: where are its landmarks? */
export function FindLandmark({ task, score, panel, busy, done }: DrillProps) {
  const [{ touched, chosen }, set] = useState<{ touched: Touched; chosen: Place }>({
    touched: {},
    chosen: task.asked[0] as Place,
  });
  const { view, turn, look } = useView("right");
  const { drawn, message } = useSkin(task.document);
  // The head learns of a touch a moment later than the list beside it: the next goes by what stands by then.
  const put = (s: Spot) => {
    if (score) return;
    set((now) => {
      const all = { ...now.touched, [now.chosen]: s };
      return { touched: all, chosen: task.asked.find((p) => !all[p]) ?? now.chosen };
    });
  };
  /** Without a pointer: the pin is moved by keys. */
  const keys = (p: Place) => (e: React.KeyboardEvent) => {
    const way = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] }[e.key];
    if (!way || score) return;
    e.preventDefault();
    set((now) => {
      const at = now.touched[p] ?? { azimuthDeg: 180, share: 0.5 };
      const deg = at.azimuthDeg + (way[0] as number) * STEP_DEG;
      const share = Number((at.share + (way[1] as number) * STEP_SHARE).toFixed(4));
      const to = {
        azimuthDeg: Number((((deg + 540) % 360) - 180).toFixed(2)),
        share: Math.min(1, Math.max(0, share)),
      };
      return { ...now, touched: { ...now.touched, [p]: to } };
    });
  };
  return (
    <DrillFrame
      panel={panel}
      head={
        <>
          <div className="relative min-h-[300px] flex-1" data-testid="bald-head">
            <div className="absolute inset-0">
              {message && <p role="alert">{message}</p>}
              {drawn ? (
                <HeadStage
                  view={view}
                  viewTurn={turn}
                  label={worded("practice.head-of", { name: task.name })}
                  instead={<p className="p-6">{worded("sitHead3D.this-browser-cannot-draw")}</p>}
                >
                  <Bald drawn={drawn} put={put} />
                  {task.asked.map((p) => {
                    const s = touched[p];
                    if (!s) return null;
                    const { at } = placeAt(drawn, s.azimuthDeg, s.share);
                    return <Pin3D key={p} at={[at.x, at.y, at.z]} />;
                  })}
                  {score &&
                    task.asked.map((p) => {
                      const [x = 0, y = 0, z = 0] = drawn.reading.places[p] ?? [];
                      return <Pin3D key={p} at={[x, y, z]} colour={TRUE} />;
                    })}
                </HeadStage>
              ) : (
                <Loading what={worded("common.the-head")} />
              )}
            </div>
          </div>
          <div className="flex flex-wrap gap-1">
            <ViewButtons view={view} set={look} />
          </div>
        </>
      }
    >
      {!score && <p className="text-2xl">{worded("practice.touch", { place: placeName(chosen) })}</p>}
      <ul className="grid gap-1">
        {task.asked.map((p) => (
          <li key={p}>
            <button
              type="button"
              aria-pressed={p === chosen}
              className={`btn touch w-full justify-between px-3 text-lg ${p === chosen && !score ? "btn-neutral" : ""}`}
              onClick={() => set((now) => ({ ...now, chosen: p }))}
              onKeyDown={keys(p)}
            >
              <span>{placeName(p)}</span>
              <span>{touched[p] ? worded("practice.touched") : ""}</span>
            </button>
          </li>
        ))}
      </ul>
      <p className="soft text-sm">{worded("practice.keys-touch")}</p>
      <Done
        busy={busy}
        tried={score !== undefined}
        can={task.asked.every((p) => touched[p])}
        done={() => done({ kind: "touched", at: touched as Record<string, Spot> })}
      />
    </DrillFrame>
  );
}

function Bald({ drawn, put }: { drawn: SitHead; put: (s: Spot) => void }) {
  const scalp = useMemo(() => geometryOf(drawn.head.scalp), [drawn]);
  const skin = useMemo(() => skinMaterial(drawn.reading.skin), [drawn]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  useEffect(() => () => skin.dispose(), [skin]);
  const touch = (e: ThreeEvent<MouseEvent>) => {
    if (e.delta > TURNED_PX || !e.face) return;
    e.stopPropagation();
    const p = placeTouched(drawn, e.face, e.point);
    put({
      azimuthDeg: Number(p.aroundDeg.toFixed(2)),
      share: Number(Math.min(1, Math.max(0, p.share)).toFixed(4)),
    });
  };
  return (
    <>
      <Bust3D mesh={drawn.head.bust} lines={drawn.head.face} skin={drawn.reading.skin} />
      {/* biome-ignore lint/a11y/noStaticElementInteractions: a mesh of the scene; the list does the same by keys */}
      <mesh geometry={scalp} material={skin} onClick={touch} />
    </>
  );
}
