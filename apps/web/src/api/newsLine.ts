import { type LiveEvent } from '@bright-sprout/contracts/answers/live';

const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 60_000;

/** The place in the news up to which this page knows all: of its first answer, then of the last that was told. */
let place: string | null = null;

/** An answer came that knows all up to a place: what was not told yet is asked for from the earliest on. */
export function knownUpTo(said: string | null): void {
  place ??= said;
}

export interface Heard {
  change: (event: LiveEvent) => void;
  /** So much came, or so long ago, that everything is to be asked for anew. */
  reset: () => void;
  open: (open: boolean) => void;
}

/**
 * The line of news, open until the function that it gives is called. One that breaks, or that the page left and comes back to, goes on
 * where it was: nothing is asked for anew but what came meanwhile.
 */
export function listenToNews(path: string, heard: Heard): () => void {
  // Where nothing can listen, pages show what they have asked for.
  if (typeof EventSource === 'undefined') return () => undefined;
  let source: EventSource;
  let again: ReturnType<typeof setTimeout> | undefined;
  let pause = FIRST_PAUSE_MS;
  const toldUpTo = (event: Event) => {
    const { lastEventId } = event as MessageEvent<string>;
    if (lastEventId !== '') place = lastEventId;
  };
  const listen = () => {
    source = new EventSource(`/api/v1${path}${place === null ? '' : `?after=${place}`}`);
    source.onopen = () => {
      heard.open(true);
      pause = FIRST_PAUSE_MS;
    };
    source.onerror = () => {
      heard.open(false);
      // A line that broke is opened again by the browser; one that was refused (a server that starts, a limit) by nobody.
      if (source.readyState !== EventSource.CLOSED) return;
      again = setTimeout(listen, pause);
      pause = Math.min(2 * pause, LONGEST_PAUSE_MS);
    };
    source.addEventListener('here', toldUpTo);
    source.addEventListener('reset', (event) => {
      toldUpTo(event);
      heard.reset();
    });
    source.addEventListener('change', (event) => {
      toldUpTo(event);
      heard.change(JSON.parse((event as MessageEvent<string>).data) as LiveEvent);
    });
  };
  listen();
  return () => {
    clearTimeout(again);
    source.onerror = null;
    source.close();
  };
}
