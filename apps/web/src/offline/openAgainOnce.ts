const KEY = 'opened again';

/**
 * A part of the application that could not be fetched, because a new version was put in place or the network dropped for a moment:
 * the page is opened again, once. Whatever was typed is kept on the device. Where it fails again, the page says so.
 */
export function openAgainOnce(storage: Storage = sessionStorage, reload = () => location.reload()): void {
  window.addEventListener('vite:preloadError', (event) => {
    // Without a network nothing would come back.
    if (storage.getItem(KEY) || !navigator.onLine) return;
    storage.setItem(KEY, 'yes');
    event.preventDefault();
    reload();
  });
  window.addEventListener('load', () => setTimeout(() => storage.removeItem(KEY), CALM_MS));
}

/** So long after it was opened without trouble, the page may be opened again another time. */
const CALM_MS = 20_000;
