import {
  ChangeInvestigationRequest,
  type InvestigationRecords,
  type InvestigationView,
  PlanInvestigationRequest,
} from '@bright-sprout/contracts/investigations';
import { addDays, dayInZone, daysBetween, isIsoDay } from '@bright-sprout/core/calendar/days';
import { dealContainers } from '@bright-sprout/core/design/dealContainers';
import { makeTreatments } from '@bright-sprout/core/design/treatments';
import { exportTidyCsv } from '@bright-sprout/core/formats/exportTidyCsv';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull, type EntityManager } from 'typeorm';
import { type Requester, type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { newId, requestHash } from '../database/ids';
import { isDuplicate, Transactions } from '../database/transactions';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';
import { Container } from './container.entity';
import { Investigation } from './investigation.entity';
import { InvestigationViews } from './investigationViews.service';
import { TreatmentEntity } from './treatment.entity';

const MAX_CONTAINERS = 120;

function refuse(path: string, sentence: string): Problem {
  return new Problem(400, sentence, { errors: [{ path, sentence }] });
}

@Injectable()
export class InvestigationsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly scope: Scope,
    private readonly views: InvestigationViews,
    private readonly changes: ChangesService,
  ) {}

  async records(asking: Requester, id: string): Promise<InvestigationRecords> {
    return this.views.records(await this.scope.investigationOf(asking, id));
  }

  /** Every growing investigation of the teacher's classes, with its records: what the shelves of today are drawn from. */
  async growing(teacher: TeacherRequester): Promise<InvestigationRecords[]> {
    const classes = await this.scope.classesOf(teacher);
    const found = await this.dataSource.getRepository(Investigation).find({
      where: { classId: In(classes.map((c) => c.id)), phase: 'growing', removedAt: IsNull() },
      relations: { classGroup: { teams: true } },
      order: { sownOn: 'ASC' },
    });
    return Promise.all(found.map((i) => this.views.records(i)));
  }

  /** Makes treatments, containers and places from the short plan. The same request under the same id changes nothing. */
  async plan(teacher: TeacherRequester, id: string, request: PlanInvestigationRequest): Promise<InvestigationView> {
    const group = await this.scope.classOf(teacher, request.classId);
    const hash = requestHash(request);
    if (await this.alreadyMade(teacher, id, hash)) return this.viewOf(teacher, id);
    this.checkPlan(request, dayInZone(new Date(), group.timeZone));
    const teams = request.teamIds.map((teamId) => group.teams.find((t) => t.id === teamId));
    if (teams.some((t) => !t) || new Set(request.teamIds).size < teams.length)
      throw refuse('teamIds', 'A team is not of this class, or is listed twice.');
    const treatments = makeTreatments(request.levels, request.controlIndex);
    const deal = dealContainers(treatments.map((t) => t.code), request.replicates, teams.length, request.drawSeed); // prettier-ignore
    await this.insert(id, hash, async (manager) => {
      await manager.getRepository(Investigation).insert({
        id,
        classId: group.id,
        question: request.question,
        factor: request.factor,
        phase: 'growing',
        origin: 'planned',
        speciesId: request.speciesId,
        methodId: request.methodId,
        sownOn: request.sownOn,
        resolution: request.resolution,
        beforeSprouting: request.beforeSprouting,
        drawSeed: request.drawSeed,
        splitSentence: deal.sentence,
        requestHash: hash,
      });
      const ids = new Map(treatments.map((t) => [t.code, newId()]));
      await manager
        .getRepository(TreatmentEntity)
        .insert(treatments.map((t) => ({ id: ids.get(t.code)!, investigationId: id, ...t })));
      await manager.getRepository(Container).insert(
        deal.containers.map((c) => ({
          id: newId(),
          investigationId: id,
          treatmentId: ids.get(c.treatment)!,
          teamId: c.team === null ? null : teams[c.team]!.id,
          code: c.code,
          position: c.position,
          seedsSown: request.seedsPerContainer,
        })),
      );
      await this.changes.note(manager, { kind: 'investigation-changed', classId: group.id, investigationId: id });
    });
    return this.viewOf(teacher, id);
  }

  /** Runs the insert; when another request made the same investigation meanwhile, that one stands. */
  async insert(id: string, hash: string, work: (manager: EntityManager) => Promise<void>): Promise<void> {
    try {
      await this.transactions.run(work);
    } catch (error) {
      const made = isDuplicate(error) && (await this.dataSource.getRepository(Investigation).existsBy({ id, requestHash: hash }));
      if (!made) throw error;
    }
  }

  /** True when this very request was carried out before; refuses another request under the same id. */
  async alreadyMade(teacher: TeacherRequester, id: string, hash: string): Promise<boolean> {
    if (!(await this.dataSource.getRepository(Investigation).existsBy({ id }))) return false;
    const made = await this.scope.investigationOf(teacher, id);
    if (made.requestHash !== hash)
      throw new Problem(409, 'This investigation was set up already, with other settings. Open it, or begin a new one.', {
        current: await this.views.view(made),
      });
    return true;
  }

  async viewOf(asking: Requester, id: string): Promise<InvestigationView> {
    return this.views.view(await this.scope.investigationOf(asking, id));
  }

  private checkPlan(request: PlanInvestigationRequest, today: string): void {
    if (request.controlIndex >= request.levels.length)
      throw refuse('controlIndex', 'Choose the control among the things you compare.');
    const labels = request.levels.map((l) => l.label.trim().toLowerCase());
    if (new Set(labels).size < labels.length) throw refuse('levels', 'Two of the things you compare have the same name.');
    if (!speciesById(request.speciesId)) throw refuse('speciesId', 'This kind of seed is not in the catalogue.');
    if (!methodById(request.methodId)) throw refuse('methodId', 'This way of growing is not known.');
    if (!isIsoDay(request.sownOn)) throw refuse('sownOn', 'This day of sowing does not exist in the calendar.');
    if (Math.abs(daysBetween(today, request.sownOn)) > 366)
      throw refuse('sownOn', `Choose a day of sowing between ${addDays(today, -366)} and ${addDays(today, 366)}.`);
    const containers = request.levels.length * request.replicates;
    if (containers > MAX_CONTAINERS)
      throw refuse(
        'replicates',
        `${containers} containers are more than one windowsill carries; at most ${MAX_CONTAINERS} are possible.`,
      );
  }

  async change(teacher: TeacherRequester, id: string, request: ChangeInvestigationRequest): Promise<InvestigationView> {
    const found = await this.scope.investigationOf(teacher, id);
    const wanted = {
      question: request.question ?? found.question,
      phase: request.phase ?? found.phase,
      sharedWithTeams: request.sharedWithTeams ?? found.sharedWithTeams,
      removedAt: request.removed === undefined ? found.removedAt : request.removed ? (found.removedAt ?? new Date()) : null,
    };
    const same =
      wanted.question === found.question &&
      wanted.phase === found.phase &&
      wanted.sharedWithTeams === found.sharedWithTeams &&
      wanted.removedAt === found.removedAt;
    if (!same) {
      await this.transactions.run(async (manager) => {
        const result = await manager
          .getRepository(Investigation)
          .update({ id, version: request.version }, { ...wanted, version: request.version + 1 });
        if (result.affected === 0)
          throw new Problem(
            409,
            'Somebody else changed this investigation a moment ago. Look at it again; your change was not made.',
            { current: await this.views.view(found) },
          );
        await this.changes.note(manager, { kind: 'investigation-changed', classId: found.classId, investigationId: id });
      });
    }
    return this.viewOf(teacher, id);
  }

  /** Everything of the investigation as tidy CSV. */
  async csv(teacher: TeacherRequester, id: string): Promise<{ name: string; text: string }> {
    const { investigation, readings } = await this.records(teacher, id);
    const codes = new Map(investigation.containers.map((c) => [c.id, c.code]));
    const text = exportTidyCsv({
      sownOn: investigation.sownOn,
      treatments: investigation.treatments.map(({ code, label, control }) => ({ code, label, control })),
      units: investigation.containers.map((c) => ({ code: c.code, treatment: c.treatment, block: c.block, seeds: c.seedsSown })),
      readings: readings.map((r) => ({ ...r, unit: codes.get(r.containerId)!, key: r.id, corrects: r.supersedes })),
    });
    return { name: `${investigation.question.toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '').slice(0, 60) || 'records'}.csv`, text }; // prettier-ignore
  }
}
