import { type QueryClient } from '@tanstack/react-query';
import { Workbox } from 'workbox-window';

/** What a team's pages are made of; answers that came before the worker did are kept from the second asking on. */
const KEPT = [['bench'], ['predictions']];

/** Names the version whose page was opened again. */
const OPENED_AGAIN = 'sprout-opened-again';

/** Team pages open without a network once they were opened with one, where the browser allows it (HTTPS, or this very machine). */
export function openOffline(client: QueryClient): void {
  openAgainAfterAnUpdate();
  if (!('serviceWorker' in navigator) || !/^\/(bench|join|c)(\/|$)/i.test(location.pathname)) return;
  const first = navigator.serviceWorker.controller === null;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (first) for (const queryKey of KEPT) void client.invalidateQueries({ queryKey });
  });
  const worker = new Workbox('/sw.js');
  // A new version comes in while nobody is looking and nothing is being typed, so that nothing changes under a finger.
  worker.addEventListener('waiting', () => {
    const whenAtRest = () => {
      if (document.visibilityState !== 'hidden' || isTyping()) return;
      worker.addEventListener('controlling', () => location.reload());
      worker.messageSkipWaiting();
    };
    document.addEventListener('visibilitychange', whenAtRest);
    whenAtRest();
  });
  // A browser that lets no worker stand by shows the pages as long as there is a network.
  worker.register().catch(() => undefined);
}

/** Something stands in a field that has not been sent, or a page lies over the page. */
function isTyping(): boolean {
  const fields = document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>(
    'input:not([type=radio], [type=checkbox], [type=range]), textarea',
  );
  return document.querySelector('[role=dialog]') !== null || [...fields].some((f) => f.value !== '');
}

/** A page of the version before asks for parts that the new one does not have: it is opened again, once, and what is typed is kept. */
function openAgainAfterAnUpdate(): void {
  addEventListener('vite:preloadError', (event) => {
    const version = document.querySelector<HTMLScriptElement>('script[type=module]')?.src ?? '';
    if (sessionStorage.getItem(OPENED_AGAIN) === version) return;
    sessionStorage.setItem(OPENED_AGAIN, version);
    event.preventDefault();
    location.reload();
  });
}
