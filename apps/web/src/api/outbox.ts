import { type Told } from '@bright-sprout/words/say';
import { clockAhead, msNow } from '@bright-sprout/core/clock/clock';
import { type SaveCareRequest } from '@bright-sprout/contracts/care';
import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { HELD_KINDS } from '@bright-sprout/contracts/heldKinds';
import { type ClaimEntryRequest } from '@bright-sprout/contracts/conclude';
import { type SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { type FrameRequest } from '@bright-sprout/contracts/films';
import { type PhotoRequest } from '@bright-sprout/contracts/photos';
import { type TogetherReadingRequest } from '@bright-sprout/contracts/together';
import { CLOCK_HEADER, OTHER_TEAM, type ProblemDetails, TEAM_HEADER } from '@bright-sprout/contracts/problems';
import { createStore, del, entries, set } from 'idb-keyval';
import { useSyncExternalStore } from 'react';
import { request, ServerProblem } from './client';

/**
 * What a team enters: a look at a container, a picture of it or of a film, something done, something that went otherwise, one of these taken
 * back, what it reads together with the class, or a part of what it concludes.
 */
export type Entered =
  | { kind: 'check'; body: SaveCheckRequest }
  | { kind: 'care'; body: SaveCareRequest }
  | { kind: 'deviation'; body: SaveDeviationRequest }
  | { kind: 'together'; body: TogetherReadingRequest & { of: string } }
  | { kind: 'claim'; body: ClaimEntryRequest & { of: string } }
  | { kind: 'photo'; body: { about: PhotoRequest; picture: Blob } }
  | { kind: 'frame'; body: { about: FrameRequest; picture: Blob } }
  | { kind: 'care-back' | 'deviation-back' | 'photo-back'; body: { of: string } };

interface Keeping {
  id: string;
  teamId: string;
  /** Order of entering on this device. */
  at: number;
  /** Why the server would not take it; it stays here and is shown. */
  refused: string | null;
  /** The same for whoever decides, in their own language. */
  because: Told | null;
  /** The server has it; it is kept in memory so that nothing flickers until the next answer includes it. */
  confirmed: boolean;
  /** What was refused waits for the teacher's word; null until that is said, false where it cannot be. */
  told: boolean | null;
  /** By how much the clock by which it was made ran ahead of the device's, in milliseconds. */
  ahead: number;
  /** It lies in the browser's database; null while it is being put there, false where that cannot keep it. */
  kept: boolean | null;
}

/** Something entered on this device that the server has not confirmed. */
export type WaitingEntry = Entered & Keeping;
export type WaitingCheck = Extract<WaitingEntry, { kind: 'check' }>;

const toldOf = ({ code, params }: ProblemDetails): Told => ({ code, ...(params && { params }) });

const RETRY_MS = 5_000;
const isUnsent = (entry: WaitingEntry) => entry.refused === null && !entry.confirmed;
const MAY_PASS_LATER = new Set([401, 408, 429]);

function send(entry: WaitingEntry): Promise<unknown> {
  const clock = new Date(msNow() - clockAhead() + entry.ahead).toISOString();
  const as = { [TEAM_HEADER]: entry.teamId, [CLOCK_HEADER]: clock };
  switch (entry.kind) {
    case 'check':
      return request('PUT', `/bench/checks/${entry.id}`, entry.body, as);
    case 'care':
      return request('PUT', `/bench/care/${entry.id}`, entry.body, as);
    case 'deviation':
      return request('PUT', `/bench/deviations/${entry.id}`, entry.body, as);
    case 'photo': {
      const about = new URLSearchParams({ ...entry.body.about }).toString();
      return request('PUT', `/bench/photos/${entry.id}?${about}`, entry.body.picture, as);
    }
    case 'frame': {
      const about = new URLSearchParams({ ...entry.body.about }).toString();
      return request('PUT', `/bench/frames/${entry.id}?${about}`, entry.body.picture, as);
    }
    case 'together':
      return request('PUT', `/bench/together/${entry.body.of}`, { typed: entry.body.typed }, as);
    case 'claim': {
      const { of, ...written } = entry.body;
      return request('PUT', `/bench/conclude/${of}/entries/${entry.id}`, written, as);
    }
    case 'photo-back':
      return request('DELETE', `/bench/photos/${entry.body.of}`, undefined, as);
    case 'care-back':
      return request('DELETE', `/bench/care/${entry.body.of}`, undefined, as);
    case 'deviation-back':
      return request('DELETE', `/bench/deviations/${entry.body.of}`, undefined, as);
  }
}

const isHeld = ({ kind }: WaitingEntry) => HELD_KINDS.some((k) => k === kind);

/** What an entry is about: a later one about the same waits until it is through, all others may pass it. */
function subjectOf(entry: WaitingEntry): string {
  if (entry.kind === 'check') return entry.body.containerId;
  // Parts of a conclusion say themselves which is the newest.
  if (entry.kind === 'claim') return entry.id;
  return 'of' in entry.body ? entry.body.of : entry.id;
}

/**
 * What teams enter waits in the browser's database until the server has confirmed it. Each entry has an id made here, so that
 * sending one twice changes nothing, and a reload or a closed tablet loses nothing. Entries go in the order in which they
 * were made, and only once it is known that their own team holds the device: another team's wait until it joins here again. Each
 * names its team to the server, which refuses it where another one has joined since.
 */
class Outbox {
  private readonly store = createStore('bright-sprout-outbox', 'checks');
  private readonly listeners = new Set<() => void>();
  private readonly confirmed = new Set<() => void>();
  private readonly sent = new Set<string>();
  private waiting: WaitingEntry[] = [];
  private sending: Promise<void> | null = null;
  private teamId: string | null = null;

  constructor() {
    void this.load();
    addEventListener('online', () => void this.send());
    setInterval(() => this.waiting.some((w) => this.mayGo(w) || this.isUntold(w)) && void this.send(), RETRY_MS);
  }

  private async load(): Promise<void> {
    // A browser without a database of its own has kept nothing. Checks were once kept without a kind, a time and a clock.
    const stored = (await entries<string, WaitingEntry>(this.store).catch(() => [])).map(
      ([, entry]) => ({ ...{ kind: 'check', at: 0, told: null, ahead: clockAhead() }, ...entry, kept: true }) as WaitingEntry,
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
    const kept0 = { refused: null, because: null, confirmed: false, told: null, kept: null };
    const entry: WaitingEntry = { ...entered, id, teamId, at, ahead: clockAhead(), ...kept0 };
    this.change([...this.waiting, entry]);
    const kept = await set(id, { ...entry, kept: true }, this.store).then(
      () => true,
      () => false,
    );
    this.change(this.waiting.map((w) => (w.id === id ? { ...w, kept } : w)));
    this.actAs(teamId);
    await this.send();
  }

  /** Sends a refused entry again: the teacher may have changed what stood against it. */
  async again(id: string): Promise<void> {
    const entry = this.waiting.find((w) => w.id === id);
    if (!entry) return;
    await this.rewrite({ ...entry, refused: null, because: null });
    await this.send();
  }

  /** Drops a refused entry after somebody has read why. */
  async drop(id: string): Promise<void> {
    await del(id, this.store).catch(() => undefined);
    this.change(this.waiting.filter((c) => c.id !== id));
  }

  send(): Promise<void> {
    return (this.sending ??= this.sendAll()
      .then(() => this.tellTeacher())
      .finally(() => (this.sending = null)));
  }

  private async sendAll(): Promise<void> {
    const tried = new Set<string>();
    /** What the server could not take for now; what follows about the same would come before its time. */
    const stuck = new Set<string>();
    for (let next = this.nextUnsent(tried, stuck); next; next = this.nextUnsent(tried, stuck)) {
      tried.add(next.id);
      try {
        await send(next);
        this.sent.add(next.id);
        await del(next.id, this.store).catch(() => undefined);
        this.change(this.waiting.map((c) => (c.id === next!.id ? { ...c, confirmed: true } : c)));
        this.confirmed.forEach((tell) => tell());
      } catch (error) {
        if (!(error instanceof ServerProblem) || MAY_PASS_LATER.has(error.problem.status)) return;
        if (error.problem.type === OTHER_TEAM) {
          // Until the page knows who holds the device, nothing goes out.
          this.teamId = null;
          return;
        }
        if (error.problem.status >= 500) {
          stuck.add(subjectOf(next)).add(next.id);
          continue;
        }
        await this.rewrite({ ...next, refused: error.problem.detail, because: toldOf(error.problem) });
      }
    }
  }

  private isUntold(entry: WaitingEntry): boolean {
    return entry.refused !== null && entry.told === null && entry.teamId === this.teamId && isHeld(entry);
  }

  /** What the server would not take reaches the teacher as waiting for a decision; without a network it is said later. */
  private async tellTeacher(): Promise<void> {
    for (const entry of this.waiting.filter((w) => this.isUntold(w))) {
      const { id, kind, body, teamId, because } = entry;
      try {
        await request('PUT', `/bench/held/${id}`, { kind, body, reason: because }, { [TEAM_HEADER]: teamId });
        await this.rewrite({ ...entry, told: true });
      } catch (error) {
        if (!(error instanceof ServerProblem) || error.problem.status >= 500 || MAY_PASS_LATER.has(error.problem.status)) return;
        await this.rewrite({ ...entry, told: false });
      }
    }
  }

  /** Puts an entry in the place of itself, here and in the browser's database. */
  private async rewrite(entry: WaitingEntry): Promise<void> {
    await set(entry.id, entry, this.store).catch(() => undefined);
    this.change(this.waiting.map((w) => (w.id === entry.id ? entry : w)));
  }

  private mayGo(entry: WaitingEntry): boolean {
    return isUnsent(entry) && entry.teamId === this.teamId;
  }

  private nextUnsent(tried: ReadonlySet<string>, stuck: ReadonlySet<string>): WaitingEntry | undefined {
    return this.waiting.find((c) => this.mayGo(c) && !tried.has(c.id) && !stuck.has(subjectOf(c)));
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

  /** Whether it was this page that sent it: what is told of it is known here. */
  hasSent(id: string): boolean {
    return this.sent.has(id);
  }

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
