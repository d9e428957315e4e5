import type * as THREE from "three";

/** How long one frame takes to be drawn to its last pixel. */
export function frameMs(gl: THREE.WebGLRenderer, scene: THREE.Scene, camera: THREE.Camera): number {
  const one = new Uint8Array(4);
  const context = gl.getContext();
  const drawn = () => {
    gl.render(scene, camera);
    context.readPixels(0, 0, 1, 1, context.RGBA, context.UNSIGNED_BYTE, one);
  };
  drawn();
  const from = performance.now();
  drawn();
  return performance.now() - from;
}
