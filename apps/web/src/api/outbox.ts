import { msNow } from '@bright-sprout/core/clock/clock';
import { type SaveCareRequest } from '@bright-sprout/contracts/care';
import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { type SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { type PhotoRequest } from '@bright-sprout/contracts/photos';
import { type TogetherReadingRequest } from '@bright-sprout/contracts/together';
import { createStore, del, entries, set } from 'idb-keyval';
import { useSyncExternalStore } from 'react';
import { request, ServerProblem } from './client';

/**
 * What a team enters: a look at a container, a picture of it, something done, something that went otherwise, one of these taken
 * back, or what it reads together with the class.
 */
export type Entered =
  | { kind: 'check'; body: SaveCheckRequest }
  | { kind: 'care'; body: SaveCareRequest }
  | { kind: 'deviation'; body: SaveDeviationRequest }
  | { kind: 'together'; body: TogetherReadingRequest & { of: string } }
  | { kind: 'photo'; body: { about: PhotoRequest; picture: Blob } }
  | { kind: 'care-back' | 'deviation-back' | 'photo-back'; body: { of: string } };

interface Keeping {
  id: string;
  teamId: string;
  /** Order of entering on this device. */
  at: number;
  /** Why the server would not take it; it stays here and is shown. */
  refused: string | null;
  /** The server has it; it is kept in memory so that nothing flickers until the next answer includes it. */
  confirmed: boolean;
}

/** Something entered on this device that the server has not confirmed. */
export type WaitingEntry = Entered & Keeping;
export type WaitingCheck = Extract<WaitingEntry, { kind: 'check' }>;

const RETRY_MS = 5_000;
const isUnsent = (entry: WaitingEntry) => entry.refused === null && !entry.confirmed;
const MAY_PASS_LATER = new Set([401, 408, 429]);

function send(entry: WaitingEntry): Promise<unknown> {
  switch (entry.kind) {
    case 'check':
      return request('PUT', `/bench/checks/${entry.id}`, entry.body);
    case 'care':
      return request('PUT', `/bench/care/${entry.id}`, entry.body);
    case 'deviation':
      return request('PUT', `/bench/deviations/${entry.id}`, entry.body);
    case 'photo':
      return request(
        'PUT',
        `/bench/photos/${entry.id}?${new URLSearchParams({ ...entry.body.about }).toString()}`,
        entry.body.picture,
      );
    case 'photo-back':
      return request('DELETE', `/bench/photos/${entry.body.of}`);
    case 'together':
      return request('PUT', `/bench/together/${entry.body.of}`, { typed: entry.body.typed });
    case 'care-back':
      return request('DELETE', `/bench/care/${entry.body.of}`);
    case 'deviation-back':
      return request('DELETE', `/bench/deviations/${entry.body.of}`);
  }
}

/**
 * What teams enter waits in the browser's database until the server has confirmed it. Each entry has an id made here, so that
 * sending one twice changes nothing, and a reload or a closed tablet loses nothing. Entries go in the order in which they
 * were made, and only while their own team holds the device: another team's wait until it joins here again.
 */
class Outbox {
  private readonly store = createStore('bright-sprout-outbox', 'checks');
  private readonly listeners = new Set<() => void>();
  private readonly confirmed = new Set<() => void>();
  private waiting: WaitingEntry[] = [];
  private sending: Promise<void> | null = null;
  private teamId: string | null = null;

  constructor() {
    void this.load();
    addEventListener('online', () => void this.send());
    setInterval(() => this.waiting.some((w) => this.mayGo(w)) && void this.send(), RETRY_MS);
  }

  private async load(): Promise<void> {
    // Checks were once kept without a kind and a time.
    const stored = (await entries<string, WaitingEntry>(this.store)).map(
      ([, entry]) => ({ ...{ kind: 'check', at: 0 }, ...entry }) as WaitingEntry,
    );
    const known = new Set(this.waiting.map((w) => w.id));
    this.change([...stored.filter((c) => !known.has(c.id)), ...this.waiting].sort((a, b) => a.at - b.at));
    await this.send();
  }

  /** Says which team holds the device; what waits of it is sent. */
  actAs(teamId: string): void {
    if (this.teamId === teamId) return;
    this.teamId = teamId;
    void this.send();
  }

  /** Keeps what was entered, then sends all that wait. */
  async add(id: string, teamId: string, entered: Entered): Promise<void> {
    const at = Math.max(msNow(), ...this.waiting.map((w) => w.at + 1));
    const kept: WaitingEntry = { ...entered, id, teamId, at, refused: null, confirmed: false };
    this.change([...this.waiting, kept]);
    await set(kept.id, kept, this.store);
    this.actAs(teamId);
    await this.send();
  }

  /** Drops a refused entry after somebody has read why. */
  async drop(id: string): Promise<void> {
    await del(id, this.store);
    this.change(this.waiting.filter((c) => c.id !== id));
  }

  send(): Promise<void> {
    return (this.sending ??= this.sendAll().finally(() => (this.sending = null)));
  }

  private async sendAll(): Promise<void> {
    for (let next = this.nextUnsent(new Set()), tried = new Set<string>(); next; next = this.nextUnsent(tried)) {
      tried.add(next.id);
      try {
        await send(next);
        await del(next.id, this.store);
        this.change(this.waiting.map((c) => (c.id === next!.id ? { ...c, confirmed: true } : c)));
        this.confirmed.forEach((tell) => tell());
      } catch (error) {
        if (!(error instanceof ServerProblem) || error.problem.status >= 500 || MAY_PASS_LATER.has(error.problem.status)) return;
        const refused = { ...next, refused: error.problem.detail };
        await set(next.id, refused, this.store);
        this.change(this.waiting.map((c) => (c.id === next!.id ? refused : c)));
      }
    }
  }

  private mayGo(entry: WaitingEntry): boolean {
    return isUnsent(entry) && (this.teamId === null || entry.teamId === this.teamId);
  }

  private nextUnsent(tried: Set<string>): WaitingEntry | undefined {
    return this.waiting.find((c) => this.mayGo(c) && !tried.has(c.id));
  }

  private change(waiting: WaitingEntry[]): void {
    this.waiting = waiting;
    this.listeners.forEach((tell) => tell());
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  readonly snapshot = () => this.waiting;

  /** Tells after each confirmed entry. */
  onConfirmed(tell: () => void): () => void {
    this.confirmed.add(tell);
    return () => void this.confirmed.delete(tell);
  }
}

let outbox: Outbox | null = null;

/** The one outbox of this page, opened at first use. */
export const theOutbox = (): Outbox => (outbox ??= new Outbox());

/** Everything that waits on this device, of every team. */
export function useWaiting(): WaitingEntry[] {
  return useSyncExternalStore(theOutbox().subscribe, theOutbox().snapshot);
}

export const isWaitingCheck = (entry: WaitingEntry): entry is WaitingCheck => entry.kind === 'check';
