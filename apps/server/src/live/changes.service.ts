import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { type LiveEvent } from '@bright-sprout/contracts/live';
import { Injectable, Logger, OnModuleDestroy } from '@nestjs/common';
import { Observable, Subject } from 'rxjs';
import { DataSource, type EntityManager, LessThan, MoreThanOrEqual } from 'typeorm';
import { newId } from '../database/ids';
import { Change } from './change.entity';

const POLL_MS = 400;
/** Clocks of several processes and late commits may differ by so much; ids already told are remembered for as long. */
const OVERLAP_MS = 5_000;
const KEEP_MS = 24 * 3_600_000;

/** Writes the change log and tells its news to this process's listeners by reading it, so that processes share no memory. */
@Injectable()
export class ChangesService implements OnModuleDestroy {
  private readonly logger = new Logger('Live');
  private readonly news = new Subject<LiveEvent>();
  private readonly told = new Map<string, number>();
  private listeners = 0;
  private timer: NodeJS.Timeout | null = null;
  private reading = false;

  constructor(private readonly dataSource: DataSource) {}

  /** Notes a change inside the transaction that makes it. */
  async note(manager: EntityManager, event: Omit<LiveEvent, 'id'>): Promise<void> {
    await manager.getRepository(Change).insert({ id: newId(), ...event, at: timeNow() });
  }

  /** Changes from now on, while somebody listens. */
  listen(): Observable<LiveEvent> {
    return new Observable((subscriber) => {
      const subscription = this.news.subscribe(subscriber);
      if (this.listeners++ === 0) this.start();
      return () => {
        subscription.unsubscribe();
        if (--this.listeners === 0) this.stop();
      };
    });
  }

  onModuleDestroy(): void {
    this.stop();
    this.news.complete();
  }

  private start(): void {
    const begun = timeNow();
    void this.forgetOld();
    this.timer = setInterval(() => void this.read(begun), POLL_MS);
  }

  private stop(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
  }

  /** Drops entries nobody can still be waiting for. */
  private async forgetOld(): Promise<void> {
    try {
      await this.dataSource.getRepository(Change).delete({ at: LessThan(new Date(msNow() - KEEP_MS)) });
    } catch (error) {
      this.logger.warn(`Old entries of the change log stay: ${String(error)}`);
    }
  }

  private async read(begun: Date): Promise<void> {
    if (this.reading) return;
    this.reading = true;
    try {
      const since = new Date(Math.max(begun.getTime(), msNow() - OVERLAP_MS));
      const changes = await this.dataSource
        .getRepository(Change)
        .find({ where: { at: MoreThanOrEqual(since) }, order: { at: 'ASC' } });
      for (const { id, kind, classId, investigationId } of changes) {
        if (!this.told.has(id)) this.news.next({ id, kind, classId, investigationId });
        this.told.set(id, msNow());
      }
      for (const [id, at] of this.told) if (at < msNow() - 2 * OVERLAP_MS) this.told.delete(id);
    } catch (error) {
      this.logger.warn(`The change log could not be read: ${String(error)}`);
    } finally {
      this.reading = false;
    }
  }
}
