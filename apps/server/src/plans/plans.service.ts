import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type PlanListing, type PlanView } from '@bright-sprout/contracts/answers/plans';
import { type SavePlanRequest } from '@bright-sprout/contracts/plans';
import { Injectable } from '@nestjs/common';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { requestHash } from '../database/ids';
import { Database, isDuplicate } from '../database/database';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { Plan } from './plan.entity';

const LOCKED = told('refusals.planSownReadLonger');

const MOST_PLANS = 200;

@Injectable()
export class PlansService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  async list(teacher: TeacherRequester, classId: string): Promise<PlanListing[]> {
    await this.scope.classOf(teacher, classId);
    const found = await this.db.of(Plan).find({ where: { classId }, order: { changedAt: 'DESC' } });
    return found.map((p) => ({
      id: p.id,
      question: p.document.question,
      changedAt: p.changedAt.toISOString(),
      sown: p.sown,
    }));
  }

  async one(teacher: TeacherRequester, id: string): Promise<PlanView> {
    return planView(await this.scope.planOf(teacher, id));
  }

  /** Saves a version. The same document on the same version may come twice; another one on an old version is told. */
  async save(teacher: TeacherRequester, id: string, { classId, version, document }: SavePlanRequest): Promise<PlanView> {
    await this.scope.classOf(teacher, classId);
    const hash = requestHash(document);
    const stored = await this.db.of(Plan).findOneBy({ id });
    if (!stored) return this.create(teacher, id, classId, version, document, hash);
    const found = await this.scope.planOf(teacher, id);
    if (found.classId !== classId) throw notFound(told('refusals.thisPlan'));
    if (found.version === version + 1 && found.requestHash === hash) return planView(found);
    if (found.sown) throw new Problem(409, LOCKED, { current: planView(found) });
    const saved = await this.db.work(async () => {
      const result = await this.db
        .of(Plan)
        .update({ id, version, sown: false }, { version: version + 1, document, requestHash: hash, changedAt: timeNow() });
      await this.changes.note({ kind: 'plan-changed', classId });
      return result.affected !== 0;
    });
    if (!saved) {
      const current = await this.one(teacher, id);
      throw new Problem(409, told('refusals.somebodyElseChangedPlan'), {
        current,
      });
    }
    return this.one(teacher, id);
  }

  private async create(
    teacher: TeacherRequester,
    id: string,
    classId: string,
    version: number,
    document: SavePlanRequest['document'],
    hash: string,
  ): Promise<PlanView> {
    if (version !== 0) throw notFound(told('refusals.thisPlan'));
    if ((await this.db.of(Plan).countBy({ classId })) >= MOST_PLANS)
      throw new Problem(422, told('refusals.classKeepsMostPlans', { mostPlans: MOST_PLANS }));
    try {
      await this.db.work(async () => {
        await this.db.of(Plan).insert({ id, classId, version: 1, document, requestHash: hash, changedAt: timeNow() });
        await this.changes.note({ kind: 'plan-changed', classId });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.save(teacher, id, { classId, version, document });
    }
    return this.one(teacher, id);
  }

  /** Throws a plan away. One that was sown stays: its investigation speaks of it. */
  async remove(teacher: TeacherRequester, id: string): Promise<void> {
    const stored = await this.db.of(Plan).findOneBy({ id });
    if (!stored) return;
    const found = await this.scope.planOf(teacher, id);
    if (found.sown) throw new Problem(422, told('refusals.planSownStaysInvestigation'));
    await this.db.work(async () => {
      await this.db.of(Plan).delete({ id, sown: false });
      await this.changes.note({ kind: 'plan-changed', classId: found.classId });
    });
  }
}

/** A plan as it is sent. */
export function planView({ id, classId, version, document, sown }: Plan): PlanView {
  return { id, classId, version, document, sown };
}
