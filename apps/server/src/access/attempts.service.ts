import { type Told, told } from '@bright-sprout/words/say';
import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { Injectable } from '@nestjs/common';
import { In, LessThan, LessThanOrEqual, MoreThan, Not } from 'typeorm';
import { newId } from '../database/ids';
import { Problem } from '../problems/problem';
import { FailedAttempt } from './failedAttempt.entity';
import { Database } from '../database/database';

const WINDOW_MS = 10 * 60_000;

/** Who is trying: a teacher by e-mail, a team by class and emblem, or a device by a class code. Each has its own budget. */
export type AttemptKind = 'teacher' | 'team' | 'code';

/**
 * Failures in ten minutes. A whole school may share one address, so an address alone shuts nobody out: beyond its limit only those
 * are refused who have failed before.
 */
const LIMITS: Record<AttemptKind, number> = { teacher: 10, team: 10, code: 150 };
const ADDRESS_LIMIT = 150;

const WORDS: Record<AttemptKind, Told> = {
  teacher: told('refusals.matchTooManyTimes'),
  team: told('refusals.pinTooManyTimes'),
  code: told('refusals.classCodesWaitTen'),
};

const accountKey = (kind: AttemptKind, account: string) => `${kind} ${account}`.slice(0, 220);

/** Counts failed sign-ins and joins in the database, so that the limit holds over all server processes. */
@Injectable()
export class AttemptsService {
  constructor(private readonly db: Database) {}

  /**
   * Judges an attempt that was counted before: of many at once only as many are judged as the limit allows.
   * @param judge null where it does not match
   * @param refuse what is said then
   */
  async judge<T>(
    kind: AttemptKind,
    account: string,
    address: string,
    judge: () => Promise<T | null>,
    refuse: () => Problem,
  ): Promise<T> {
    const attempts = this.db.of(FailedAttempt);
    const [own, shared] = [accountKey(kind, account), [kind, 'address', address].join(' ')];
    const at = timeNow();
    const rows = [own, shared].map((key) => ({ id: newId(), key, at }));
    await attempts.insert(rows);
    const ids = rows.map((r) => r.id);
    const since = MoreThan(new Date(msNow() - WINDOW_MS));
    // Ids rise with time: an attempt counts those that were made before it.
    const before = (key: string, id: string) => attempts.countBy({ key, at: since, id: LessThanOrEqual(id) });
    const [byAccount, byAddress] = await Promise.all([before(own, ids[0]!), before(shared, ids[1]!)]);
    if (byAccount > LIMITS[kind] || (byAddress > ADDRESS_LIMIT && byAccount > 1)) {
      await attempts.delete({ id: In(ids) });
      throw new Problem(429, WORDS[kind]);
    }
    const found = await judge();
    if (found === null) {
      await attempts.delete({ at: LessThan(new Date(msNow() - WINDOW_MS)) });
      throw refuse();
    }
    await attempts.delete([{ id: In(ids) }, { key: own, id: Not(In(ids)) }]);
    return found;
  }

  /** Forgets what failed, as when a team gets a new PIN. */
  async forget(kind: AttemptKind, account: string): Promise<void> {
    await this.db.of(FailedAttempt).delete({ key: accountKey(kind, account) });
  }
}

/** A team as its attempts are counted. */
export const teamAccount = (classCode: string, emblem: string) => `${classCode.toUpperCase()} ${emblem}`;
