import { useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { HeadData } from "../api/binary";
import { xrayMaterial } from "./colourMaterial";
import { geometryOf } from "./HeadStage";

/** The outline of the shape before, hair straight off the skin, seen through the head. */
export function Xray3D({ head, before, colour }: { head: HeadData; before: Float32Array; colour: string }) {
  const { invalidate } = useThree();
  const shape = useMemo(() => geometryOf(head.scalp), [head]);
  const ink = useMemo(() => xrayMaterial(colour), [colour]);
  useEffect(() => {
    shape.setAttribute("before", new THREE.BufferAttribute(before, 1));
    invalidate();
  }, [shape, before, invalidate]);
  useEffect(() => () => shape.dispose(), [shape]);
  useEffect(() => () => ink.dispose(), [ink]);
  return <mesh geometry={shape} material={ink} renderOrder={3} frustumCulled={false} />;
}
