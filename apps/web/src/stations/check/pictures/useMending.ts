import { type FrameView } from '@bright-sprout/contracts/answers/films';
import { type MendFrameRequest } from '@bright-sprout/contracts/films';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 } from 'uuid';
import { request } from '../../../api/client';

type Mending = Pick<MendFrameRequest, 'kind' | 'places' | 'green' | 'radius'>;

/** Puts things right on pictures of a film; each stands on record and can be undone. */
export interface Mend {
  busy: boolean;
  error: unknown;
  /** True when it is kept. */
  add: (frameId: string, mending: Mending) => Promise<boolean>;
  undo: (mendingId: string) => Promise<boolean>;
}

export function useMending(investigationId: string): Mend {
  const client = useQueryClient();
  const [busy, setBusy] = useState(0);
  const [error, setError] = useState<unknown>(null);
  const work = async (write: () => Promise<unknown>): Promise<boolean> => {
    setBusy((n) => n + 1);
    setError(null);
    try {
      await write();
      await client.invalidateQueries({ queryKey: ['films', investigationId] });
      return true;
    } catch (thrown) {
      setError(thrown);
      return false;
    } finally {
      setBusy((n) => n - 1);
    }
  };
  return {
    busy: busy > 0,
    error,
    add: (frameId, mending) => {
      const id = v7();
      const body: MendFrameRequest = { ...mending, frameId, recordedAt: timeNow().toISOString() };
      return work(() => request<FrameView>('PUT', `/mendings/${id}`, body));
    },
    undo: (id) => work(() => request('DELETE', `/mendings/${id}`)),
  };
}
