// The program without its server: its files are kept at the first visit, and a newer edition waits until it is asked for.
import { create } from 'zustand';

type Offline = { isNewReady: boolean };
export const useOffline = create<Offline>(() => ({ isNewReady: false }));

let waiting: ServiceWorker | undefined;

/** Hears when a newer edition has come and waits behind the one that is open. */
function watch(registration: ServiceWorkerRegistration | undefined): void {
  // A browser that is told to keep nothing may give nothing.
  if (!registration) {
    return;
  }
  const tell = (): void => {
    // The very first edition takes over at once, and is no newer one.
    if (registration.waiting && navigator.serviceWorker.controller) {
      waiting = registration.waiting;
      useOffline.setState({ isNewReady: true });
    }
  };
  tell();
  registration.addEventListener('updatefound', () => {
    registration.installing?.addEventListener('statechange', tell);
  });
}

/** Keeps the program's files in the browser; where it can't, the program works as before as long as the server is there. */
export function keepForOffline(): void {
  if (import.meta.env.PROD && 'serviceWorker' in navigator) {
    navigator.serviceWorker.register('/service-worker.js').then(watch, () => undefined);
  }
}

/** Lets the newer edition take over, and opens the page in it. */
export function loadNewVersion(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload());
  waiting?.postMessage('load the new version');
}
