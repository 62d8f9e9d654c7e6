import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { type LiveEvent } from '@bright-sprout/contracts/live';
import { Injectable, Logger, OnModuleDestroy } from '@nestjs/common';
import { Observable, Subject } from 'rxjs';
import { In, LessThan, MoreThan } from 'typeorm';
import { newId } from '../database/ids';
import { Change } from './change.entity';
import { Database } from '../database/database';

const POLL_MS = 400;
/** A place in the log that is empty belongs to a transaction that has not ended, or never will: it is waited for so long. */
const WAIT_FOR_MS = 120_000;
/** Read at a time. */
const CHUNK = 500;
const KEEP_MS = 24 * 3_600_000;

/** A change as it is noted; what it is about is named where one thing came new. */
type NewChange = Pick<LiveEvent, 'kind' | 'classId'> & Partial<Pick<LiveEvent, 'investigationId' | 'subjectId'>>;

/** Writes the change log and tells its news to this process's listeners by reading it, so that processes share no memory. */
@Injectable()
export class ChangesService implements OnModuleDestroy {
  private readonly logger = new Logger('Live');
  private readonly news = new Subject<LiveEvent>();
  /** The last place of the log that was read, and places before it that were empty, with when they were found so. */
  private cursor: number | null = null;
  private readonly gaps = new Map<number, number>();
  private listeners = 0;
  private timer: NodeJS.Timeout | null = null;
  private reading = false;

  constructor(private readonly db: Database) {}

  /** Notes a change inside the unit of work that makes it. */
  async note(event: NewChange): Promise<void> {
    await this.db.ofUnit(Change).insert({ id: newId(), investigationId: null, subjectId: null, ...event, at: timeNow() });
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
    this.cursor = null;
    this.gaps.clear();
    void this.forgetOld();
    void this.read();
    this.timer = setInterval(() => void this.read(), POLL_MS);
  }

  private stop(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
  }

  /** Drops entries nobody can still be waiting for. */
  private async forgetOld(): Promise<void> {
    try {
      await this.db.of(Change).delete({ at: LessThan(new Date(msNow() - KEEP_MS)) });
    } catch (error) {
      this.logger.warn(`Old entries of the change log stay: ${String(error)}`);
    }
  }

  private async read(): Promise<void> {
    if (this.reading) return;
    this.reading = true;
    try {
      if (this.cursor === null) this.cursor = await this.lastPlace();
      else await this.readOn(this.cursor);
    } catch (error) {
      this.logger.warn(`The change log could not be read: ${String(error)}`);
    } finally {
      this.reading = false;
    }
  }

  private async lastPlace(): Promise<number> {
    const [last] = await this.db.of(Change).find({ order: { seq: 'DESC' }, take: 1 });
    return Number(last?.seq ?? 0);
  }

  private async readOn(from: number): Promise<void> {
    const changes = await this.db.of(Change).find({
      where: [{ seq: MoreThan(String(from)) }, ...(this.gaps.size > 0 ? [{ seq: In([...this.gaps.keys()].map(String)) }] : [])],
      order: { seq: 'ASC' },
      take: CHUNK,
    });
    const now = msNow();
    for (const { id, seq, kind, classId, investigationId, subjectId } of changes) {
      const place = Number(seq);
      for (let empty = this.cursor! + 1; empty < place; empty++) this.gaps.set(empty, now);
      this.cursor = Math.max(this.cursor!, place);
      this.gaps.delete(place);
      this.news.next({ id, kind, classId, investigationId, subjectId });
    }
    for (const [place, since] of this.gaps) if (since < now - WAIT_FOR_MS) this.gaps.delete(place);
  }
}
