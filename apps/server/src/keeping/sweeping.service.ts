import { timeNow } from '@bright-sprout/core/clock/clock';
import { Injectable, Logger, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import { Database } from '../database/database';
import { StoredPictures } from '../photos/storedPictures.service';
import { type PictureKind, PICTURES } from './picturesOf';

const EVERY_MS = 3_600_000;
/** So much goes in one unit of work. */
const AT_A_TIME = 50;

/** Lets go what was deleted and can no longer be taken back. Several servers may do it side by side: what is gone is gone. */
@Injectable()
export class SweepingService implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger('Sweeping');
  private timer: NodeJS.Timeout | null = null;
  private sweeping = Promise.resolve();

  constructor(
    private readonly db: Database,
    private readonly pictures: StoredPictures,
  ) {}

  onApplicationBootstrap(): void {
    const sweep = () => {
      this.sweeping = this.sweep().catch((error: unknown) => this.logger.error(error));
    };
    sweep();
    this.timer = setInterval(sweep, EVERY_MS);
    this.timer.unref();
  }

  /** What has begun comes to its end before the database goes. */
  async onModuleDestroy(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    await this.sweeping;
  }

  async sweep(): Promise<void> {
    const now = timeNow();
    await this.picturesOfOld(now);
    for (const { id } of await this.due('SELECT id FROM teacher WHERE goes_at <= ?', now)) await this.teacherGoes(id);
    for (const { id } of await this.due('SELECT id FROM class_group WHERE goes_at <= ?', now)) await this.classGoes(id);
    for (const { id } of await this.due('SELECT id FROM investigation WHERE goes_at <= ?', now)) await this.investigationGoes(id);
    for (const kind of PICTURES) await this.picturesGo(kind, now);
  }

  private due(sql: string, now: Date): Promise<{ id: string }[]> {
    return this.db.query<{ id: string }[]>(`${sql} LIMIT ${AT_A_TIME}`, [now]);
  }

  /** Pictures of investigations that ended long enough ago, where the school wants it so. */
  private async picturesOfOld(now: Date): Promise<void> {
    for (const { table, of } of PICTURES)
      await this.db.query(
        `UPDATE ${table} p ${of} JOIN investigation i ON i.id = c.investigation_id
           JOIN class_group g ON g.id = i.class_id JOIN school s ON s.id = g.school_id
         SET p.goes_at = ? WHERE p.goes_at IS NULL AND p.taken_back_at IS NULL AND s.picture_days IS NOT NULL
           AND i.phase = 'finished' AND i.finished_at <= DATE_SUB(?, INTERVAL s.picture_days DAY)`,
        [now, now],
      );
  }

  private async teacherGoes(id: string): Promise<void> {
    for (const c of await this.db.query<{ id: string }[]>('SELECT id FROM class_group WHERE teacher_id = ?', [id]))
      await this.classGoes(c.id);
    await this.db.work(async () => {
      const [row] = await this.db.query<{ school: string }[]>('SELECT school_id AS school FROM teacher WHERE id = ?', [id]);
      await this.db.query('DELETE FROM teacher WHERE id = ?', [id]);
      // The shelf stays for whoever is left.
      if (row)
        await this.db.query(
          'DELETE FROM school WHERE id = ? AND NOT EXISTS (SELECT 1 FROM teacher t WHERE t.school_id = school.id)',
          [row.school],
        );
    });
  }

  private async classGoes(id: string): Promise<void> {
    for (const i of await this.db.query<{ id: string }[]>('SELECT id FROM investigation WHERE class_id = ?', [id]))
      await this.investigationGoes(i.id);
    await this.db.query('DELETE FROM class_group WHERE id = ?', [id]);
  }

  private async investigationGoes(id: string): Promise<void> {
    const files = (await Promise.all(PICTURES.map((kind) => this.filesOf(kind, 'c.investigation_id = ?', [id])))).flat();
    await this.db.work(async () => {
      await this.db.query('DELETE FROM held_entry WHERE investigation_id = ?', [id]);
      await this.db.query('DELETE FROM investigation WHERE id = ?', [id]);
      await this.db.query('DELETE FROM plan WHERE id = ?', [id]);
    });
    await this.forget(files);
  }

  /** The files go; that a picture was taken stays on record. */
  private async picturesGo(kind: PictureKind, now: Date): Promise<void> {
    const files = await this.filesOf(kind, 'p.goes_at <= ?', [now]);
    await this.db.query(
      `UPDATE ${kind.table} p SET p.taken_back_at = COALESCE(p.taken_back_at, p.goes_at), p.goes_at = NULL WHERE p.goes_at <= ?`,
      [now],
    );
    await this.forget(files);
  }

  private async filesOf({ table, of }: PictureKind, where: string, values: unknown[]): Promise<string[]> {
    const rows = await this.db.query<{ hash: string; small: string }[]>(
      `SELECT p.hash, p.small_hash AS small FROM ${table} p ${of} WHERE ${where}`,
      values,
    );
    return rows.flatMap((r) => [r.hash, r.small]);
  }

  /** A file that another picture still shows stays. */
  private async forget(hashes: readonly string[]): Promise<void> {
    for (const hash of new Set(hashes)) await this.pictures.forget(hash);
  }
}
