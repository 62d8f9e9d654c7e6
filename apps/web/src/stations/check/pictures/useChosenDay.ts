import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { type FilmDay } from './filmDays';

/** The address follows when the hand rests for so long. */
const REST_MS = 300;

/** The day looked at stands in the address; the newest without one. */
export function useChosenDay(withPicture: readonly FilmDay[]): [number | null, (day: number) => void] {
  const [search, setSearch] = useSearchParams();
  const told = search.get('at');
  const [chosen, setChosen] = useState<number | null>(told === null ? null : Number(told));
  useEffect(() => {
    if (chosen === null || told === String(chosen)) return;
    const timer = setTimeout(
      () =>
        setSearch(
          (before) => {
            const next = new URLSearchParams(before);
            next.set('at', String(chosen));
            return next;
          },
          { replace: true },
        ),
      REST_MS,
    );
    return () => clearTimeout(timer);
  }, [chosen, told, setSearch]);
  const known = withPicture.some((d) => d.number === chosen);
  return [known ? chosen : (withPicture[withPicture.length - 1]?.number ?? null), setChosen];
}
