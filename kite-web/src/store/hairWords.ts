import { worded } from "../words/worded";

/** Hair in the words of the picks (picks.json): a number is called what the pick nearest to it is called. */

const nearest = (value: number, ...picks: [at: number, name: string][]): string =>
  picks.reduce((a, b) => (Math.abs(b[0] - value) < Math.abs(a[0] - value) ? b : a))[1];

export const densityWords = (perCm2: number): string =>
  nearest(
    perCm2,
    [130, worded("hairWords.sparse")],
    [200, worded("hairWords.medium-density")],
    [270, worded("hairWords.thick")],
  );

export const thicknessWords = (diameterUm: number): string =>
  nearest(
    diameterUm,
    [52, worded("hairWords.fine")],
    [70, worded("hairWords.medium")],
    [92, worded("hairWords.coarse")],
  );

/** Of the share of its stretched length that hair dries to. */
export const curlWords = (ratio: number): string =>
  ratio > 0.96
    ? worded("hairWords.straight")
    : ratio > 0.85
      ? worded("hairWords.wavy")
      : ratio > 0.64
        ? worded("hairWords.curly")
        : worded("hairWords.coily");
