import { useMemo } from "react";
import type { Fallen, HeadData } from "../api/binary";
import { shaded } from "./colour";
import { axesOf, headPaths, projector, SVG_H, SVG_W } from "./HeadSvg";
import type { ViewName } from "./views";

const MOST = 1400;
const TONES = 5;

/** Fallen strands as lines from the farthest to the nearest, for browsers that draw nothing in 3D. */
export function HairSvg({
  head,
  fall,
  view,
  label,
}: {
  head: HeadData;
  fall: Fallen;
  view: ViewName;
  label: string;
}) {
  const drawn = useMemo(() => {
    const axes = axesOf(view);
    const project = projector(axes);
    const skin = headPaths(
      head,
      { kind: "kinds", tones: new Float32Array(head.scalp.points.length).fill(0.6) },
      axes,
    );
    const every = Math.max(1, Math.floor(fall.strands / MOST));
    const strands: { deep: number; d: string; fill: string }[] = [];
    for (let s = 0; s < fall.strands; s += every) {
      let deep = 0;
      let d = "";
      for (let k = 0; k < fall.points; k++) {
        const a = 3 * (s * fall.points + k);
        const p = project(fall.xyz[a] as number, fall.xyz[a + 1] as number, fall.xyz[a + 2] as number);
        deep += p.deep / fall.points;
        d += `${k ? "L" : "M"}${p.x.toFixed(1)} ${p.y.toFixed(1)}`;
      }
      const tone = 0.72 + (0.5 * ((s * 0.618034) % 1) * TONES) / TONES;
      strands.push({ deep, d, fill: shaded(fall.reading.colour, tone) });
    }
    return { skin, strands: strands.sort((p, q) => p.deep - q.deep) };
  }, [head, fall, view]);
  const behind = drawn.strands.filter((s) => s.deep < -20);
  const near = drawn.strands.filter((s) => s.deep >= -20);
  return (
    <svg
      viewBox={`0 0 ${SVG_W} ${SVG_H}`}
      className="h-full w-full"
      role="img"
      aria-label={label}
      data-testid="hair-svg"
    >
      {behind.map((s) => (
        <path key={s.d} d={s.d} fill="none" stroke={s.fill} strokeWidth={2.4} />
      ))}
      {drawn.skin.map((t) => (
        <path key={t.d} d={t.d} fill={t.fill} stroke={t.fill} strokeWidth={0.6} />
      ))}
      {near.map((s) => (
        <path key={s.d} d={s.d} fill="none" stroke={s.fill} strokeWidth={2.4} strokeLinecap="round" />
      ))}
    </svg>
  );
}
