/** What this device is called where it is written down who did what: its kind, and four signs of its own. */

const KEY = "kite-device-name";

function kind(): string {
  const agent = navigator.userAgent;
  if (/iPad|Tablet|Android(?!.*Mobile)/.test(agent)) return "tablet";
  return /iPhone|Mobile/.test(agent) ? "phone" : "computer";
}

/** Made once a device; a device that keeps nothing is called by its kind alone. */
export function deviceName(): string {
  try {
    const known = localStorage.getItem(KEY);
    if (known) return known;
    const name = `${kind()} ${crypto.randomUUID().slice(0, 4)}`;
    localStorage.setItem(KEY, name);
    return name;
  } catch {
    return kind();
  }
}
