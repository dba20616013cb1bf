/** A page that was loaded anew because a part of it was gone is not loaded anew again within this time; milliseconds. */
const ONCE_IN = 60_000;
/** How long a newer shell is waited for before the page is loaded anew without one; milliseconds. */
const PATIENCE = 15_000;
const LOADED_ANEW = 'pelvo.loaded-anew';

/**
 * Keeps the shell on the device, so that a reload in the kitchen works without a network. A newer one that has been fetched takes over when a
 * page is loaded, before anything is done on it: a tab that is never closed would keep the old one for weeks, and what the server says by
 * then may be more than it has words for. Pages that are open keep theirs, until a part that they come to need is gone.
 */
export function keepShell(): void {
  const serviceWorker = 'serviceWorker' in navigator ? navigator.serviceWorker : null;
  window.addEventListener('vite:preloadError', (event) => {
    const before = Number(sessionStorage.getItem(LOADED_ANEW) ?? 0);
    if (!navigator.onLine || Date.now() - before < ONCE_IN) return;
    // It is not told as a failure: what stands in for the screen meanwhile says that a newer one is coming.
    event.preventDefault();
    sessionStorage.setItem(LOADED_ANEW, String(Date.now()));
    void newerOf(serviceWorker).then((newer) => (newer ? takeOver(serviceWorker!, newer) : location.reload()));
  });
  if (serviceWorker) window.addEventListener('load', () => void start(serviceWorker));
}

/** Whether a part of this page was gone a moment ago, and a newer shell is being waited for. */
export const beingReplaced = (): boolean => Date.now() - Number(sessionStorage.getItem(LOADED_ANEW) ?? 0) < PATIENCE;

async function start(serviceWorker: ServiceWorkerContainer): Promise<void> {
  // Without it everything works but for a reload without a network.
  const registration = await serviceWorker.register('/sw.js').catch(() => null);
  if (!registration) return;
  if (registration.waiting && serviceWorker.controller) takeOver(serviceWorker, registration.waiting);
  // A tablet that stays open all term asks whenever it is taken up.
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') void registration.update().catch(() => undefined);
  });
}

function takeOver(serviceWorker: ServiceWorkerContainer, newer: ServiceWorker): void {
  serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
  newer.postMessage({ type: 'SKIP_WAITING' });
}

/** A newer shell once it is all there; null where there is none, or it does not come. */
async function newerOf(serviceWorker: ServiceWorkerContainer | null): Promise<ServiceWorker | null> {
  const registration = await serviceWorker?.getRegistration().catch(() => undefined);
  await registration?.update().catch(() => undefined);
  const coming = registration?.installing;
  if (coming)
    await new Promise<void>((done) => {
      const timer = setTimeout(done, PATIENCE);
      coming.addEventListener('statechange', () => {
        if (coming.state === 'installing') return;
        clearTimeout(timer);
        done();
      });
    });
  return registration?.waiting ?? null;
}
