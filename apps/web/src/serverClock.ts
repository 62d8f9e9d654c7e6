import { runAhead } from '@bright-sprout/core/clock/clock';

/** Where the server's clock was set to another day, the page lives through the same day. */
export function keepToServerClock(): void {
  const ahead = Number(document.querySelector<HTMLMetaElement>('meta[name="clock-ahead"]')?.content ?? 0);
  if (Number.isFinite(ahead) && ahead !== 0) runAhead(ahead);
}
