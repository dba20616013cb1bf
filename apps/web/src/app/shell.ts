/** A page that was just loaded anew because a part of it was gone is not loaded again within this time; milliseconds. */
const ONCE_IN = 60_000;
const LOADED_ANEW = 'pelvo.loaded-anew';

/**
 * Keeps the shell on the device, so that a reload in the kitchen works without a network. A newer one that has been fetched takes over when a
 * page is loaded, before anything is done on it: a tab that is never closed would keep the old one for weeks, and what the server says by
 * then may be more than it has words for. Pages that are open keep theirs, and load anew when a part that they come to need is gone.
 */
export function keepShell(): void {
  window.addEventListener('vite:preloadError', (event) => {
    const before = Number(sessionStorage.getItem(LOADED_ANEW) ?? 0);
    if (!navigator.onLine || Date.now() - before < ONCE_IN) return;
    event.preventDefault();
    sessionStorage.setItem(LOADED_ANEW, String(Date.now()));
    location.reload();
  });
  if (!('serviceWorker' in navigator)) return;
  const { serviceWorker } = navigator;
  window.addEventListener('load', () => void start(serviceWorker));
}

async function start(serviceWorker: ServiceWorkerContainer): Promise<void> {
  // Without it everything works but for a reload without a network.
  const registration = await serviceWorker.register('/sw.js').catch(() => null);
  if (!registration) return;
  if (registration.waiting && serviceWorker.controller) {
    serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
    registration.waiting.postMessage({ type: 'SKIP_WAITING' });
  }
  // A tablet that stays open all term asks whenever it is taken up.
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') void registration.update().catch(() => undefined);
  });
}
