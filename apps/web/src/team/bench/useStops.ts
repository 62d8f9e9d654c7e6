import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { benchFor } from '@bright-sprout/core/bench/benchProtocol';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { type WaitingEntry } from '../../api/outbox';
import { photosSince } from '../../entry/enteredSince';
import { type BenchInvestigation, withWaiting } from '../../records/benchRecords';
import { stateOf, type Stop, stopsOf } from './stops';

/**
 * The plants to look at on a day, in tray order: which is open, which comes next, and what is on record or waiting of each.
 * @param own all that the team has, with its records
 * @param investigation the same, with the containers that this device shows
 */
export function useStops(
  own: BenchInvestigation,
  investigation: InvestigationView,
  waiting: readonly WaitingEntry[],
  day: IsoDay,
) {
  const [search, setSearch] = useSearchParams();
  const ids = useMemo(() => new Set(investigation.containers.map((c) => c.id)), [investigation]);
  const readings = useMemo(() => withWaiting(own.readings, waiting, investigation), [own.readings, waiting, investigation]);
  const stops = stopsOf(investigation, day);
  const { bench } = investigation;
  const states = new Map(stops.map((s) => [s.name, stateOf(s, readings, benchFor(bench, s.container.treatment).plants, day)]));
  const done = (stop: Stop) => states.get(stop.name)!.done;
  const [pot, plant] = (search.get('pot') ?? '').split(' · ');
  const named = stops.filter((s) => s.container.code === pot);
  const firstOpen = stops.find((s) => !done(s));
  const stop =
    named.find((s) => s.plant === plant) ?? named.find((s) => !done(s)) ?? named[0] ?? (pot === 'done' ? undefined : firstOpen);
  const open = (name: string) => setSearch((s) => ({ ...Object.fromEntries(s), pot: name }), { replace: true });
  const [start] = useState(stop?.name);
  useEffect(() => {
    if (pot === '' && start) open(start);
    // Opening once: after that only a tap changes the pot, so that nothing jumps under a finger.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const next =
    stop && (stops.slice(stops.indexOf(stop) + 1).find((s) => !done(s)) ?? stops.find((s) => s !== stop && !done(s)) ?? null);
  return { stops, states, stop, next, done, open, readings, photos: photosSince(own.photos, waiting, ids) };
}
