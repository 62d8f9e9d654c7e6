/** Names under which the service worker keeps the last answer about the team's containers, and their pictures. */
const CACHES = ['bench', 'bench-photos'];

/** Forgets what was kept of the team that held the device: the next one sees only its own. */
export async function forgetTeam(): Promise<void> {
  if ('caches' in window) await Promise.all(CACHES.map((name) => caches.delete(name)));
}

/** Forgets pictures that are there no more: what was taken back goes from this device too. */
export async function forgetPictures(of: 'frames' | 'photos', there: ReadonlySet<string>): Promise<void> {
  if (!('caches' in window)) return;
  const kept = await caches.open('bench-photos');
  for (const request of await kept.keys()) {
    const [, kind, id] = /\/bench\/(frames|photos)\/([0-9a-f-]{36})/.exec(request.url) ?? [];
    if (kind === of && !there.has(id!)) await kept.delete(request);
  }
}
