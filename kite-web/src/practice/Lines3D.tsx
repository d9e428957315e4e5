import { useThree } from "@react-three/fiber";
import { useEffect, useMemo } from "react";
import * as THREE from "three";
import type { MeshData, Seams } from "../api/binary";

/** A stretch of a line on the skin: where it goes, and away from the head there. */
export type Edge = { from: THREE.Vector3; to: THREE.Vector3; out: THREE.Vector3 };

/** The blue of guides, as it is drawn on hair of any colour. */
export const GUIDE = "#5ea3e6";

/** So far off the skin that no triangle hides it. */
const OFF_MM = 1;
const HALF_WIDTH_MM = 1.1;

const at = (of: Float32Array, i: number) => new THREE.Vector3(of[3 * i], of[3 * i + 1], of[3 * i + 2]);

/** Where values at the vertices of the scalp cross some levels. */
export function crossings(mesh: MeshData, values: Float32Array, levels: number[]): Edge[] {
  const { points, normals, triangles } = mesh;
  const edges: Edge[] = [];
  for (const level of levels) {
    for (let t = 0; t < triangles.length; t += 3) {
      const cross: { p: THREE.Vector3; n: THREE.Vector3 }[] = [];
      for (let k = 0; k < 3; k++) {
        const i = triangles[t + k] as number;
        const j = triangles[t + ((k + 1) % 3)] as number;
        const [a, b] = [values[i] as number, values[j] as number];
        if (!Number.isFinite(a + b) || a < level === b < level) continue;
        const s = (level - a) / (b - a);
        cross.push({ p: at(points, i).lerp(at(points, j), s), n: at(normals, i).lerp(at(normals, j), s) });
      }
      const [one, other] = cross;
      if (one && other) edges.push({ from: one.p, to: other.p, out: one.n.add(other.n).normalize() });
    }
  }
  return edges;
}

/** The line round all that is meant, on a scalp cut along the borders of its sections. */
export function outline(seams: Seams, meant: (vertex: number) => boolean): Edge[] {
  const { points, normals, triangles } = seams.mesh;
  const once = new Map<string, [number, number]>();
  for (let t = 0; t < triangles.length; t += 3) {
    const three = [0, 1, 2].map((k) => triangles[t + k] as number);
    if (!three.every((v) => meant(seams.like[v] as number))) continue;
    for (let k = 0; k < 3; k++) {
      const [i, j] = [three[k] as number, three[(k + 1) % 3] as number];
      const key = i < j ? `${i}-${j}` : `${j}-${i}`;
      if (!once.delete(key)) once.set(key, [i, j]);
    }
  }
  return [...once.values()].map(([i, j]) => ({
    from: at(points, i),
    to: at(points, j),
    out: at(normals, i).add(at(normals, j)).normalize(),
  }));
}

const VERTEX = `
  attribute vec3 out3;
  varying float facing;
  void main() {
    vec4 seen = modelViewMatrix * vec4(position, 1.0);
    facing = dot(normalize(normalMatrix * out3), normalize(-seen.xyz));
    gl_Position = projectionMatrix * seen;
  }`;
const FRAGMENT = `
  uniform vec3 ink;
  varying float facing;
  void main() {
    if (facing < 0.02) discard;
    gl_FragColor = vec4(ink, 1.0);
  }`;

/** Lines on the skin, seen through the hair on the side that is seen. */
export function Lines3D({ edges, colour }: { edges: Edge[]; colour: string }) {
  const { invalidate } = useThree();
  const ribbons = useMemo(() => {
    const corners: number[] = [];
    const out: number[] = [];
    for (const e of edges) {
      const wide = e.to.clone().sub(e.from).cross(e.out).setLength(HALF_WIDTH_MM);
      const lift = e.out.clone().multiplyScalar(OFF_MM);
      const [a, b] = [e.from.clone().add(lift), e.to.clone().add(lift)];
      const four = [a.clone().add(wide), a.clone().sub(wide), b.clone().add(wide), b.clone().sub(wide)];
      for (const k of [0, 1, 2, 2, 1, 3]) {
        corners.push(...(four[k] as THREE.Vector3).toArray());
        out.push(...e.out.toArray());
      }
    }
    const g = new THREE.BufferGeometry();
    g.setAttribute("position", new THREE.Float32BufferAttribute(corners, 3));
    g.setAttribute("out3", new THREE.Float32BufferAttribute(out, 3));
    return g;
  }, [edges]);
  const ink = useMemo(
    () =>
      new THREE.ShaderMaterial({
        vertexShader: VERTEX,
        fragmentShader: FRAGMENT,
        uniforms: { ink: { value: new THREE.Color().setStyle(colour, THREE.LinearSRGBColorSpace) } },
        depthTest: false,
        transparent: true,
        side: THREE.DoubleSide,
      }),
    [colour],
  );
  useEffect(() => {
    invalidate();
    return () => ribbons.dispose();
  }, [ribbons, invalidate]);
  useEffect(() => () => ink.dispose(), [ink]);
  return <mesh geometry={ribbons} material={ink} frustumCulled={false} renderOrder={6} />;
}
