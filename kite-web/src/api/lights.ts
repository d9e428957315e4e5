// Made by npm run api; change the records or the schema it is made from instead.

/** Assumptions. */
export const LIGHTS = {
  day: {
    name: "in daylight",
    from: [-0.42,0.55,0.72],
    fill: 0.6,
    key: 0.32,
    tone: [1,1,1],
    shine: 1,
  },
  lamp: {
    name: "under the lamp",
    from: [0.1,1,0.22],
    fill: 0.42,
    key: 0.56,
    tone: [1.05,0.98,0.86],
    shine: 1.5,
  },
  sun: {
    name: "in the sun",
    from: [-0.8,0.5,0.3],
    fill: 0.36,
    key: 0.78,
    tone: [1.05,1.02,0.95],
    shine: 2.2,
  },
  photo: {
    name: "in a photograph",
    from: [0,0.05,1],
    fill: 0.78,
    key: 0.2,
    tone: [1,1,1],
    shine: 0.6,
  },
} as const;
