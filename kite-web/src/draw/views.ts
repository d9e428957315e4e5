/** The set views: from where the eye looks, in head axes (x to the client's right, y forward, z up). */
export const VIEWS = {
  front: [0, 1, 0.3],
  left: [-1, 0.001, 0.14],
  right: [1, 0.001, 0.14],
  back: [0, -1, 0.26],
  top: [0, -0.06, 1],
} as const satisfies Record<string, readonly [number, number, number]>;

export type ViewName = keyof typeof VIEWS;
export const VIEW_NAMES = Object.keys(VIEWS) as ViewName[];
