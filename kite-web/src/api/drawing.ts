// Made by npm run api; change the records or the schema it is made from instead.

/** How far the eye is off in mm, how much of the skin roots hide at most, what light white hair lets through; assumptions. */
export const DRAWING = {
  eyeMm: 850,
  mostCover: 0.92,
  lightThrough: 0.9,
} as const;
