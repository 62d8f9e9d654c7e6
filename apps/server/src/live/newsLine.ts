import { LiveEvent } from '@bright-sprout/contracts/answers/live';
import { type MessageEvent } from '@nestjs/common';
import {
  concat,
  concatMap,
  defer,
  filter,
  finalize,
  from,
  interval,
  map,
  merge,
  Observable,
  of,
  Subject,
  switchMap,
  takeWhile,
} from 'rxjs';
import { allowed } from '../answers/allowed';
import { type ChangesService, type PlacedChange } from './changes.service';

const HEARTBEAT_MS = 20_000;
const END = 'end';

export interface Listening {
  /** The mark up to which the listener knows all; null for one who comes without. */
  after: string | null;
  /** What the listener may see of a change; null where it is not for them. */
  see: (change: PlacedChange) => Promise<LiveEvent | null> | LiveEvent | null;
  /** Whether the listener may still listen. */
  still: () => Promise<boolean>;
}

/**
 * One line of news: what was missed, then what comes. Each event carries the place up to which all was told, so that a line that broke
 * goes on where it was. A heartbeat keeps proxies from closing it, and ends it where its listener may listen no more.
 */
export function newsLine(changes: ChangesService, { after, see, still }: Listening): Observable<MessageEvent> {
  const news = defer(() => {
    // What comes while it is looked up what was missed waits until that is told.
    const early: PlacedChange[] = [];
    const coming = new Subject<PlacedChange>();
    const subscription = changes.listen().subscribe((change) => (coming.observed ? coming.next(change) : early.push(change)));
    return from(beginning(changes, after)).pipe(
      switchMap(({ first, missed, mark }) => {
        const told = new Set(missed.map((c) => c.id));
        // Only the last of what was missed says that all of it was told.
        const [last] = missed.slice(-1);
        if (last) last.mark = mark;
        const seen = concat(from(missed), merge(from(early), coming).pipe(filter((c) => !told.has(c.id)))).pipe(
          concatMap(async (change): Promise<MessageEvent | null> => {
            const event = await Promise.resolve(see(change)).catch(() => null);
            return event && { type: 'change', id: change.mark, data: allowed(LiveEvent, event) };
          }),
          filter((event) => event !== null),
        );
        return first === null ? seen : concat(of({ type: first, id: mark, data: '' }), seen);
      }),
      finalize(() => subscription.unsubscribe()),
    );
  });
  const beats = interval(HEARTBEAT_MS).pipe(
    concatMap(() => still().catch(() => true)),
    map((may): MessageEvent => ({ type: may ? 'heartbeat' : END, data: '' })),
  );
  return merge(news, beats).pipe(takeWhile((event) => event.type !== END));
}

async function beginning(changes: ChangesService, after: string | null) {
  await changes.ready();
  const mark = await changes.mark();
  if (after === null) return { first: 'here', missed: [], mark };
  const missed = await changes.since(after);
  return missed === null ? { first: 'reset', missed: [], mark } : { first: null, missed, mark };
}

/** The mark that a listener names: where its line broke, as browsers say it by themselves, or as the page does. */
export function markIn(headers: Record<string, unknown>, after: unknown): string | null {
  for (const said of [headers['last-event-id'], after])
    if (typeof said === 'string' && /^\d{1,15}(\.\d{1,15}){0,40}$/.test(said)) return said;
  return null;
}
