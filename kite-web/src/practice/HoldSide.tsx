import { worded } from "../words/worded";

const W = 330;
const H = 200;
const ROOT = { x: 70, y: 86 };
const HAIR_PX = 96;
const FINGERS_PX = 36;

const rad = (deg: number) => (deg * Math.PI) / 180;

/** A bite from the side: hair held so high off the skin, fingers across it. */
export function HoldSide({ elevationDeg, fingerDeg }: { elevationDeg: number; fingerDeg: number }) {
  // Nothing hangs down the head; straight out is level.
  const a = rad(90 - elevationDeg);
  const end = { x: ROOT.x + HAIR_PX * Math.cos(a), y: ROOT.y + HAIR_PX * Math.sin(a) };
  // Square to the hair; out, the upper finger lies farther from the head.
  const f = a - Math.PI / 2 + rad(fingerDeg);
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="w-full"
      role="img"
      aria-label={worded("practice.bite-from-the-side", { elevation: elevationDeg, fingers: fingerDeg })}
    >
      <path d={`M0 0 H52 Q78 86 52 ${H} H0 Z`} fill="#e3c2a4" stroke="#a5764f" strokeWidth={2} />
      {[-26, -13, 0, 13, 26].map((dy) => (
        <line
          key={dy}
          x1={66 - Math.abs(dy) * 0.12}
          y1={ROOT.y + dy}
          x2={end.x - dy * 0.5 * Math.cos(f)}
          y2={end.y - dy * 0.5 * Math.sin(f)}
          className="stroke-base-content"
          strokeWidth={2}
        />
      ))}
      <line
        x1={end.x - FINGERS_PX * Math.cos(f)}
        y1={end.y - FINGERS_PX * Math.sin(f)}
        x2={end.x + FINGERS_PX * Math.cos(f)}
        y2={end.y + FINGERS_PX * Math.sin(f)}
        className="stroke-primary"
        strokeWidth={9}
        strokeLinecap="round"
      />
    </svg>
  );
}
