import { msNow } from '@bright-sprout/core/clock/clock';
import { Injectable, Logger, OnModuleDestroy, OnModuleInit } from '@nestjs/common';
import { type ThrottlerStorage } from '@nestjs/throttler';
import { Database } from '../database/database';

/** How long other processes do not know yet of what this one has counted. */
const TOLD_EVERY_MS = 2000;
/** Counts of stretches that ended so long ago are of no use to anybody. */
const KEEP_MS = 10 * 60_000;

/** Requests of one sender in one stretch of time: those that came here, how many of them are told, and those of other processes. */
interface Count {
  sender: string;
  since: number;
  here: number;
  told: number;
  elsewhere: number;
}

/**
 * Counts requests for their limits, over all server processes: each counts its own at once and adds them up in the database every
 * two seconds, so that counting costs a request nothing.
 */
@Injectable()
export class RequestCounts implements ThrottlerStorage, OnModuleInit, OnModuleDestroy {
  private readonly logger = new Logger('Limits');
  private readonly counts = new Map<string, Count>();
  private timer: NodeJS.Timeout | null = null;
  private telling: Promise<void> | null = null;

  constructor(private readonly db: Database) {}

  onModuleInit(): void {
    // Nest knows it under two names, and begins it under both.
    if (this.timer) return;
    const tell = () => this.tell().catch((error: unknown) => this.logger.warn(`Requests were not added up: ${String(error)}`));
    this.timer = setInterval(() => void tell(), TOLD_EVERY_MS);
    this.timer.unref();
  }

  async onModuleDestroy(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    await this.telling?.catch(() => undefined);
  }

  increment(sender: string, ttl: number, limit: number): ReturnType<ThrottlerStorage['increment']> {
    const now = msNow();
    const since = now - (now % ttl);
    const key = `${sender} ${since}`;
    const count = this.counts.get(key) ?? { sender, since, here: 0, told: 0, elsewhere: 0 };
    count.here += 1;
    this.counts.set(key, count);
    const totalHits = count.here + count.elsewhere;
    const seconds = Math.ceil((since + ttl - now) / 1000);
    return Promise.resolve({ totalHits, timeToExpire: seconds, isBlocked: totalHits > limit, timeToBlockExpire: seconds });
  }

  /** Adds what was counted here since the last time, and learns what the others have counted. */
  tell(): Promise<void> {
    return (this.telling ??= this.tellNow().finally(() => (this.telling = null)));
  }

  private async tellNow(): Promise<void> {
    const old = msNow() - KEEP_MS;
    for (const [key, { since }] of this.counts) if (since < old) this.counts.delete(key);
    const news = [...this.counts.values()].filter((c) => c.here > c.told);
    if (news.length === 0) return;
    const rows = news.map((c) => ({ count: c, hits: c.here - c.told }));
    await this.db.query(
      'INSERT INTO request_count (sender, since, hits) VALUES ? ON DUPLICATE KEY UPDATE hits = hits + VALUES(hits)',
      [rows.map(({ count, hits }) => [count.sender, count.since, hits])],
    );
    for (const { count, hits } of rows) count.told += hits;
    const found = await this.db.query<{ sender: string; since: string; hits: number }[]>(
      'SELECT sender, since, hits FROM request_count WHERE (sender, since) IN (?)',
      [news.map((c) => [c.sender, c.since])],
    );
    for (const { sender, since, hits } of found) {
      const count = this.counts.get(`${sender} ${since}`);
      if (count) count.elsewhere = hits - count.told;
    }
    await this.db.query('DELETE FROM request_count WHERE since < ?', [old]);
  }
}
