import { type CareView } from '@bright-sprout/contracts/care';
import { type DeviationView } from '@bright-sprout/contracts/deviations';
import {
  type ExpectedView,
  type InvestigationRecords,
  type InvestigationView,
  type ReadingView,
} from '@bright-sprout/contracts/investigations';
import { type PhotoView } from '@bright-sprout/contracts/photos';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { predictedHeightDay } from '@bright-sprout/core/plan/document/predictedDay';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import { careView } from '../care/careView';
import { CareEvent } from '../care/careEvent.entity';
import { ReadingEntity } from '../checks/reading.entity';
import { type Team } from '../classes/team.entity';
import { Photo } from '../photos/photo.entity';
import { photoView } from '../photos/photoView';
import { Prediction } from '../predictions/prediction.entity';
import { Deviation } from '../sowing/deviation.entity';
import { Container } from './container.entity';
import { type Investigation } from './investigation.entity';
import { TreatmentEntity } from './treatment.entity';

/** Puts investigations and their records into the words of the contract. */
@Injectable()
export class InvestigationViews {
  constructor(private readonly dataSource: DataSource) {}

  /** @param investigation loaded with its class and the class's teams */
  async view(investigation: Investigation): Promise<InvestigationView> {
    const where = { investigationId: investigation.id };
    const [treatments, containers] = await Promise.all([
      this.dataSource.getRepository(TreatmentEntity).find({ where, order: { code: 'ASC' } }),
      this.dataSource.getRepository(Container).find({ where, order: { position: 'ASC' } }),
    ]);
    const deviations = await this.deviations(containers.map((c) => c.id));
    const codes = new Map(treatments.map((t) => [t.id, t.code]));
    const method = investigation.methodId === null ? undefined : methodById(investigation.methodId);
    const { classGroup } = investigation;
    const taking = new Set(containers.map((c) => c.teamId));
    const teams = classGroup.teams.filter((t) => taking.has(t.id)).sort((a, b) => (a.id < b.id ? -1 : 1));
    const nicknames = new Map(teams.map((t: Team) => [t.id, t.nickname]));
    return {
      id: investigation.id,
      version: investigation.version,
      question: investigation.question,
      factor: investigation.factor,
      phase: investigation.phase,
      origin: investigation.origin,
      speciesId: investigation.speciesId,
      ...namedKind(investigation.speciesId),
      methodId: investigation.methodId,
      methodName: method?.name ?? 'Imported records',
      containerName: method?.container ?? 'container',
      sownOn: investigation.sownOn,
      resolution: investigation.resolution,
      beforeSprouting: investigation.beforeSprouting,
      drawSeed: investigation.drawSeed,
      splitSentence: investigation.splitSentence,
      planCautions: investigation.planCautions,
      runSheet: investigation.runSheet,
      bench: investigation.bench ?? USUAL_BENCH,
      schedule: investigation.schedule,
      outlook: investigation.outlook,
      checkingClosedAt: investigation.checkingClosedAt?.toISOString() ?? null,
      deviations,
      expected: await this.expected(investigation.id),
      care: await this.care(investigation.id),
      sharedWithTeams: investigation.sharedWithTeams,
      removed: investigation.removedAt !== null,
      class: { id: classGroup.id, name: classGroup.name, gradeBand: classGroup.gradeBand, timeZone: classGroup.timeZone },
      teams: teams.map(({ id, emblem, nickname }) => ({ id, emblem, nickname })),
      treatments: treatments.map(({ code, label, control, speciesId }) => ({
        code,
        label,
        control,
        speciesId: speciesId ?? investigation.speciesId,
        ...namedKind(speciesId ?? investigation.speciesId),
      })),
      containers: containers.map((c) => ({
        id: c.id,
        code: c.code,
        treatment: codes.get(c.treatmentId)!,
        teamId: c.teamId,
        block: c.teamId === null ? c.block : nicknames.get(c.teamId)!,
        position: c.position,
        seedsSown: c.seedsSown,
        sownOn: c.sownOn ?? investigation.sownOn,
      })),
    };
  }

  private async expected(investigationId: string): Promise<ExpectedView[]> {
    const found = await this.dataSource
      .getRepository(Prediction)
      .find({ where: { planId: investigationId }, relations: { plan: true } });
    return found.map(({ teamId, heightMm, winner, plan }) => ({
      teamId,
      heightMm,
      winner,
      dayNumber: predictedHeightDay(plan.document),
    }));
  }

  private async care(investigationId: string): Promise<CareView[]> {
    const found = await this.dataSource.getRepository(CareEvent).find({
      where: { investigationId, takenBackAt: IsNull() },
      order: { recordedAt: 'ASC' },
    });
    return found.map(careView);
  }

  private async deviations(containerIds: string[]): Promise<DeviationView[]> {
    if (containerIds.length === 0) return [];
    const found = await this.dataSource.getRepository(Deviation).find({
      where: { containerId: In(containerIds), takenBackAt: IsNull() },
      order: { recordedAt: 'ASC' },
    });
    return found.map(({ id, containerId, kind, note }) => ({ id, containerId, kind, note }));
  }

  async records(investigation: Investigation): Promise<InvestigationRecords> {
    const view = await this.view(investigation);
    return { investigation: view, ...(await this.recordsOf(view.containers.map((c) => c.id))) };
  }

  /** Readings and pictures of containers. */
  async recordsOf(containerIds: string[]): Promise<Pick<InvestigationRecords, 'readings' | 'photos'>> {
    const [readings, photos] = await Promise.all([this.readingsOf(containerIds), this.photos(containerIds)]);
    return { readings, photos };
  }

  private async photos(containerIds: string[]): Promise<PhotoView[]> {
    if (containerIds.length === 0) return [];
    const found = await this.dataSource
      .getRepository(Photo)
      .find({ where: { containerId: In(containerIds), takenBackAt: IsNull() }, order: { day: 'ASC', recordedAt: 'ASC' } });
    return found.map(photoView);
  }

  /** Every reading of the containers, corrections and what they replaced included, in the order they were recorded. */
  async readingsOf(containerIds: string[]): Promise<ReadingView[]> {
    if (containerIds.length === 0) return [];
    const found = await this.dataSource
      .getRepository(ReadingEntity)
      .find({ where: { check: { containerId: In(containerIds) } }, relations: { check: true } });
    return found
      .sort((a, b) => a.check.recordedAt.getTime() - b.check.recordedAt.getTime() || (a.id < b.id ? -1 : 1))
      .map((r) => ({
        id: r.id,
        containerId: r.check.containerId,
        plant: r.plant,
        day: r.check.day,
        state: r.state,
        valueMm: r.valueMm,
        typed: r.typed,
        leaves: r.leaves,
        more: r.more,
        doubt: r.doubt,
        lostReason: r.lostReason,
        note: r.note,
        supersedes: r.supersedesId,
        recordedAt: r.check.recordedAt.toISOString(),
        source: r.check.source,
        dayReason: r.check.dayReason,
      }));
  }
}

/** Name and habit of a kind; an imported one that the catalogue does not know keeps its name. */
function namedKind(speciesId: string) {
  const species = speciesById(speciesId);
  return { speciesName: species?.name ?? speciesId, habit: species?.habit ?? ('broad' as const) };
}
