import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { MeshData } from "../api/binary";
import { geometryOf } from "./HeadStage";
import { rootsMaterial } from "./hairMaterial";
import { inkMaterial, SKIN, skinMaterial } from "./lengthMaterial";
import { useShape } from "./useShape";

/** The face on a head that is painted: brows, lids, lips, shade. */
const FACE = ["#4b3425be", "#3a3a44d7", "#93513fbe", "#78664f5f"];

/** Face, ears, neck and shoulders; in fewer triangles until the head stands still. */
export function Bust3D({
  mesh,
  lines = [],
  skin: tone = SKIN,
  face = FACE,
  hair,
}: {
  mesh: MeshData;
  lines?: MeshData[];
  skin?: string;
  face?: string[];
  /** Hair on its skin, as beard and neck: how much of it is hidden at each vertex, and by what colour. */
  hair?: { cover: Float32Array; colour: string };
}) {
  const shape = useShape(mesh);
  const cover = hair?.cover.length === mesh.points.length / 3 ? hair.cover : undefined;
  const hue = hair?.colour ?? tone;
  const skin = useMemo(() => (cover ? rootsMaterial(tone, hue) : skinMaterial(tone)), [tone, hue, cover]);
  useEffect(() => {
    if (cover) shape.setAttribute("cover", new THREE.BufferAttribute(cover, 1));
  }, [shape, cover]);
  useEffect(() => () => skin.dispose(), [skin]);
  return (
    <>
      <mesh geometry={shape} material={skin} />
      {lines.map((l, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the kinds of line are always the same
        <Ink key={i} mesh={l} colour={face[i] ?? (FACE[0] as string)} />
      ))}
    </>
  );
}

function Ink({ mesh, colour }: { mesh: MeshData; colour: string }) {
  const shape = useMemo(() => geometryOf(mesh), [mesh]);
  const ink = useMemo(() => inkMaterial(colour), [colour]);
  useEffect(() => () => shape.dispose(), [shape]);
  useEffect(() => () => ink.dispose(), [ink]);
  return <mesh geometry={shape} material={ink} renderOrder={1} />;
}
