import type * as THREE from "three";

/**
 * Draws in the lower left part of the canvas alone and stretches that over the whole: fewer pixels while something
 * moves, without giving the canvas another size, which costs more than to draw on it.
 *
 * @param share of the canvas's width and height; 1 is all of it
 */
export function drawShare(gl: THREE.WebGLRenderer, size: { width: number; height: number }, share: number) {
  const [w, h] = [size.width * share, size.height * share];
  gl.setViewport(0, 0, w, h);
  gl.setScissor(0, 0, w, h);
  gl.setScissorTest(share < 1);
  const style = gl.domElement.style;
  style.transformOrigin = "0 100%";
  style.transform = share < 1 ? `scale(${1 / share})` : "";
}

/** Whether the whole canvas is drawn on. */
export const drawnWhole = (gl: THREE.WebGLRenderer): boolean => !gl.getScissorTest();
