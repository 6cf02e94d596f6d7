import { atom } from "nanostores";

/** A newer version of the application is on this device and waits until nobody is in the middle of anything. */
export const newerVersion = atom(false);

let waiting: ServiceWorker | null = null;
let began = false;

/** Has the application kept on this device, and hears of newer versions. Once a page. */
export function keepApplication(): void {
  if (began || typeof navigator === "undefined" || !("serviceWorker" in navigator)) return;
  began = true;
  void navigator.serviceWorker
    .register("/sw.js")
    .then((registration) => {
      const look = (worker: ServiceWorker | null) => {
        if (!worker) return;
        const ready = () => {
          // The first one takes over by itself: there is no older version that a page could be in the middle of.
          if (worker.state !== "installed" || !navigator.serviceWorker.controller) return;
          waiting = worker;
          newerVersion.set(true);
        };
        ready();
        worker.addEventListener("statechange", ready);
      };
      look(registration.waiting);
      registration.addEventListener("updatefound", () => look(registration.installing));
      document.addEventListener("visibilitychange", () => {
        if (document.visibilityState === "visible") void registration.update().catch(() => undefined);
      });
    })
    // A browser that keeps nothing for this page, or an address without TLS: it works with a signal only.
    .catch(() => undefined);
}

/** Loads the newer version. What waits to be sent is kept, and goes out from there. */
export function loadNewerVersion(): void {
  navigator.serviceWorker.addEventListener("controllerchange", () => location.reload(), { once: true });
  waiting?.postMessage("take over");
}
