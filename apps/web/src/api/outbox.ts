import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { createStore, del, entries, set } from 'idb-keyval';
import { useSyncExternalStore } from 'react';
import { request, ServerProblem } from './client';

/** A check made on this device that the server has not confirmed. */
export interface WaitingCheck {
  id: string;
  teamId: string;
  body: SaveCheckRequest;
  /** Why the server would not take it; it stays here and is shown. */
  refused: string | null;
  /** The server has it; it is kept in memory so that nothing flickers until the next answer includes it. */
  confirmed: boolean;
}

const RETRY_MS = 5_000;
const isUnsent = (check: WaitingCheck) => check.refused === null && !check.confirmed;
const MAY_PASS_LATER = new Set([401, 408, 429]);

/**
 * Checks wait in the browser's database until the server has confirmed them. Each has an id made here, so that sending one
 * twice changes nothing, and a reload or a closed tablet loses nothing.
 */
class Outbox {
  private readonly store = createStore('bright-sprout-outbox', 'checks');
  private readonly listeners = new Set<() => void>();
  private readonly confirmed = new Set<() => void>();
  private waiting: WaitingCheck[] = [];
  private sending: Promise<void> | null = null;

  constructor() {
    void this.load();
    addEventListener('online', () => void this.send());
    setInterval(() => this.waiting.some(isUnsent) && void this.send(), RETRY_MS);
  }

  private async load(): Promise<void> {
    const stored = (await entries<string, WaitingCheck>(this.store)).map(([, check]) => check);
    this.change([...stored.filter((c) => !this.waiting.some((w) => w.id === c.id)), ...this.waiting]);
    await this.send();
  }

  /** Keeps the check, then sends all that wait. */
  async add(check: Pick<WaitingCheck, 'id' | 'teamId' | 'body'>): Promise<void> {
    const kept = { ...check, refused: null, confirmed: false };
    this.change([...this.waiting, kept]);
    await set(kept.id, kept, this.store);
    await this.send();
  }

  /** Drops a refused check after somebody has read why. */
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
        await request('PUT', `/bench/checks/${next.id}`, next.body);
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

  private nextUnsent(tried: Set<string>): WaitingCheck | undefined {
    return this.waiting.find((c) => isUnsent(c) && !tried.has(c.id));
  }

  private change(waiting: WaitingCheck[]): void {
    this.waiting = waiting;
    this.listeners.forEach((tell) => tell());
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  readonly snapshot = () => this.waiting;

  /** Tells after each confirmed check. */
  onConfirmed(tell: () => void): () => void {
    this.confirmed.add(tell);
    return () => void this.confirmed.delete(tell);
  }
}

let outbox: Outbox | null = null;

/** The one outbox of this page, opened at first use. */
export const theOutbox = (): Outbox => (outbox ??= new Outbox());

export function useWaitingChecks(): WaitingCheck[] {
  return useSyncExternalStore(theOutbox().subscribe, theOutbox().snapshot);
}
