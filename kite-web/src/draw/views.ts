/** The set views: from where the eye looks, in head axes (x to the client's right, y forward, z up). */
export const VIEWS = {
  front: [0, 1, 0.3],
  left: [-1, 0.001, 0.14],
  right: [1, 0.001, 0.14],
  back: [0, -1, 0.26],
  top: [0, -0.06, 1],
} as const satisfies Record<string, readonly [number, number, number]>;

/** How high the middle of a head lies in its axes. */
const MIDDLE_MM = 36;

export type ViewName = keyof typeof VIEWS;
export const VIEW_NAMES = Object.keys(VIEWS) as ViewName[];

/** The set view a place of the head is seen best from; from the front where it is not known where it is. */
export function viewOn(at: readonly number[] | undefined): ViewName {
  const [x = 0, y = 0, z = 0] = at ?? [0, 1, MIDDLE_MM];
  const far = Math.hypot(x, y, z - MIDDLE_MM) || 1;
  const seen = ([vx, vy, vz]: readonly [number, number, number]) =>
    (x * vx + y * vy + (z - MIDDLE_MM) * vz) / (far * Math.hypot(vx, vy, vz));
  return VIEW_NAMES.reduce((best, v) => (seen(VIEWS[v]) > seen(VIEWS[best]) + 1e-9 ? v : best), "front");
}
