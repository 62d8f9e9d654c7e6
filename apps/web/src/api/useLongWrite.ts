import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { requestInLines } from './client';

/** A write that takes more than a moment: how far it is, and a way to stop it, which undoes it as a whole. */
export function useLongWrite<Answer>(path: string, ...stale: string[]) {
  const client = useQueryClient();
  const [share, setShare] = useState(0);
  const ending = useRef<AbortController | null>(null);
  const write = useMutation({
    mutationFn: async (body: () => Promise<unknown>) => {
      setShare(0);
      ending.current = new AbortController();
      const { signal } = ending.current;
      try {
        return await requestInLines<Answer>('PUT', path, await body(), { howFar: setShare, signal });
      } catch (error) {
        if (signal.aborted) return null;
        throw error;
      }
    },
    // Whoever stopped it does not want it begun again.
    retry: false,
    onSuccess: (made) => made !== null && Promise.all(stale.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
  useEffect(() => () => ending.current?.abort(), []);
  return { ...write, share, stop: () => ending.current?.abort() };
}
