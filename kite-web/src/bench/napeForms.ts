export const NAPE_FORMS = [
  ["natural", "as it grows"],
  ["square", "square"],
  ["rounded", "rounded"],
  ["pointed", "to a point"],
] as const;
