import { told } from '@bright-sprout/words/say';
import { type GoingView, type KeepingView, type WhatGoes } from '@bright-sprout/contracts/answers/keeping';
import { type GoingKind, KeepingRequest } from '@bright-sprout/contracts/keeping';
import { PICTURES } from './picturesOf';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { Injectable } from '@nestjs/common';
import { type TeacherRequester } from '../access/requester';
import { School } from '../access/school.entity';
import { Scope } from '../access/scope.service';
import { Database } from '../database/database';
import { ChangesService } from '../live/changes.service';
import { notFound } from '../problems/problem';

const DAY_MS = 86_400_000;

/** Where a kind of thing stands; the condition names it among what the teacher has. */
const OF_TEACHER = 'g.school_id = ? AND g.teacher_id = ?';

/**
 * What is kept and for how long: deleting hides a thing at once and lets it go on a day that is told; until then it can be taken back
 * as it was.
 */
@Injectable()
export class KeepingService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  async view(teacher: TeacherRequester): Promise<KeepingView> {
    const { undoDays, pictureDays } = await this.school(teacher);
    return { undoDays, pictureDays, going: await this.going(teacher) };
  }

  async save(teacher: TeacherRequester, { undoDays, pictureDays }: KeepingRequest): Promise<KeepingView> {
    await this.db.of(School).update({ id: teacher.schoolId }, { undoDays, pictureDays: pictureDays ?? null });
    return this.view(teacher);
  }

  /** What would go, before anything is deleted. */
  async whatGoes(teacher: TeacherRequester, kind: GoingKind, id: string): Promise<WhatGoes> {
    const { name, classIds, investigationIds } = await this.reached(teacher, kind, id);
    const { undoDays } = await this.school(teacher);
    const told = { name, undoDays, wouldGoAt: this.goesAt(undoDays).toISOString() };
    let pictures = 0;
    for (const { table, of } of PICTURES)
      pictures += await this.count(
        `SELECT COUNT(*) AS n FROM ${table} p ${of} WHERE p.taken_back_at IS NULL AND p.goes_at IS NULL AND c.investigation_id IN (?)`,
        investigationIds,
      );
    if (kind === 'pictures')
      return { ...told, pictures, investigations: 0, containers: 0, looks: 0, claims: 0, waiting: 0, teams: 0, plans: 0 };
    const among = (sql: string, ids = investigationIds) => this.count(sql, ids);
    return {
      ...told,
      pictures,
      investigations: investigationIds.length,
      containers: await among('SELECT COUNT(*) AS n FROM container WHERE investigation_id IN (?)'),
      looks: await among(
        'SELECT COUNT(*) AS n FROM reading r JOIN plant_check k ON k.id = r.check_id JOIN container c ON c.id = k.container_id WHERE c.investigation_id IN (?)',
      ),
      claims: await among('SELECT COUNT(DISTINCT investigation_id, team_id) AS n FROM claim_entry WHERE investigation_id IN (?)'),
      waiting: await among('SELECT COUNT(*) AS n FROM held_entry WHERE decided_at IS NULL AND investigation_id IN (?)'),
      teams: kind === 'investigation' ? 0 : await among('SELECT COUNT(*) AS n FROM team WHERE class_id IN (?)', classIds),
      plans:
        kind === 'investigation'
          ? await among('SELECT COUNT(*) AS n FROM plan WHERE id IN (?)')
          : await among('SELECT COUNT(*) AS n FROM plan WHERE class_id IN (?)', classIds),
    };
  }

  /** Deletes: it is hidden now and goes later. Done twice the first day stands. */
  async remove(teacher: TeacherRequester, kind: GoingKind, id: string): Promise<KeepingView> {
    const already = (await this.going(teacher)).some((g) => g.kind === kind && g.id === id);
    if (already) return this.view(teacher);
    const { classIds } = await this.reached(teacher, kind, id);
    const { undoDays } = await this.school(teacher);
    const at = this.goesAt(undoDays);
    await this.db.work(async () => {
      await this.mark(teacher, kind, id, at);
      // Devices of teams are signed out, so that nothing is written for what goes.
      if (kind === 'class' || kind === 'everything') await this.signOut(classIds);
      for (const classId of classIds) await this.changes.note({ kind: 'class-changed', classId });
    });
    return this.view(teacher);
  }

  private async signOut(classIds: readonly string[]): Promise<void> {
    if (classIds.length > 0)
      await this.db.query('DELETE s FROM access_session s JOIN team t ON t.id = s.team_id WHERE t.class_id IN (?)', [classIds]);
  }

  /** Takes a deletion back. */
  async undo(teacher: TeacherRequester, kind: GoingKind, id: string): Promise<KeepingView> {
    const found = (await this.going(teacher)).find((g) => g.kind === kind && g.id === id);
    if (found) await this.mark(teacher, kind, id, null);
    return this.view(teacher);
  }

  private async mark(teacher: TeacherRequester, kind: GoingKind, id: string, at: Date | null): Promise<void> {
    const own = [teacher.schoolId, teacher.teacherId];
    if (kind === 'everything')
      await this.db.query('UPDATE teacher SET goes_at = ? WHERE id = ? AND school_id = ?', [
        at,
        teacher.teacherId,
        teacher.schoolId,
      ]);
    if (kind === 'class')
      await this.db.query(`UPDATE class_group g SET g.goes_at = ? WHERE g.id = ? AND ${OF_TEACHER}`, [at, id, ...own]);
    if (kind === 'investigation')
      await this.db.query(
        `UPDATE investigation i JOIN class_group g ON g.id = i.class_id SET i.goes_at = ? WHERE i.id = ? AND ${OF_TEACHER}`,
        [at, id, ...own],
      );
    if (kind === 'pictures')
      for (const { table, of } of PICTURES)
        await this.db.query(
          `UPDATE ${table} p ${of} JOIN investigation i ON i.id = c.investigation_id JOIN class_group g ON g.id = i.class_id
           SET p.goes_at = ? WHERE i.id = ? AND p.taken_back_at IS NULL AND p.goes_at IS ${at ? '' : 'NOT '}NULL AND ${OF_TEACHER}`,
          [at, id, ...own],
        );
  }

  /** What a deletion would reach, refused where it lies beyond the fence. */
  private async reached(teacher: TeacherRequester, kind: GoingKind, id: string) {
    if (kind === 'investigation' || kind === 'pictures') {
      const found = await this.scope.investigationOf(teacher, id);
      return { name: found.question, classIds: [found.classId], investigationIds: [id] };
    }
    if (kind === 'everything' && id !== teacher.teacherId) throw notFound(told('refusals.thisAccount'));
    const classes = kind === 'class' ? [await this.scope.classOf(teacher, id)] : await this.scope.classesOf(teacher);
    const classIds = classes.map((c) => c.id);
    const rows =
      classIds.length === 0
        ? []
        : await this.db.query<{ id: string }[]>('SELECT id FROM investigation WHERE goes_at IS NULL AND class_id IN (?)', [
            classIds,
          ]);
    return {
      name: kind === 'class' ? classes[0]!.name : 'everything',
      classIds,
      investigationIds: rows.map((r) => r.id),
    };
  }

  /** What is deleted and has not gone yet. */
  private async going(teacher: TeacherRequester): Promise<GoingView[]> {
    const own = [teacher.schoolId, teacher.teacherId];
    type Row = { id: string; name: string; goesAt: Date };
    const ask = (sql: string) => this.db.query<Row[]>(sql, own);
    const [accounts, classes, investigations, pictures] = await Promise.all([
      ask(
        `SELECT g.id, 'everything' AS name, g.goes_at AS goesAt FROM teacher g WHERE g.goes_at IS NOT NULL AND g.school_id = ? AND g.id = ?`,
      ),
      ask(`SELECT g.id, g.name, g.goes_at AS goesAt FROM class_group g WHERE g.goes_at IS NOT NULL AND ${OF_TEACHER}`),
      ask(
        `SELECT i.id, i.question AS name, i.goes_at AS goesAt FROM investigation i JOIN class_group g ON g.id = i.class_id
         WHERE i.goes_at IS NOT NULL AND ${OF_TEACHER}`,
      ),
      ask(
        `SELECT i.id, i.question AS name, MIN(q.goes_at) AS goesAt FROM (${PICTURES.map(
          ({ table, of }) => `SELECT p.goes_at, c.investigation_id FROM ${table} p ${of} WHERE p.goes_at IS NOT NULL`,
        ).join(' UNION ALL ')}) q
           JOIN investigation i ON i.id = q.investigation_id JOIN class_group g ON g.id = i.class_id
         WHERE ${OF_TEACHER} GROUP BY i.id, i.question`,
      ),
    ]);
    const as = (kind: GoingKind, rows: Row[]) =>
      rows.map(({ id, name, goesAt }) => ({ kind, id, name, goesAt: goesAt.toISOString() }));
    return [
      ...as('everything', accounts),
      ...as('class', classes),
      ...as('investigation', investigations),
      ...as('pictures', pictures),
    ];
  }

  private async count(sql: string, ids: string[]): Promise<number> {
    return ids.length === 0 ? 0 : Number((await this.db.query<{ n: string }[]>(sql, [ids]))[0]!.n);
  }

  private school(teacher: TeacherRequester): Promise<School> {
    return this.db.of(School).findOneByOrFail({ id: teacher.schoolId });
  }

  private goesAt(undoDays: number): Date {
    return new Date(timeNow().getTime() + undoDays * DAY_MS);
  }
}
