import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { Injectable } from '@nestjs/common';
import { DataSource, LessThan, MoreThan } from 'typeorm';
import { newId } from '../database/ids';
import { Problem } from '../problems/problem';
import { FailedAttempt } from './failedAttempt.entity';

const WINDOW_MS = 10 * 60_000;
/** A whole class shares one address, so an address gets far more tries than an account or a team. */
const LIMITS = { account: 10, address: 150 };

/** Counts failed sign-ins and joins in the database, so that the limit holds over all server processes. */
@Injectable()
export class AttemptsService {
  constructor(private readonly dataSource: DataSource) {}

  /** Refuses when the account (a teacher's e-mail, a team's emblem) or the address has failed too often. */
  async check(account: string, address: string): Promise<void> {
    const attempts = this.dataSource.getRepository(FailedAttempt);
    const since = MoreThan(new Date(msNow() - WINDOW_MS));
    const [byAccount, byAddress] = await Promise.all([
      attempts.countBy({ key: `account ${account}`, at: since }),
      attempts.countBy({ key: `address ${address}`, at: since }),
    ]);
    if (byAccount >= LIMITS.account || byAddress >= LIMITS.address)
      throw new Problem(429, 'That did not match too many times. Wait ten minutes, or ask your teacher for a new PIN.');
  }

  async failed(account: string, address: string): Promise<void> {
    const attempts = this.dataSource.getRepository(FailedAttempt);
    const at = timeNow();
    await attempts.delete({ at: LessThan(new Date(msNow() - WINDOW_MS)) });
    await attempts.insert([`account ${account}`, `address ${address}`].map((key) => ({ id: newId(), key, at })));
  }

  async forget(account: string): Promise<void> {
    await this.dataSource.getRepository(FailedAttempt).delete({ key: `account ${account}` });
  }
}
