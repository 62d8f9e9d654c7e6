import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { type KnownLot, workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { knownLot } from '@bright-sprout/core/seeds/seedLot';
import { Injectable } from '@nestjs/common';
import { Database } from '../database/database';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { teamsInOrder } from '../classes/teamsInOrder';
import { InvestigationsService } from '../investigations/investigations.service';
import { ChangesService } from '../live/changes.service';
import { Plan } from '../plans/plan.entity';
import { planView } from '../plans/plans.service';
import { Problem } from '../problems/problem';
import { SeedLotsService } from '../seeds/seedLots.service';
import { insertInvestigation, investigationOf } from './investigationOfPlan';

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
      throw new Problem(409, 'Somebody else changed this plan a moment ago. Look at it again before it is sown.', {
        current: planView(plan),
      });
    const problems = planProblems(plan.document);
    if (problems.length > 0)
      throw new Problem(422, `The plan cannot be sown yet. ${problems[0]!.sentence}`, {
        errors: problems.map((p) => ({ path: p.field, sentence: p.sentence })),
      });
    const lot = (await this.lots.list(teacher)).find((l) => l.id === plan.document.seedLotId);
    try {
      await this.investigations.insert(id, plan.requestHash, async () => {
        const locked = await this.db.of(Plan).update({ id, version, sown: false }, { sown: true });
        if (locked.affected === 0)
          throw new Problem(409, 'Somebody else changed this plan a moment ago. Look at it again before it is sown.');
        await this.layOut(plan, lot ? knownLot(lot) : null);
        await this.changes.note({ kind: 'investigation-changed', classId: plan.classId, investigationId: id });
      });
    } catch (error) {
      if (!(await this.scope.planOf(teacher, id)).sown) throw error;
    }
    return this.investigations.viewOf(teacher, id);
  }

  private async layOut(plan: Plan, lot: KnownLot | null): Promise<void> {
    const { id, document, requestHash, classGroup } = plan;
    const teamIds = teamsInOrder(classGroup.teams).map((t) => t.id);
    const out = workOut(document, teamIds.length, lot);
    await insertInvestigation(this.db, investigationOf(document, out, { id, classId: classGroup.id, teamIds, requestHash }));
  }
}
