import { AsyncLocalStorage } from 'node:async_hooks';
import { randomInt } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import {
  DataSource,
  type EntityManager,
  type EntityTarget,
  type ObjectLiteral,
  QueryFailedError,
  type Repository,
} from 'typeorm';

const RETRY = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);
const ATTEMPTS = 4;

function codeOf(error: unknown): string | undefined {
  return error instanceof QueryFailedError ? (error.driverError as { code?: string }).code : undefined;
}

/** True when a row with the same key was there already. */
export function isDuplicate(error: unknown): boolean {
  return codeOf(error) === 'ER_DUP_ENTRY';
}

/** CONSTRAINT failed; no row that is referred to; the same key; too long; null where something has to be. */
const AGAINST_RULES = new Set([4025, 1452, 1062, 1406, 1048]);

/** True when rows were refused by the rules of their tables. */
export function isAgainstRules(error: unknown): boolean {
  return error instanceof QueryFailedError && AGAINST_RULES.has((error.driverError as { errno?: number }).errno ?? 0);
}

/**
 * The only way to the database. What a request writes it writes in one unit of work; whatever is read or written inside the unit,
 * by whomever, belongs to it.
 */
@Injectable()
export class Database {
  private readonly unit = new AsyncLocalStorage<EntityManager>();

  constructor(private readonly dataSource: DataSource) {}

  /** The rows of an entity. */
  of<T extends ObjectLiteral>(entity: EntityTarget<T>): Repository<T> {
    return this.manager.getRepository(entity);
  }

  /** The rows of an entity, where what is written must not stand without the rest of its unit. */
  ofUnit<T extends ObjectLiteral>(entity: EntityTarget<T>): Repository<T> {
    const manager = this.unit.getStore();
    if (!manager) throw new Error('This is written only inside a unit of work.');
    return manager.getRepository(entity);
  }

  /** A statement of several tables, or one that only the database's own language can say. */
  query<T = unknown>(sql: string, parameters: unknown[] = []): Promise<T> {
    return this.manager.query<T>(sql, parameters);
  }

  /**
   * All or nothing, short, and done again when a deadlock (or another node of a cluster) got in the way. A unit inside a unit is
   * part of it.
   */
  async work<T>(work: () => Promise<T>): Promise<T> {
    const around = this.unit.getStore();
    if (around) return work();
    for (let attempt = 1; ; attempt++) {
      try {
        return await this.dataSource.transaction((manager) => this.unit.run(manager, work));
      } catch (error) {
        if (attempt === ATTEMPTS || !RETRY.has(codeOf(error) ?? '')) throw error;
        // Those who met must not meet again at once.
        await new Promise((go) => setTimeout(go, randomInt(5, 20 * attempt)));
      }
    }
  }

  /** Does what is done by one at a time, over all server processes; null where another one is at it for more than ten seconds. */
  async alone<T>(name: string, work: () => Promise<T>): Promise<T | null> {
    const holder = this.dataSource.createQueryRunner();
    try {
      const [{ held }] = (await holder.query('SELECT GET_LOCK(?, 10) AS held', [name])) as [{ held: number | string | null }];
      return Number(held) === 1 ? await work() : null;
    } finally {
      await holder.query('SELECT RELEASE_LOCK(?)', [name]);
      await holder.release();
    }
  }

  private get manager(): EntityManager {
    return this.unit.getStore() ?? this.dataSource.manager;
  }
}
