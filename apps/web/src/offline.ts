import { registerSW } from 'virtual:pwa-register';

/** Team pages open without a network from the second time on, where the browser allows it (HTTPS, or this very machine). */
export function openOffline(): void {
  if (!('serviceWorker' in navigator) || !/^\/(bench|join)/.test(location.pathname)) return;
  const update = registerSW({
    // A new version comes in while nobody is looking, so that nothing changes under a finger.
    onNeedRefresh: () => {
      const whenHidden = () => document.visibilityState === 'hidden' && void update(true);
      document.addEventListener('visibilitychange', whenHidden);
      whenHidden();
    },
  });
}
