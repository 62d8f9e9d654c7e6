/** Names under which the service worker keeps the last answer about the team's containers, and their pictures. */
const CACHES = ['bench', 'bench-photos'];

/** Forgets what was kept of the team that held the device: the next one sees only its own. */
export async function forgetTeam(): Promise<void> {
  if ('caches' in window) await Promise.all(CACHES.map((name) => caches.delete(name)));
}
