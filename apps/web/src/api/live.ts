import { type LiveEvent } from '@bright-sprout/contracts/live';
import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { takeNews } from './news';

const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 60_000;
/** What is told within so long of each other is asked for together. */
const GATHER_MS = 250;

/** Listens to the server's events while mounted and asks anew for what they name. True while the line is open. */
export function useLive(): boolean {
  const client = useQueryClient();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    let source: EventSource;
    let again: ReturnType<typeof setTimeout> | undefined;
    let pause = FIRST_PAUSE_MS;
    const gathered = gather(client);
    const listen = () => {
      source = new EventSource('/api/v1/events');
      source.onopen = () => {
        setOpen(true);
        pause = FIRST_PAUSE_MS;
        // What happened while the line was down was told to nobody.
        void client.invalidateQueries({ queryKey: ['investigations'] });
      };
      source.onerror = () => {
        setOpen(false);
        // A line that broke is opened again by the browser; one that was refused (a server that starts, a limit) by nobody.
        if (source.readyState !== EventSource.CLOSED) return;
        again = setTimeout(listen, pause);
        pause = Math.min(2 * pause, LONGEST_PAUSE_MS);
      };
      source.addEventListener('change', (event) => {
        const change = JSON.parse((event as MessageEvent<string>).data) as LiveEvent;
        if (!gathered.add(change)) for (const queryKey of staleAfter(change)) void client.invalidateQueries({ queryKey });
      });
    };
    listen();
    return () => {
      clearTimeout(again);
      gathered.stop();
      source.onerror = null;
      source.close();
    };
  }, [client]);
  return open;
}

/** Which answers a change has made old. */
function staleAfter({ kind, classId, investigationId }: LiveEvent): unknown[][] {
  if (kind === 'plan-changed') return [['plans', 'of', classId], ['predictions']];
  if (kind === 'room-changed') return [['room', classId]];
  if (kind === 'films-changed') return [['films', investigationId]];
  if (kind === 'claims-changed') return [['conclude', investigationId]];
  if (kind === 'together-changed') return [['investigations', investigationId, 'together']];
  return [['investigations'], ['classes'], ['held']];
}

/** Changes that one thing more answers, gathered for a moment and then asked for together. */
function gather(client: QueryClient) {
  const came = new Map<string, { checks: string[]; photos: string[] }>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const ask = () => {
    timer = undefined;
    for (const [id, what] of came) void takeNews(client, id, what);
    came.clear();
  };
  return {
    /** False where it is a change of another kind. */
    add: ({ kind, investigationId, subjectId }: LiveEvent): boolean => {
      const named = subjectId !== null && (kind === 'check-saved' || kind === 'photo-saved');
      if (investigationId === null || !(named || kind === 'investigation-noted')) return false;
      const what = came.get(investigationId) ?? { checks: [], photos: [] };
      if (named) what[kind === 'check-saved' ? 'checks' : 'photos'].push(subjectId);
      came.set(investigationId, what);
      timer ??= setTimeout(ask, GATHER_MS);
      return true;
    },
    stop: () => clearTimeout(timer),
  };
}
