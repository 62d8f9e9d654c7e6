import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager, QueryFailedError } from 'typeorm';

const RETRY = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);
const ATTEMPTS = 4;

function codeOf(error: unknown): string | undefined {
  return error instanceof QueryFailedError ? (error.driverError as { code?: string }).code : undefined;
}

/** True when a row with the same key was there already. */
export function isDuplicate(error: unknown): boolean {
  return codeOf(error) === 'ER_DUP_ENTRY';
}

/** Short transactions, tried again when a deadlock (or another node of a cluster) got in the way. */
@Injectable()
export class Transactions {
  constructor(private readonly dataSource: DataSource) {}

  async run<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    for (let attempt = 1; ; attempt++) {
      try {
        return await this.dataSource.transaction(work);
      } catch (error) {
        if (attempt === ATTEMPTS || !RETRY.has(codeOf(error) ?? '')) throw error;
      }
    }
  }
}
