import { type DeviationView } from '@bright-sprout/contracts/deviations';
import { type InvestigationRecords, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/investigations';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import { ReadingEntity } from '../checks/reading.entity';
import { type Team } from '../classes/team.entity';
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
    const species = speciesById(investigation.speciesId);
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
      speciesName: species?.name ?? investigation.speciesId,
      habit: species?.habit ?? 'broad',
      methodName: method?.name ?? 'Imported records',
      containerName: method?.container ?? 'container',
      sownOn: investigation.sownOn,
      resolution: investigation.resolution,
      beforeSprouting: investigation.beforeSprouting,
      drawSeed: investigation.drawSeed,
      splitSentence: investigation.splitSentence,
      planCautions: investigation.planCautions,
      runSheet: investigation.runSheet,
      deviations,
      sharedWithTeams: investigation.sharedWithTeams,
      removed: investigation.removedAt !== null,
      class: { id: classGroup.id, name: classGroup.name, gradeBand: classGroup.gradeBand, timeZone: classGroup.timeZone },
      teams: teams.map(({ id, emblem, nickname }) => ({ id, emblem, nickname })),
      treatments: treatments.map(({ code, label, control }) => ({ code, label, control })),
      containers: containers.map((c) => ({
        id: c.id,
        code: c.code,
        treatment: codes.get(c.treatmentId)!,
        teamId: c.teamId,
        block: c.teamId === null ? c.block : nicknames.get(c.teamId)!,
        position: c.position,
        seedsSown: c.seedsSown,
      })),
    };
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
    return { investigation: view, readings: await this.readings(view.containers.map((c) => c.id)) };
  }

  /** Every reading of the containers, corrections and what they replaced included, in the order they were recorded. */
  async readings(containerIds: string[]): Promise<ReadingView[]> {
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
        lostReason: r.lostReason,
        note: r.note,
        supersedes: r.supersedesId,
        recordedAt: r.check.recordedAt.toISOString(),
        source: r.check.source,
      }));
  }
}
