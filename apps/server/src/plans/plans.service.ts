import { timeNow } from '@bright-sprout/core/clock/clock';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type PlanListing, type PlanView, type SavePlanRequest } from '@bright-sprout/contracts/plans';
import { sowingDayOfTreatment, sowingDays, speciesOfTreatment } from '@bright-sprout/core/plan/document/treatmentSowing';
import { claimCautions, fairTest } from '@bright-sprout/core/plan/fairTest/fairTest';
import { benchProtocol } from '@bright-sprout/core/bench/benchOfPlan';
import { planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { planOutlook } from '@bright-sprout/core/plan/calendar/planOutlook';
import { runSheet } from '@bright-sprout/core/plan/lists/prepare';
import { planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { type KnownLot, workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { knownLot } from '@bright-sprout/core/seeds/seedLot';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { type ClassGroup } from '../classes/classGroup.entity';
import { newId, requestHash } from '../database/ids';
import { isDuplicate } from '../database/transactions';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationsService } from '../investigations/investigations.service';
import { TreatmentEntity } from '../investigations/treatment.entity';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { SeedLotsService } from '../seeds/seedLots.service';
import { Plan } from './plan.entity';

const LOCKED =
  'This plan was sown: it can be read, but no longer changed. What went otherwise is written down at the containers.';

const MOST_PLANS = 200;

@Injectable()
export class PlansService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly scope: Scope,
    private readonly investigations: InvestigationsService,
    private readonly changes: ChangesService,
    private readonly lots: SeedLotsService,
  ) {}

  async list(teacher: TeacherRequester, classId: string): Promise<PlanListing[]> {
    await this.scope.classOf(teacher, classId);
    const found = await this.dataSource.getRepository(Plan).find({ where: { classId }, order: { changedAt: 'DESC' } });
    return found.map((p) => ({
      id: p.id,
      question: p.document.question,
      changedAt: p.changedAt.toISOString(),
      sown: p.sown,
    }));
  }

  async one(teacher: TeacherRequester, id: string): Promise<PlanView> {
    return viewOf(await this.scope.planOf(teacher, id));
  }

  /** Saves a version. The same document on the same version may come twice; another one on an old version is told. */
  async save(teacher: TeacherRequester, id: string, { classId, version, document }: SavePlanRequest): Promise<PlanView> {
    await this.scope.classOf(teacher, classId);
    const hash = requestHash(document);
    const stored = await this.dataSource.getRepository(Plan).findOneBy({ id });
    if (!stored) return this.create(teacher, id, classId, version, document, hash);
    const found = await this.scope.planOf(teacher, id);
    if (found.classId !== classId) throw notFound('This plan');
    if (found.version === version + 1 && found.requestHash === hash) return viewOf(found);
    if (found.sown) throw new Problem(409, LOCKED, { current: viewOf(found) });
    const result = await this.dataSource
      .getRepository(Plan)
      .update({ id, version, sown: false }, { version: version + 1, document, requestHash: hash, changedAt: timeNow() });
    if (result.affected === 0) {
      const current = await this.one(teacher, id);
      throw new Problem(409, 'Somebody else changed this plan a moment ago. Both versions are kept until you choose.', {
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
    if (version !== 0) throw notFound('This plan');
    if ((await this.dataSource.getRepository(Plan).countBy({ classId })) >= MOST_PLANS)
      throw new Problem(422, `A class keeps at most ${MOST_PLANS} plans. Throw one away first.`);
    try {
      await this.dataSource
        .getRepository(Plan)
        .insert({ id, classId, version: 1, document, requestHash: hash, changedAt: timeNow() });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.save(teacher, id, { classId, version, document });
    }
    return this.one(teacher, id);
  }

  /** Throws a plan away. One that was sown stays: its investigation speaks of it. */
  async remove(teacher: TeacherRequester, id: string): Promise<void> {
    const stored = await this.dataSource.getRepository(Plan).findOneBy({ id });
    if (!stored) return;
    const found = await this.scope.planOf(teacher, id);
    if (found.sown) throw new Problem(422, 'A plan that was sown stays with its investigation.');
    await this.dataSource.getRepository(Plan).delete({ id, sown: false });
  }

  /** Makes treatments, containers and places from the plan; from then on it is only read. Asked twice, it is done once. */
  async sow(teacher: TeacherRequester, id: string, version: number): Promise<InvestigationView> {
    const plan = await this.scope.planOf(teacher, id);
    if (plan.sown) return this.investigations.viewOf(teacher, id);
    if (plan.version !== version)
      throw new Problem(409, 'Somebody else changed this plan a moment ago. Look at it again before it is sown.', {
        current: viewOf(plan),
      });
    const problems = planProblems(plan.document);
    if (problems.length > 0)
      throw new Problem(422, `The plan cannot be sown yet. ${problems[0]!.sentence}`, {
        errors: problems.map((p) => ({ path: p.field, sentence: p.sentence })),
      });
    const lot = (await this.lots.list(teacher)).find((l) => l.id === plan.document.seedLotId);
    try {
      await this.investigations.insert(id, plan.requestHash, async (manager) => {
        const locked = await manager.getRepository(Plan).update({ id, version, sown: false }, { sown: true });
        if (locked.affected === 0)
          throw new Problem(409, 'Somebody else changed this plan a moment ago. Look at it again before it is sown.');
        await this.layOut(manager, plan, lot ? knownLot(lot) : null);
        await this.changes.note(manager, { kind: 'investigation-changed', classId: plan.classId, investigationId: id });
      });
    } catch (error) {
      if (!(await this.scope.planOf(teacher, id)).sown) throw error;
    }
    return this.investigations.viewOf(teacher, id);
  }

  private async layOut(
    manager: EntityManager,
    { id, document: plan, requestHash: hash, classGroup }: Plan,
    lot: KnownLot | null,
  ): Promise<void> {
    const teams = teamsInOrder(classGroup);
    const out = workOut(plan, teams.length, lot);
    await manager.getRepository(Investigation).insert({
      id,
      classId: classGroup.id,
      question: plan.question,
      factor: plan.factors.map((f) => f.name).join(' and '),
      phase: 'growing',
      origin: 'planned',
      speciesId: plan.speciesId,
      methodId: plan.methodId,
      sownOn: sowingDays(plan)[0]!,
      resolution: plan.protocol.resolution,
      beforeSprouting: plan.protocol.beforeSprouting,
      drawSeed: plan.drawSeed,
      splitSentence: out.layout.sentence,
      planCautions: claimCautions(fairTest(plan, out, teams.length)),
      runSheet: runSheet(plan, out),
      bench: benchProtocol(plan),
      schedule: planCalendar(plan, out).events,
      outlook: planOutlook(plan, out),
      requestHash: hash,
    });
    const ids = new Map(out.treatments.map((t) => [t.code, newId()]));
    await manager.getRepository(TreatmentEntity).insert(
      out.treatments.map((t) => ({
        id: ids.get(t.code)!,
        investigationId: id,
        code: t.code,
        label: t.label.slice(0, 60),
        control: t.control,
        speciesId: speciesOfTreatment(plan, t),
      })),
    );
    const sownOn = new Map(out.treatments.map((t) => [t.code, sowingDayOfTreatment(plan, t)]));
    await manager.getRepository(Container).insert(
      out.layout.containers.map((c) => ({
        id: newId(),
        investigationId: id,
        treatmentId: ids.get(c.treatment)!,
        teamId: c.team === null ? null : teams[c.team]!.id,
        code: c.code,
        position: c.place,
        seedsSown: plan.seedsEach,
        sownOn: sownOn.get(c.treatment)!,
      })),
    );
  }
}

/** Teams in the order in which the plan counts them: that of the class page. */
function teamsInOrder(group: ClassGroup) {
  return [...group.teams].sort((a, b) => (a.id < b.id ? -1 : 1));
}

function viewOf({ id, classId, version, document, sown }: Plan): PlanView {
  return { id, classId, version, document, sown };
}
