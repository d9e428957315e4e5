/** A price as it is typed, with point or comma, in the smallest coin; nothing where none is given. */
export function cents(typed: string): number | undefined {
  const v = Number(typed.trim().replace(",", "."));
  return typed.trim() === "" || !Number.isFinite(v) ? undefined : Math.round(v * 100);
}

/** A price as it is read and typed. */
export const priced = (priceCents: number | undefined): string =>
  priceCents === undefined ? "" : (priceCents / 100).toFixed(2);
