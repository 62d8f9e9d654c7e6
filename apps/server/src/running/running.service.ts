import { told } from '@bright-sprout/words/say';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { type RunChangeView } from '@bright-sprout/contracts/answers/running';
import { type RunChangeRequest } from '@bright-sprout/contracts/running';
import { addDays, isIsoDay } from '@bright-sprout/core/calendar/days';
import { MOST_CONTAINERS } from '@bright-sprout/core/plan/document/planDocument';
import { Injectable } from '@nestjs/common';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Team } from '../classes/team.entity';
import { PlantCheck } from '../checks/plantCheck.entity';
import { newId } from '../database/ids';
import { Database, isDuplicate } from '../database/database';
import { Container } from '../investigations/container.entity';
import { type Investigation } from '../investigations/investigation.entity';
import { TreatmentEntity } from '../investigations/treatment.entity';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { RunChange } from './runChange.entity';

const ATTEMPTS = 8;

/** What a teacher changes while an investigation grows. */
@Injectable()
export class RunningService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  async list(teacher: TeacherRequester, investigationId: string): Promise<RunChangeView[]> {
    await this.scope.investigationOf(teacher, investigationId);
    const found = await this.db.of(RunChange).find({
      where: { container: { investigationId } },
      relations: { container: true },
      order: { recordedAt: 'DESC' },
    });
    return found.map(viewOf);
  }

  /** Makes the change once, however often it is sent. */
  async make(teacher: TeacherRequester, id: string, request: RunChangeRequest): Promise<RunChangeView> {
    const investigation = await this.scope.investigationOf(teacher, request.investigationId);
    const there = await this.one(id);
    if (there) {
      if (there.container.investigationId !== investigation.id)
        throw new Problem(409, told('refusals.somethingElseChangedUnder'));
      return viewOf(there);
    }
    if (investigation.phase !== 'growing') throw new Problem(422, told('refusals.investigationFinishedOpenAgain'));
    if (request.teamId && !investigation.classGroup.teams.some((t) => t.id === request.teamId))
      throw new Problem(422, told('refusals.teamClass'));
    for (let attempt = 1; ; attempt++) {
      try {
        await this.makeNow(id, investigation, request);
      } catch (error) {
        if (!isDuplicate(error)) throw error;
      }
      // Two late sowings at one moment take one label: the slower one takes the next.
      const made = await this.one(id);
      if (made) return viewOf(made);
      if (attempt === ATTEMPTS) throw new Problem(503, told('refusals.veryMuchChangedMoment'));
    }
  }

  private makeNow(id: string, investigation: Investigation, request: RunChangeRequest): Promise<void> {
    return this.db.work(async () => {
      if (request.kind === 'move-team') await this.moveTeam(id, investigation, request);
      else if (request.kind === 'from-reserve') await this.takeFromReserve(id, investigation, request);
      else await this.sowLate(id, investigation, request);
      await this.changes.note({
        kind: 'investigation-changed',
        classId: investigation.classId,
        investigationId: investigation.id,
      });
    });
  }

  /** Undoes it where the world allows: a container that was looked at since stays. */
  async undo(teacher: TeacherRequester, id: string): Promise<void> {
    const found = await this.one(id);
    if (!found) return;
    const { investigationId } = found.container;
    const { classId } = await this.scope.investigationOf(teacher, investigationId);
    if (found.undoneAt) return;
    await this.db.work(async () => {
      if (found.kind === 'late-sowing') {
        if (await this.db.of(PlantCheck).existsBy({ containerId: found.containerId }))
          throw new Problem(422, told('refusals.lookedSinceSownStays', { code: found.container.code }));
        await this.db.of(Container).update({ id: found.containerId }, { takenBackAt: timeNow() });
        await this.db.of(RunChange).update({ id }, { undoneAt: timeNow() });
      } else if (found.kind === 'from-reserve') await this.putBackIntoReserve(found);
      else await this.undoMove(found);
      await this.changes.note({ kind: 'investigation-changed', classId, investigationId });
    });
  }

  /** In whatever order moves are taken back: the container is where the last one that stands has put it. */
  private async undoMove({ id, containerId }: RunChange): Promise<void> {
    const moves = await this.db
      .of(RunChange)
      .find({ where: { containerId, kind: 'move-team' }, order: { recordedAt: 'ASC', id: 'ASC' } });
    const standing = moves.filter((m) => m.id !== id && m.undoneAt === null).pop();
    const teamId = standing ? standing.toTeam : moves[0]!.fromTeam;
    if (teamId && !(await this.db.of(Team).existsBy({ id: teamId }))) throw new Problem(422, told('refusals.teamClassMoreBring'));
    await this.db.of(Container).update({ id: containerId }, { teamId });
    await this.db.of(RunChange).update({ id }, { undoneAt: timeNow() });
  }

  private one(id: string): Promise<RunChange | null> {
    return this.db.of(RunChange).findOne({ where: { id }, relations: { container: true } });
  }

  private async moveTeam(id: string, investigation: Investigation, request: RunChangeRequest): Promise<void> {
    const container = await this.containerOf(investigation, request.containerId);
    const toTeam = request.teamId ?? null;
    await this.db.of(Container).update({ id: container.id }, { teamId: toTeam });
    await this.db.of(RunChange).insert(this.row(id, container.id, request, container.teamId, toTeam));
  }

  private async containerOf(investigation: Investigation, id: string | undefined): Promise<Container> {
    const found = id ? await this.db.of(Container).findOneBy({ id, investigationId: investigation.id }) : null;
    if (!found) throw notFound(told('refusals.thisContainer'));
    return found;
  }

  /** A pot of the reserve takes the team of a lost one of the same treatment; from then on it is looked at like the others. */
  private async takeFromReserve(id: string, investigation: Investigation, request: RunChangeRequest): Promise<void> {
    const spare = await this.containerOf(investigation, request.containerId);
    const lost = await this.containerOf(investigation, request.replacesId);
    if (!spare.inReserve) throw new Problem(422, told('refusals.standReserveMore', { code: spare.code }));
    if (lost.inReserve || lost.treatmentId !== spare.treatmentId)
      throw new Problem(422, told('refusals.onlyTakePlacePot', { code: spare.code }));
    await this.db.of(Container).update({ id: spare.id }, { inReserve: false, teamId: lost.teamId });
    await this.db.of(RunChange).insert({ ...this.row(id, spare.id, request, null, lost.teamId), replaces: lost.code });
  }

  /** Only what nobody has looked at since can stand in reserve again. */
  private async putBackIntoReserve({ id, containerId, container }: RunChange): Promise<void> {
    if (await this.db.of(PlantCheck).existsBy({ containerId }))
      throw new Problem(422, told('refusals.lookedSinceTakenStays', { code: container.code }));
    await this.db.of(Container).update({ id: containerId }, { inReserve: true, teamId: null });
    await this.db.of(RunChange).update({ id }, { undoneAt: timeNow() });
  }

  private async sowLate(id: string, investigation: Investigation, request: RunChangeRequest): Promise<void> {
    const today = todayIn(investigation.classGroup.timeZone);
    const { sownOn, treatment: code, seeds } = request;
    if (!sownOn || !isIsoDay(sownOn) || sownOn < investigation.sownOn || sownOn > addDays(today, 1))
      throw new Problem(422, told('refusals.lateSowingLiesBetween'), {
        fields: [{ path: 'sownOn', wrong: told('refusals.chooseDayBetweenFirst') }],
      });
    const treatment = code ? await this.db.of(TreatmentEntity).findOneBy({ investigationId: investigation.id, code }) : null;
    if (!code || !treatment) throw new Problem(422, told('refusals.chooseTreatments'));
    if (!seeds) throw new Problem(422, told('refusals.sayManySeedsSown'));
    const all = await this.db.of(Container).findBy({ investigationId: investigation.id });
    if (all.filter((c) => c.takenBackAt === null).length >= MOST_CONTAINERS)
      throw new Problem(422, told('refusals.mostContainersPossible', { mostContainers: MOST_CONTAINERS }));
    const highest = Math.max(0, ...all.flatMap((c) => (c.code.startsWith(code) ? [Number(c.code.slice(1)) || 0] : [])));
    const containerId = newId();
    await this.db.of(Container).insert({
      id: containerId,
      investigationId: investigation.id,
      treatmentId: treatment.id,
      teamId: request.teamId ?? null,
      code: `${code}${highest + 1}`,
      position: Math.max(-1, ...all.map((c) => c.position)) + 1,
      seedsSown: seeds,
      sownOn,
    });
    await this.db.of(RunChange).insert(this.row(id, containerId, request, null, request.teamId ?? null));
  }

  private row(id: string, containerId: string, { kind, note }: RunChangeRequest, fromTeam: string | null, toTeam: string | null) {
    return { id, containerId, kind, fromTeam, toTeam, note: note ?? null, recordedAt: timeNow() };
  }
}

function viewOf({
  id,
  kind,
  containerId,
  container,
  fromTeam,
  toTeam,
  replaces,
  note,
  recordedAt,
  undoneAt,
}: RunChange): RunChangeView {
  return {
    id,
    kind,
    containerId,
    code: container.code,
    fromTeam,
    toTeam,
    replaces,
    note,
    recordedAt: recordedAt.toISOString(),
    undone: undoneAt !== null,
  };
}
