import { type LiveEvent } from '@bright-sprout/contracts/live';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';

const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 60_000;

/** Listens to the server's events while mounted and asks anew for what they name. True while the line is open. */
export function useLive(): boolean {
  const client = useQueryClient();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    let source: EventSource;
    let again: ReturnType<typeof setTimeout> | undefined;
    let pause = FIRST_PAUSE_MS;
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
        const { kind, investigationId } = JSON.parse((event as MessageEvent<string>).data) as LiveEvent;
        void client.invalidateQueries({ queryKey: ['investigations'], exact: true });
        if (investigationId) void client.invalidateQueries({ queryKey: ['investigations', investigationId] });
        if (kind !== 'check-saved') {
          void client.invalidateQueries({ queryKey: ['classes'] });
          void client.invalidateQueries({ queryKey: ['held'] });
        }
      });
    };
    listen();
    return () => {
      clearTimeout(again);
      source.onerror = null;
      source.close();
    };
  }, [client]);
  return open;
}
