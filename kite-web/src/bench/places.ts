import { worded } from "../words/worded";

export const FACINGS = [
  ["up", worded("common.up")],
  ["down", worded("places.down")],
  ["front", worded("common.forward")],
  ["back", worded("common.back")],
  ["left", worded("places.left")],
  ["right", worded("places.right")],
] as const;
