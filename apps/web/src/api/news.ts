import { type InvestigationNews, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { MOST_NEWS } from '@bright-sprout/contracts/live';
import { type ScreenNews, type ScreenView } from '@bright-sprout/contracts/answers/screens';
import { type QueryClient } from '@tanstack/react-query';
import { request } from './client';

/** What came: ids of checks and of pictures, and whether something beside them changed. */
export interface WhatCame {
  checks: readonly string[];
  photos: readonly string[];
  about: boolean;
}

const LIST = ['investigations'];
const one = (id: string) => ['investigations', id];

/** How long an answer that is under way is waited for before it is looked at again. */
const UNDER_WAY_MS = 200;

/**
 * Asks for what came of an investigation and puts it beside what is shown of it already; everything is asked for anew only where so
 * much came. An answer that is under way may not have it yet, and is waited for: asked for anew with every check of a lesson it
 * would never come.
 */
export async function takeNews(client: QueryClient, id: string, { checks, photos, about }: WhatCame): Promise<void> {
  if (checks.length > MOST_NEWS || photos.length > MOST_NEWS) return askAnew(client, id);
  const keys = [LIST, one(id)];
  while (keys.some((queryKey) => client.isFetching({ queryKey, exact: true }) > 0))
    await new Promise((next) => setTimeout(next, UNDER_WAY_MS));
  if (keys.every((queryKey) => client.getQueryData(queryKey) === undefined)) return;
  const query = new URLSearchParams();
  if (checks.length > 0) query.set('checks', checks.join(','));
  if (photos.length > 0) query.set('photos', photos.join(','));
  if (about) query.set('about', '1');
  try {
    const news = await request<InvestigationNews>('GET', `/investigations/${id}/news?${query.toString()}`);
    client.setQueryData<InvestigationRecords>(one(id), (before) => before && withNews(before, news));
    client.setQueryData<InvestigationRecords[]>(LIST, (before) =>
      before?.map((r) => (r.investigation.id === id ? withNews(r, news) : r)),
    );
  } catch {
    await askAnew(client, id);
  }
}

async function askAnew(client: QueryClient, id: string): Promise<void> {
  await Promise.all([LIST, one(id)].map((queryKey) => client.invalidateQueries({ queryKey, exact: true })));
}

/** The same for a screen, which is told of checks alone. */
export async function takeScreenNews(client: QueryClient, { checks }: WhatCame): Promise<void> {
  for (const [queryKey, shown] of client.getQueriesData<ScreenView>({ queryKey: ['screen'] })) {
    if (!shown) continue;
    try {
      if (checks.length > MOST_NEWS) throw new Error('too many');
      const path = `/screens/${encodeURIComponent(String(queryKey[1]))}/news?checks=${checks.join(',')}`;
      const { readings } = await request<ScreenNews>('GET', path);
      client.setQueryData<ScreenView>(
        queryKey,
        (before) => before && { ...before, readings: added(before.readings, readings, containersOf(before), whenRead) },
      );
    } catch {
      await client.invalidateQueries({ queryKey });
    }
  }
}

const containersOf = ({ investigation }: { investigation: { containers: readonly { id: string }[] } }) =>
  new Set(investigation.containers.map((c) => c.id));
const whenRead = (reading: { recordedAt: string; id: string }) => `${reading.recordedAt} ${reading.id}`;

/** Records with what came since; lists into which nothing came stay the same lists. */
export function withNews(
  before: InvestigationRecords,
  { investigation: changed, readings, photos }: InvestigationNews,
): InvestigationRecords {
  const investigation = changed ?? before.investigation;
  const there = containersOf({ investigation });
  return {
    investigation,
    readings: added(before.readings, readings, there, whenRead),
    photos: added(before.photos, photos, there, (p) => `${p.day} ${p.id}`),
  };
}

function added<T extends { id: string; containerId: string }>(
  before: T[],
  came: readonly T[],
  containers: ReadonlySet<string>,
  /** What they stand in the order of. */
  place: (one: T) => string,
): T[] {
  const known = new Set(before.map((b) => b.id));
  const fresh = came.filter((c) => !known.has(c.id));
  const kept = before.filter((b) => containers.has(b.containerId));
  if (fresh.length === 0 && kept.length === before.length) return before;
  return [...kept, ...fresh].sort((a, b) => (place(a) < place(b) ? -1 : 1));
}
