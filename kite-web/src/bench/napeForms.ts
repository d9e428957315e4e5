import { worded } from "../words/worded";

export const NAPE_FORMS = [
  ["natural", worded("napeForms.as-it-grows")],
  ["square", worded("napeForms.square")],
  ["rounded", worded("napeForms.rounded")],
  ["pointed", worded("napeForms.to-a-point")],
] as const;
