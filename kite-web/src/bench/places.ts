export const FACINGS = [
  ["up", "up"],
  ["down", "down"],
  ["front", "forward"],
  ["back", "back"],
  ["left", "left"],
  ["right", "right"],
] as const;
