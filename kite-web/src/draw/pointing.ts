import { events, type RootState } from "@react-three/fiber";

type Box = { left: number; top: number; width: number; height: number };

/** Where on a canvas a touch lies: −1 at its left and lower edge, 1 at its right and upper one. */
export const touchIn = (box: Box, touch: { clientX: number; clientY: number }): [number, number] => [
  ((touch.clientX - box.left) / box.width) * 2 - 1,
  1 - ((touch.clientY - box.top) / box.height) * 2,
];

/**
 * Touches counted against the frame round the canvas, not the canvas itself: while a head moves its canvas is
 * stretched, and a place told in the canvas's own measure would lie beside the finger.
 */
export const pointing: typeof events = (store) => ({
  ...events(store),
  compute(touch, state: RootState) {
    const frame = state.gl.domElement.parentElement ?? state.gl.domElement;
    state.pointer.set(...touchIn(frame.getBoundingClientRect(), touch));
    state.raycaster.setFromCamera(state.pointer, state.camera);
  },
});
