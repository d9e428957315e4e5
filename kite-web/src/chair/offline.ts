/**
 * From the chair on, the page itself and what it asks at the start are kept on the device, so that a reload works with
 * the network gone.
 */
export function readyWithoutNetwork(planId: number): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  navigator.serviceWorker
    .register("/sw.js")
    .then(() => caches.open("kite-api"))
    .then((kept) => kept.addAll(["/api/session", "/api/ramp", `/api/plans/${planId}`]))
    .catch(() => {
      // Without the network now, or neither from this machine nor over HTTPS: what is kept already stays.
    });
}
