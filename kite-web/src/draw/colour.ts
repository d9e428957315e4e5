/** A colour darker or lighter by a factor. */
export const shaded = (hex: string, by: number): string =>
  `#${[1, 3, 5]
    .map((i) =>
      Math.round(Math.min(255, Number.parseInt(hex.slice(i, i + 2), 16) * by))
        .toString(16)
        .padStart(2, "0"),
    )
    .join("")}`;
