import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
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

/** So many empty places are named in a mark. */
const MOST_GAPS = 40;
/** So many changes are told again to one who comes back; beyond that everything is asked for anew. */
const MOST_MISSED = 400;

/** A change as it is noted; what it is about is named where one thing came new. */
type NewChange = Pick<Change, 'kind' | 'classId'> & Partial<Pick<Change, 'investigationId' | 'subjectId' | 'teamId'>>;

/** A change, with the mark up to which all was told once it is. */
export type PlacedChange = Omit<Change, 'seq' | 'at'> & { mark: string };

/** Writes the change log and tells its news to this process's listeners by reading it, so that processes share no memory. */
@Injectable()
export class ChangesService implements OnModuleDestroy {
  private readonly logger = new Logger('Live');
  private readonly news = new Subject<PlacedChange>();
  /** The last place of the log that was read, and places before it that were empty, with when they were found so. */
  private cursor: number | null = null;
  private readonly gaps = new Map<number, number>();
  private listeners = 0;
  private timer: NodeJS.Timeout | null = null;
  private reading: Promise<void> | null = null;

  constructor(private readonly db: Database) {}

  /** Notes a change inside the unit of work that makes it. */
  async note(event: NewChange): Promise<void> {
    await this.db
      .ofUnit(Change)
      .insert({ id: newId(), investigationId: null, subjectId: null, teamId: null, ...event, at: timeNow() });
  }

  /** Changes from now on, while somebody listens. */
  listen(): Observable<PlacedChange> {
    return new Observable((subscriber) => {
      const subscription = this.news.subscribe(subscriber);
      if (this.listeners++ === 0) this.start();
      return () => {
        subscription.unsubscribe();
        if (--this.listeners === 0) this.stop();
      };
    });
  }

  /** What is known of the log at this moment, as text: its last place, and the empty places before it that are waited for. */
  async mark(): Promise<string> {
    // While nobody listens nothing is read, and what was read last is old.
    if (this.listeners > 0 && this.cursor !== null) return markOf(this.cursor, this.gaps.keys());
    const rows = await this.db.of(Change).find({ order: { seq: 'DESC' }, take: MOST_GAPS, select: { id: true, seq: true } });
    const places = new Set(rows.map((r) => Number(r.seq)));
    const [last, first] = [Math.max(0, ...places), Math.min(Infinity, ...places)];
    const empty = [];
    for (let place = first + 1; place < last; place++) if (!places.has(place)) empty.push(place);
    return markOf(last, empty);
  }

  /** Once it is known from where on listeners are told. */
  async ready(): Promise<void> {
    if (this.cursor === null) await this.reading;
    if (this.cursor === null) this.cursor = await this.lastPlace();
  }

  /**
   * What was noted since a mark, what slower transactions have put into its empty places included; null where that is more than can be
   * told, where the log no longer reaches back so far, or where it is another log.
   */
  async since(mark: string): Promise<PlacedChange[] | null> {
    const [place, ...empty] = mark.split('.').map(Number) as [number, ...number[]];
    const [{ first, last }] = await this.db.query<[{ first: string | null; last: string | null }]>(
      'SELECT MIN(seq) AS first, MAX(seq) AS last FROM change_log',
    );
    if (place > Number(last ?? 0) || place < Number(first ?? 0) - 1) return null;
    const late = empty.length > 0 ? [{ seq: In(empty.map(String)) }] : [];
    const rows = await this.db
      .of(Change)
      .find({ where: [{ seq: MoreThan(String(place)) }, ...late], order: { seq: 'ASC' }, take: MOST_MISSED + 1 });
    return rows.length > MOST_MISSED ? null : rows.map((row) => placed(row, mark));
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

  private read(): Promise<void> {
    return (this.reading ??= this.readOnce().finally(() => (this.reading = null)));
  }

  private async readOnce(): Promise<void> {
    try {
      if (this.cursor === null) this.cursor = await this.lastPlace();
      else await this.readOn(this.cursor);
    } catch (error) {
      this.logger.warn(`The change log could not be read: ${String(error)}`);
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
    for (const change of changes) {
      const place = Number(change.seq);
      for (let empty = this.cursor! + 1; empty < place; empty++) this.gaps.set(empty, now);
      this.cursor = Math.max(this.cursor!, place);
      this.gaps.delete(place);
      this.news.next(placed(change, markOf(this.cursor!, this.gaps.keys())));
    }
    for (const [place, since] of this.gaps) if (since < now - WAIT_FOR_MS) this.gaps.delete(place);
  }
}

const placed = ({ id, kind, classId, investigationId, subjectId, teamId }: Change, mark: string): PlacedChange => ({
  id,
  mark,
  kind,
  classId,
  investigationId,
  subjectId,
  teamId,
});

const markOf = (place: number, empty: Iterable<number>) => [place, ...[...empty].slice(-MOST_GAPS)].join('.');
