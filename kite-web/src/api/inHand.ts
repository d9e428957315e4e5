import { type Fallen, fallEnd, readFall } from "./binary";
import type { InHandSaid } from "./types";

/** The ways of some of the strands: where each strand's points begin, −1 where it has none. */
type Ways = { at: Int32Array; xyz: Float32Array };

/** One move on hair: as it lies before and after it, and bite by bite in the hand. */
export type InHandData = {
  /** Before the move, a beard among it. */
  before: Fallen & { reading: InHandSaid };
  /** Strands of the scalp after it, root first, mm. */
  after: Float32Array;
  /** The bite of each strand of the scalp, from 1; 0 where the move does not cut it. */
  bite: Uint16Array;
  /** At what share of its held way it is cut. */
  cutShare: Float32Array;
  held: Ways;
  /** Out of the way until its bite comes. */
  clipped: Ways;
};

const UNITS_PER_MM = 50;
const SHARES = 65_535;

export function readInHand(buffer: ArrayBuffer): InHandData {
  const before = readFall<InHandData["before"]>(buffer);
  const strands = before.reading.strands;
  const numbers = 3 * before.points;
  let at = Math.ceil(fallEnd(buffer, before) / 4) * 4;
  const xyz = (n: number) => {
    const raw = new Int16Array(buffer, at, n * numbers);
    at += 2 * raw.length;
    return Float32Array.from(raw, (v) => v / UNITS_PER_MM);
  };
  const each = () => {
    const raw = new Uint16Array(buffer, at, strands);
    at += 2 * strands;
    return raw;
  };
  const ways = (has: Uint16Array): Ways => {
    let n = 0;
    const begin = Int32Array.from(has, (h) => (h ? numbers * n++ : -1));
    return { at: begin, xyz: xyz(n) };
  };
  const after = xyz(strands);
  const bite = each();
  const cutShare = Float32Array.from(each(), (v) => v / SHARES);
  const held = ways(bite);
  return { before, after, bite, cutShare, held, clipped: ways(each()) };
}
