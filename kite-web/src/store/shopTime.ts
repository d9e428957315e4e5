/** Times are told as the shop's clock has them, whatever the device's says. */
let zone: string | undefined;

/** From who has signed in on, by the shop's zone. */
export function tellTimesIn(shop: string): void {
  zone = shop;
}

const told = (at: string | number, as: Intl.DateTimeFormatOptions) =>
  new Date(at).toLocaleString("en-GB", { ...as, timeZone: zone });

/** 1 Dec 2026. */
export const dayTold = (at: string) => told(at, { dateStyle: "medium" });

/** 1 Dec 2026, 14:05. */
export const momentTold = (at: string) => told(at, { dateStyle: "medium", timeStyle: "short" });

/** 14:05. */
export const timeTold = (at: string | number) =>
  told(at, { hour: "2-digit", minute: "2-digit", hour12: false });

/** Tuesday 1 December at 14:05. */
export const dayAndTimeTold = (at: string) =>
  told(at, { weekday: "long", day: "numeric", month: "long", hour: "2-digit", minute: "2-digit" });

/** Tuesday 14:05. */
export const weekdayTold = (at: string) => told(at, { weekday: "long", hour: "2-digit", minute: "2-digit" });
