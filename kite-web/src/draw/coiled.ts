import type { FallData } from "../api/binary";

/** Points a turn of a coil is drawn with, and the most of a strand. */
const PER_TURN = 6;
const MOST = 40;
/** A coil widens from the root over so many turns. */
const OPENS_TURNS = 0.6;

/** Evenly spread numbers from 0 to 1 that depend on a lock alone. */
const chance = (lock: number, salt: number) => {
  const x = Math.sin(lock * 12.9898 + salt * 78.233) * 43758.5453;
  return x - Math.floor(x);
};

type Strands = Pick<FallData, "strands" | "points" | "xyz">;

/** Strands with their curls: each a helix about the way it lies, the strands of a lock at one phase. */
export function coiled(fall: FallData): Strands {
  const { radiusMm, pitchMm } = fall.reading.coil;
  if (radiusMm === 0) return fall;
  const n = fall.points;
  const { xyz } = fall;
  const h = new Float32Array(fall.strands);
  let longest = 0;
  for (let s = 0; s < fall.strands; s++) {
    const a = 3 * s * n;
    h[s] = Math.hypot(
      (xyz[a + 3] as number) - (xyz[a] as number),
      (xyz[a + 4] as number) - (xyz[a + 1] as number),
      (xyz[a + 5] as number) - (xyz[a + 2] as number),
    );
    longest = Math.max(longest, (h[s] as number) * (n - 1));
  }
  const points = Math.max(n, Math.min(MOST, 2 + Math.ceil((longest / pitchMm) * PER_TURN)));
  const out = new Float32Array(3 * fall.strands * points);
  for (let s = 0; s < fall.strands; s++) {
    const lock = fall.leader[s] as number;
    const turns = ((h[s] as number) * (n - 1)) / pitchMm;
    const begun = 2 * Math.PI * chance(lock, 1) + 0.5 * chance(s, 3);
    const hand = chance(lock, 2) < 0.5 ? -1 : 1;
    const cos0 = Math.cos(begun);
    const sin0 = Math.sin(begun);
    const u = [1, 0, 0];
    for (let k = 0; k < points; k++) {
      const at = (k / (points - 1)) * (n - 1);
      const b = Math.min(n - 2, Math.floor(at));
      const t = at - b;
      const a = 3 * (s * n + b);
      const d = [0, 1, 2].map((c) => (xyz[a + 3 + c] as number) - (xyz[a + c] as number)) as number[];
      const l = Math.hypot(d[0] as number, d[1] as number, d[2] as number) + 1e-9;
      const [dx, dy, dz] = [(d[0] as number) / l, (d[1] as number) / l, (d[2] as number) / l];
      if (k === 0) {
        const flat = Math.abs(dz) < 0.9;
        u[0] = flat ? -dy : 0;
        u[1] = flat ? dx : -dz;
        u[2] = flat ? 0 : dy;
      }
      const along = (u[0] as number) * dx + (u[1] as number) * dy + (u[2] as number) * dz;
      u[0] = (u[0] as number) - along * dx;
      u[1] = (u[1] as number) - along * dy;
      u[2] = (u[2] as number) - along * dz;
      const ul = Math.hypot(u[0], u[1], u[2]) + 1e-9;
      const [ux, uy, uz] = [u[0] / ul, u[1] / ul, u[2] / ul];
      const turn = (turns * k) / (points - 1);
      const wide = radiusMm * Math.min(1, turn / OPENS_TURNS);
      const round = begun + hand * 2 * Math.PI * turn;
      const cos = wide * (Math.cos(round) - cos0);
      const sin = wide * (Math.sin(round) - sin0);
      const q = 3 * (s * points + k);
      out[q] = (xyz[a] as number) + t * (d[0] as number) + cos * ux + sin * (dy * uz - dz * uy);
      out[q + 1] = (xyz[a + 1] as number) + t * (d[1] as number) + cos * uy + sin * (dz * ux - dx * uz);
      out[q + 2] = (xyz[a + 2] as number) + t * (d[2] as number) + cos * uz + sin * (dx * uy - dy * ux);
    }
  }
  return { strands: fall.strands, points, xyz: out };
}
