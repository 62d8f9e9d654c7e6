import { type LiveEvent } from '@bright-sprout/contracts/answers/live';
import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { takeNews, takeScreenNews } from './news';
import { listenToNews } from './newsLine';
import { theOutbox } from './outbox';

/** What is told within so long of each other is asked for together. */
const GATHER_MS = 250;

/** Listens to the news while mounted: each change is given to `take`, which says what is to be asked for anew. True while the line is open. */
function useNews(path: string, take: (client: QueryClient, gathered: Gathered, event: LiveEvent) => void): boolean {
  const client = useQueryClient();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const gathered = new Gathered(client);
    const leave = listenToNews(path, {
      open: setOpen,
      reset: () => void client.invalidateQueries(),
      change: (event) => take(client, gathered, event),
    });
    return () => {
      leave();
      gathered.stop();
    };
  }, [client, path, take]);
  return open;
}

/** What came within a moment, to be asked for together. */
class Gathered {
  private readonly came = new Map<string, { checks: string[]; photos: string[]; about: boolean }>();
  private readonly stale = new Map<string, unknown[]>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private ask: ((id: string, came: { checks: string[]; photos: string[]; about: boolean }) => void) | null = null;

  constructor(private readonly client: QueryClient) {}

  /** Checks and pictures by their ids, and whether something beside them changed. */
  news({ kind, investigationId: id, subjectId }: LiveEvent, ask: NonNullable<Gathered['ask']>): void {
    const what = this.came.get(id!) ?? { checks: [], photos: [], about: false };
    if (kind === 'check-saved') what.checks.push(subjectId!);
    else if (kind === 'photo-saved') what.photos.push(subjectId!);
    else what.about = true;
    this.came.set(id!, what);
    this.ask = ask;
    this.wait();
  }

  /** Answers that are old now, each by the very key or by all keys that begin with it. */
  old(...keys: unknown[][]): void {
    for (const key of keys) this.stale.set(JSON.stringify(key), key);
    this.wait();
  }

  stop(): void {
    clearTimeout(this.timer);
  }

  private wait(): void {
    this.timer ??= setTimeout(() => {
      this.timer = undefined;
      for (const [id, what] of this.came) this.ask!(id, what);
      // What a team's device shows stands under one key with all else of the team below it.
      for (const queryKey of this.stale.values())
        void this.client.invalidateQueries({ queryKey, exact: queryKey.length === 1 && queryKey[0] === 'bench' });
      this.came.clear();
      this.stale.clear();
    }, GATHER_MS);
  }
}

const isNamed = ({ kind, subjectId }: LiveEvent) => subjectId !== null && (kind === 'check-saved' || kind === 'photo-saved');

/** The teacher's pages. */
export const useLive = (): boolean => useNews('/events', takeAsTeacher);

function takeAsTeacher(client: QueryClient, gathered: Gathered, event: LiveEvent): void {
  const { kind, classId, investigationId } = event;
  if (investigationId !== null && (isNamed(event) || kind === 'investigation-noted'))
    return gathered.news(event, (id, came) => void takeNews(client, id, came));
  if (kind === 'plan-changed') return gathered.old(['plans', 'of', classId], ['predictions']);
  if (kind === 'room-changed') return gathered.old(['room', classId]);
  if (kind === 'films-changed') return gathered.old(['films', investigationId]);
  if (kind === 'claims-changed') return gathered.old(['conclude', investigationId]);
  if (kind === 'together-changed') return gathered.old(['investigations', investigationId, 'together']);
  if (kind === 'screen-changed') return gathered.old(['screen-links', investigationId]);
  gathered.old(['investigations'], ['classes'], ['held']);
}

/** The pages of a team that has joined. */
export const useTeamNews = (): boolean => useNews('/bench/events', takeAsTeam);

function takeAsTeam(_client: QueryClient, gathered: Gathered, { kind, investigationId, subjectId, own }: LiveEvent): void {
  const shared = ['bench', 'investigations', investigationId];
  switch (kind) {
    case 'check-saved':
    case 'photo-saved':
      // What this very device has sent stands on it already.
      if (own && !(subjectId !== null && theOutbox().hasSent(subjectId))) gathered.old(['bench']);
      return gathered.old(shared);
    case 'together-changed':
      return gathered.old(['bench', 'together']);
    case 'claims-changed':
      return gathered.old(['bench', 'conclude']);
    case 'plan-changed':
      return gathered.old(['predictions']);
    case 'films-changed':
      return gathered.old(['bench', 'films']);
    default:
      gathered.old(['bench'], ['bench', 'conclude'], shared);
  }
}

/** A projector or a screen in the hallway. */
export const useScreenNews = (token: string): boolean => useNews(`/screens/${encodeURIComponent(token)}/events`, takeAsScreen);

function takeAsScreen(client: QueryClient, gathered: Gathered, event: LiveEvent): void {
  if (isNamed(event)) gathered.news(event, (_id, came) => void takeScreenNews(client, came));
  else gathered.old(['screen']);
}
