import { nounOf } from '@bright-sprout/core/words/plural';
import { say } from '@bright-sprout/words/say';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type DeviationView } from '@bright-sprout/contracts/answers/deviations';
import { type ContainerView, type ExpectedView, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { designOf } from '@bright-sprout/core/compare/design';
import { predictedHeightDay } from '@bright-sprout/core/plan/document/predictedDay';
import { seedsIn } from '@bright-sprout/core/readings/seedsIn';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { In, IsNull, MoreThan, Not } from 'typeorm';
import { careView } from '../care/careView';
import { CareEvent } from '../care/careEvent.entity';
import { PlantCheck } from '../checks/plantCheck.entity';
import { type Team } from '../classes/team.entity';
import { teamsInOrder } from '../classes/teamsInOrder';
import { Plan } from '../plans/plan.entity';
import { Prediction } from '../predictions/prediction.entity';
import { Deviation } from '../deviations/deviation.entity';
import { deviationView } from '../deviations/deviationView';
import { type Brought } from './brought';
import { Container } from './container.entity';
import { type Investigation } from './investigation.entity';
import { TreatmentEntity } from './treatment.entity';
import { Database } from '../database/database';

/** Puts investigations and their records into the words of the contract. */
@Injectable()
export class InvestigationViews {
  constructor(private readonly db: Database) {}

  /** @param investigation loaded with its class and the class's teams */
  async view(investigation: Investigation): Promise<InvestigationView> {
    const where = { investigationId: investigation.id };
    const [treatments, all, plan] = await Promise.all([
      this.db.of(TreatmentEntity).find({ where, order: { code: 'ASC' } }),
      this.db.of(Container).find({ where: { ...where, takenBackAt: IsNull() }, order: { position: 'ASC' } }),
      investigation.origin === 'planned' ? this.db.of(Plan).findOneBy({ id: investigation.id }) : null,
    ]);
    const deviations = await this.deviations(all.map((c) => c.id));
    const codes = new Map(treatments.map((t) => [t.id, t.code]));
    const method = investigation.methodId === null ? undefined : methodById(investigation.methodId);
    const { classGroup } = investigation;
    const containers = all.filter((c) => !c.inReserve);
    const taking = new Set(containers.map((c) => c.teamId));
    const teams = teamsInOrder(classGroup.teams.filter((t) => taking.has(t.id)));
    const nicknames = new Map(teams.map((t: Team) => [t.id, t.nickname]));
    const shown = (c: Container): ContainerView => ({
      id: c.id,
      code: c.code,
      treatment: codes.get(c.treatmentId)!,
      teamId: c.teamId,
      block: c.teamId === null ? c.block : nicknames.get(c.teamId)!,
      position: c.position,
      seedsSown: seedsIn(
        c.seedsSown,
        deviations.filter((d) => d.containerId === c.id).map(({ kind, seeds }) => ({ kind, count: seeds })),
      ),
      sownOn: c.sownOn ?? investigation.sownOn,
      childNumber: c.childNumber,
    });
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
      methodName: method?.name ?? say('refusals.importedRecords'),
      containerName: method?.container ?? nounOf('container'),
      sownOn: investigation.sownOn,
      resolution: investigation.resolution,
      beforeSprouting: investigation.beforeSprouting,
      afterLoss: investigation.afterLoss,
      report: investigation.report,
      drawSeed: investigation.drawSeed,
      split: investigation.split,
      planCautions: investigation.planCautions,
      runSheet: investigation.runSheet,
      bench: investigation.bench ?? USUAL_BENCH,
      schedule: investigation.schedule,
      outlook: investigation.outlook,
      checkingClosedAt: investigation.checkingClosedAt?.toISOString() ?? null,
      cameLate: await this.cameLate(investigation),
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
      design: plan === null ? (investigation.brought?.design ?? null) : designOf(plan.document),
      brought: broughtView(investigation.brought),
      containers: containers.map(shown),
      reserve: all.filter((c) => c.inReserve).map(shown),
    };
  }

  /** Checks that came in after the end, or after checking was closed, and were made before. */
  private async cameLate({ id, finishedAt, checkingClosedAt }: Investigation): Promise<number> {
    const ends = [finishedAt, checkingClosedAt].filter((end) => end !== null).sort((a, b) => a.getTime() - b.getTime());
    if (!ends[0]) return 0;
    return this.db
      .of(PlantCheck)
      .countBy({ container: { investigationId: id }, teamId: Not(IsNull()), receivedAt: MoreThan(ends[0]) });
  }

  private async expected(investigationId: string): Promise<ExpectedView[]> {
    const found = await this.db
      .of(Prediction)
      .find({ where: { planId: investigationId }, relations: { plan: true, team: true } });
    const present = found.filter((p) => p.team !== null);
    return present.map(({ teamId, firstSproutDay, heightMm, winner, plan }) => ({
      teamId,
      firstSproutDay,
      heightMm,
      winner,
      dayNumber: predictedHeightDay(plan.document),
    }));
  }

  private async care(investigationId: string): Promise<CareView[]> {
    const found = await this.db.of(CareEvent).find({
      where: { investigationId, takenBackAt: IsNull() },
      order: { recordedAt: 'ASC' },
    });
    return found.map(careView);
  }

  private async deviations(containerIds: string[]): Promise<DeviationView[]> {
    if (containerIds.length === 0) return [];
    const found = await this.db.of(Deviation).find({
      where: { containerId: In(containerIds), takenBackAt: IsNull() },
      order: { recordedAt: 'ASC' },
    });
    return found.map(deviationView);
  }
}

function broughtView(brought: Brought | null): InvestigationView['brought'] {
  return brought && { fileName: brought.fileName, days: brought.days, leftOut: brought.leftOut };
}

/** Name and habit of a kind; an imported one that the catalogue does not know keeps its name. */
function namedKind(speciesId: string) {
  const species = speciesById(speciesId);
  return { speciesName: species?.name ?? speciesId, habit: species?.habit ?? ('broad' as const) };
}
