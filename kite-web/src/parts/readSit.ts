import { type HeadData, type MeshData, meshReader } from "../api/binary";
import type { SitReading } from "../api/types";

/** Six numbers at each scalp vertex. */
export type Field = "length" | "density" | "diameter" | "curl" | "azimuth" | "share";
const FIELDS: Field[] = ["length", "density", "diameter", "curl", "azimuth", "share"];

/** Comb strokes: two ends a segment, and its tone, −1 to 1. */
export type Strokes = { ends: Float32Array; tones: Float32Array };

export type SitHead = {
  reading: SitReading;
  head: HeadData;
  fields: Record<Field, Float32Array>;
  strokes: Strokes;
};

/** The answer's bytes (docs/formats.md); meshes left out by the server are those already here. */
export function readSit(buffer: ArrayBuffer, known?: HeadData): SitHead {
  const view = new DataView(buffer);
  const textLength = view.getUint32(0, true);
  const reading = JSON.parse(new TextDecoder().decode(new Uint8Array(buffer, 4, textLength))) as SitReading;
  const meshes = meshReader(buffer, 4 + textLength);
  const bust: MeshData = meshes.next();
  const scalp: MeshData = meshes.next();
  const face = [0, 1, 2, 3].map(() => meshes.next());
  let at = meshes.at();
  const vertices = view.getUint32(at, true);
  const all = new Float32Array(buffer, at + 4, vertices * FIELDS.length);
  at += 4 + 4 * all.length;
  const fields = Object.fromEntries(
    FIELDS.map((f, k) => [
      f,
      Float32Array.from({ length: vertices }, (_, i) => all[i * FIELDS.length + k] as number),
    ]),
  ) as Record<Field, Float32Array>;
  const segments = view.getUint32(at, true);
  const packed = new Float32Array(buffer, at + 4, segments * 7);
  const ends = new Float32Array(segments * 6);
  const tones = new Float32Array(segments);
  for (let i = 0; i < segments; i++) {
    ends.set(packed.subarray(7 * i, 7 * i + 6), 6 * i);
    tones[i] = packed[7 * i + 6] as number;
  }
  return {
    reading,
    head: bust.points.length === 0 && known ? known : { bust, scalp, face },
    fields,
    strokes: { ends, tones },
  };
}
