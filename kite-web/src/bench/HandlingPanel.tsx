import type { Handling, Move } from "../api/types";
import { change } from "../store/planStore";
import { worded } from "../words/worded";
import { Pick } from "./Pick";

const FREE = ["", worded("handlingPanel.worked-out")] as const;
const TILTS = [
  FREE,
  ["0", worded("handlingPanel.upright")],
  ["15", worded("handlingPanel.15-away")],
  ["30", worded("handlingPanel.30-away")],
  ["-15", worded("handlingPanel.15-toward")],
] as const;
const STROKES = [
  FREE,
  ["down", worded("handlingPanel.down")],
  ["up", worded("common.up")],
  ["forward", worded("common.forward")],
  ["back", worded("common.back")],
] as const;
const EARS = [
  FREE,
  ["comb", worded("handlingPanel.by-the-comb")],
  ["client", worded("handlingPanel.by-the-client")],
  ["hand", worded("handlingPanel.by-your-hand")],
] as const;
const WETTINGS = [
  FREE,
  ["none", worded("handlingPanel.nothing")],
  ["mist", worded("handlingPanel.mist")],
  ["lotion", worded("handlingPanel.cutting-lotion")],
] as const;
const ASKS = [
  ["no", worded("handlingPanel.no")],
  ["yes", worded("handlingPanel.the-client-is-asked")],
] as const;

/** How a move is done beside its cut; what is not set here is worked out. */
export function HandlingPanel({ move, index }: { move: Move; index: number }) {
  const at = ["moves", index];
  const has = move.handling ?? {};
  const set = (key: keyof Handling, value: string | number | undefined) => {
    const next = { ...has, [key]: value };
    const none = Object.values(next).every((v) => v === undefined);
    change([...at, "handling"], none ? undefined : next);
  };
  return (
    <div className="grid grid-cols-2 gap-3">
      <Pick
        label={worded("handlingPanel.before-it")}
        value={has.wetting ?? ""}
        options={WETTINGS as readonly (readonly [string, string])[]}
        onChange={(v) => set("wetting", v || undefined)}
      />
      <Pick
        label={worded("handlingPanel.head-tilted")}
        value={has.tiltDeg === undefined ? "" : String(has.tiltDeg)}
        options={tilts(has.tiltDeg)}
        onChange={(v) => set("tiltDeg", v === "" ? undefined : Number(v))}
      />
      <Pick
        label={worded("handlingPanel.strokes")}
        value={has.stroke ?? ""}
        options={STROKES as readonly (readonly [string, string])[]}
        onChange={(v) => set("stroke", v || undefined)}
      />
      <Pick
        label={worded("handlingPanel.ear-held")}
        value={has.ear ?? ""}
        options={EARS as readonly (readonly [string, string])[]}
        onChange={(v) => set("ear", v || undefined)}
      />
      <Pick
        label={worded("handlingPanel.asked-first")}
        value={move.askFirst ? "yes" : "no"}
        options={ASKS}
        onChange={(v) => change([...at, "askFirst"], v === "yes")}
      />
    </div>
  );
}

/** A tilt set elsewhere stays among the choices. */
function tilts(now?: number): readonly (readonly [string, string])[] {
  const known = TILTS as readonly (readonly [string, string])[];
  const own = now === undefined ? "" : String(now);
  return known.some(([v]) => v === own)
    ? known
    : [...known, [own, `${Math.abs(now ?? 0)}° ${(now ?? 0) > 0 ? "away" : "toward"}`]];
}
