import { told } from '@bright-sprout/words/say';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { type KnownLot, workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { lotOfPlan } from '@bright-sprout/core/seeds/seedLot';
import { Injectable } from '@nestjs/common';
import { Database } from '../database/database';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { teamsInOrder } from '../classes/teamsInOrder';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationsService } from '../investigations/investigations.service';
import { ChangesService } from '../live/changes.service';
import { Plan } from '../plans/plan.entity';
import { planView } from '../plans/plans.service';
import { asTold, Problem } from '../problems/problem';
import { SeedLotsService } from '../seeds/seedLots.service';
import { insertInvestigation, investigationOf } from './investigationOfPlan';

/** What was written down of an investigation: with any of it, it stays. */
const WRITTEN_DOWN = [
  'plant_check WHERE container_id IN (SELECT id FROM container WHERE investigation_id = ?)',
  'deviation WHERE container_id IN (SELECT id FROM container WHERE investigation_id = ?)',
  'photo WHERE container_id IN (SELECT id FROM container WHERE investigation_id = ?)',
  'run_change WHERE container_id IN (SELECT id FROM container WHERE investigation_id = ?)',
  'frame WHERE film_id IN (SELECT id FROM film WHERE investigation_id = ?)',
  'care_event WHERE investigation_id = ?',
];

/** Turns a plan into an investigation that grows. */
@Injectable()
export class SowingService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly investigations: InvestigationsService,
    private readonly changes: ChangesService,
    private readonly lots: SeedLotsService,
  ) {}

  /** Makes treatments, containers and places from the plan; from then on it is only read. Asked twice, it is done once. */
  async sow(teacher: TeacherRequester, id: string, version: number): Promise<InvestigationView> {
    const plan = await this.scope.planOf(teacher, id);
    if (plan.sown) return this.investigations.viewOf(teacher, id);
    if (plan.version !== version)
      throw new Problem(409, told('refusals.planChangedBeforeSowing'), {
        current: planView(plan),
      });
    const problems = planProblems(plan.document);
    if (problems.length > 0)
      throw new Problem(422, told('refusals.planCannotSownYet', { sentence: problems[0]!.sentence }), {
        fields: problems.map((p) => ({ path: p.field, wrong: asTold(p.sentence) })),
      });
    const lot = lotOfPlan(plan.document, await this.lots.list(teacher));
    try {
      await this.investigations.insert(id, plan.requestHash, async () => {
        const locked = await this.db.of(Plan).update({ id, version, sown: false }, { sown: true });
        if (locked.affected === 0) throw new Problem(409, told('refusals.planChangedBeforeSowing'));
        await this.layOut(plan, lot);
        await this.changes.note({ kind: 'investigation-changed', classId: plan.classId, investigationId: id });
      });
    } catch (error) {
      if (!(await this.scope.planOf(teacher, id)).sown) throw error;
    }
    return this.investigations.viewOf(teacher, id);
  }

  /**
   * Makes an investigation a plan again that can be changed, as long as nothing was written down of it. Asked twice, it is done once.
   */
  async takeBack(teacher: TeacherRequester, id: string): Promise<PlanView> {
    const plan = await this.scope.planOf(teacher, id);
    if (!plan.sown) return planView(plan);
    await this.db.work(async () => {
      // Whoever writes something down waits for this, and then finds nothing to write it to.
      await this.db.query('SELECT id FROM container WHERE investigation_id = ? FOR UPDATE', [id]);
      for (const rows of WRITTEN_DOWN)
        if ((await this.db.query<unknown[]>(`SELECT 1 FROM ${rows} LIMIT 1`, [id])).length > 0)
          throw new Problem(422, told('refusals.somethingWrittenDownAlready'));
      const opened = await this.db.of(Plan).update({ id, sown: true }, { sown: false, version: plan.version + 1 });
      if (opened.affected === 0) return;
      await this.db.of(Investigation).delete({ id });
      await this.changes.note({ kind: 'investigation-changed', classId: plan.classId, investigationId: id });
    });
    return planView(await this.scope.planOf(teacher, id));
  }

  private async layOut(plan: Plan, lot: KnownLot | null): Promise<void> {
    const { id, document, requestHash, classGroup } = plan;
    const teamIds = teamsInOrder(classGroup.teams).map((t) => t.id);
    const out = workOut(document, teamIds.length, lot);
    const today = todayIn(classGroup.timeZone);
    await insertInvestigation(
      this.db,
      investigationOf(document, out, { id, classId: classGroup.id, teamIds, requestHash, today }),
    );
  }
}
