import { type LiveEvent } from '@bright-sprout/contracts/live';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';

/** Listens to the server's events while mounted and asks anew for what they name. True while the line is open. */
export function useLive(): boolean {
  const client = useQueryClient();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const source = new EventSource('/api/v1/events');
    source.onopen = () => {
      setOpen(true);
      // What happened while the line was down was told to nobody.
      void client.invalidateQueries({ queryKey: ['investigations'] });
    };
    source.onerror = () => setOpen(false);
    source.addEventListener('change', (event) => {
      const { kind, investigationId } = JSON.parse((event as MessageEvent<string>).data) as LiveEvent;
      void client.invalidateQueries({ queryKey: ['investigations'], exact: true });
      if (investigationId) void client.invalidateQueries({ queryKey: ['investigations', investigationId] });
      if (kind !== 'check-saved') {
        void client.invalidateQueries({ queryKey: ['classes'] });
        void client.invalidateQueries({ queryKey: ['held'] });
      }
    });
    return () => source.close();
  }, [client]);
  return open;
}
