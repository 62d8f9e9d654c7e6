import { say, told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type BenchTogether, type TogetherView } from '@bright-sprout/contracts/answers/together';
import { type OpenTogetherRequest } from '@bright-sprout/contracts/together';
import { dayInZone } from '@bright-sprout/core/calendar/days';
import { parseLength } from '@bright-sprout/core/quantities/length';
import { numberFound, withFinding } from '@bright-sprout/core/measures/finding';
import { valueProblem } from '@bright-sprout/core/measures/parseFinding';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { type TeacherRequester, type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { PlantCheck } from '../checks/plantCheck.entity';
import { insertReadings } from '../checks/insertReadings';
import { ReadingEntity } from '../checks/reading.entity';
import { newId, requestHash } from '../database/ids';
import { Database, isDuplicate } from '../database/database';
import { Container } from '../investigations/container.entity';
import { ChangesService } from '../live/changes.service';
import { asTold, notFound, Problem, wrongField } from '../problems/problem';
import { Together, TogetherReading } from './together.entities';

function millimetres(typed: string): number {
  const length = parseLength(typed);
  const reason = length.ok ? valueProblem(measureOf('height')!, length.mm) : length.reason;
  if (!length.ok || reason !== null) throw wrongField(422, 'typed', asTold(reason!));
  return length.mm;
}

/** The class reads one plant together: every team sends what it reads, and the class settles on one. */
@Injectable()
export class TogetherService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  async list(teacher: TeacherRequester, investigationId: string): Promise<TogetherView[]> {
    await this.scope.investigationOf(teacher, investigationId);
    const found = await this.db.of(Together).find({
      where: { container: { investigationId } },
      relations: { container: true, readings: { team: true } },
      order: { openedAt: 'DESC', readings: { team: { nickname: 'ASC' } } },
      withDeleted: true,
    });
    return found.map(viewOf);
  }

  /** Opens a plant, once; another one of the class that is open is closed without a value. */
  async open(
    teacher: TeacherRequester,
    id: string,
    { investigationId, containerId }: OpenTogetherRequest,
  ): Promise<TogetherView> {
    const investigation = await this.scope.investigationOf(teacher, investigationId);
    const there = await this.db.of(Together).existsBy({ id });
    if (there) return viewOf(await this.own(teacher, id));
    const container = await this.db
      .of(Container)
      .findOneBy({ id: containerId, investigationId, takenBackAt: IsNull(), inReserve: false });
    if (!container) throw notFound(told('refusals.thisPlant'));
    if (investigation.phase !== 'growing') throw new Problem(422, told('refusals.investigationFinishedNothingRead'));
    const open = await this.db
      .of(Together)
      .findBy({ closedAt: IsNull(), container: { investigation: { classId: investigation.classId } } });
    try {
      await this.db.work(async () => {
        await this.db.of(Together).update({ id: In(open.map((t) => t.id)) }, { closedAt: timeNow() });
        await this.db.of(Together).insert({ id, containerId, openedAt: timeNow() });
        await this.changes.note({ kind: 'together-changed', classId: investigation.classId, investigationId });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
    }
    return viewOf(await this.own(teacher, id));
  }

  /** The class settles on a value: it becomes the plant's reading of the day, and the readings stay for the reading error. */
  async settle(teacher: TeacherRequester, id: string, typed: string): Promise<TogetherView> {
    const found = await this.own(teacher, id);
    const valueMm = millimetres(typed);
    if (found.closedAt) {
      if (found.settledMm === valueMm) return viewOf(found);
      throw new Problem(409, told('refusals.classSettledAlreadyCorrection'));
    }
    const { investigation } = found.container;
    const now = timeNow();
    const day = dayInZone(now, investigation.classGroup.timeZone);
    const current = await this.currentOn(found.containerId, day);
    await this.db.work(async () => {
      const locked = await this.db.of(Together).update({ id, closedAt: IsNull() }, { closedAt: now, settledMm: valueMm });
      if (locked.affected === 0) return;
      const checkId = newId();
      await this.db.of(PlantCheck).insert({
        id: checkId,
        containerId: found.containerId,
        teamId: null,
        day,
        recordedAt: now,
        receivedAt: now,
        source: 'together',
        requestHash: requestHash({ id, typed }),
      });
      // Where two devices disagree, the class's value takes the place of both.
      const replaced = current.length > 0 ? current.map((r) => r.id) : [null];
      await insertReadings(
        this.db,
        replaced.map((supersedesId) => ({
          id: newId(),
          checkId,
          plant: '1',
          state: 'measured' as const,
          // What else was found that day stays; the class settled on the height only.
          findings: withFinding(current[0]?.findings ?? [], 'height', numberFound('height', valueMm, typed.trim())).map(
            ({ measure, value, choice, typed: as }) => ({ measure, value, choice, typed: as }),
          ),
          note: say('refusals.teamsReadTogether', { countReadings: found.readings.length }),
          supersedesId,
        })),
      );
      await this.changes.note({
        kind: 'check-saved',
        classId: investigation.classId,
        investigationId: investigation.id,
        subjectId: checkId,
      });
      await this.changes.note({
        kind: 'together-changed',
        classId: investigation.classId,
        investigationId: investigation.id,
      });
    });
    return viewOf(await this.own(teacher, id));
  }

  /** Closes it without a value. */
  async close(teacher: TeacherRequester, id: string): Promise<void> {
    const found = await this.db.of(Together).findOneBy({ id });
    if (!found) return;
    const { container } = await this.own(teacher, id);
    await this.db.work(async () => {
      await this.db.of(Together).update({ id, closedAt: IsNull() }, { closedAt: timeNow() });
      await this.changes.note({
        kind: 'together-changed',
        classId: container.investigation.classId,
        investigationId: container.investigationId,
      });
    });
  }

  /** What the team is asked at the moment; at most one plant. */
  async asked({ classId, teamId }: TeamRequester): Promise<BenchTogether[]> {
    const open = await this.openOf(classId);
    if (!open) return [];
    const { container, readings } = open;
    const species = speciesById(container.treatment.speciesId ?? container.investigation.speciesId);
    return [
      {
        id: open.id,
        containerId: container.id,
        code: container.code,
        treatment: { code: container.treatment.code, label: container.treatment.label },
        habit: species?.habit ?? 'broad',
        resolution: container.investigation.resolution,
        typed: readings.find((r) => r.teamId === teamId)?.typed ?? null,
      },
    ];
  }

  /** Keeps what the team reads; until the class settles it may look again. */
  async read({ classId, teamId }: TeamRequester, id: string, typed: string): Promise<void> {
    const open = await this.openOf(classId);
    if (!open || open.id !== id) throw new Problem(422, told('refusals.plantReadTogetherMore'));
    const valueMm = millimetres(typed);
    await this.db.work(async () => {
      await this.db
        .of(TogetherReading)
        .upsert({ togetherId: id, teamId, valueMm, typed: typed.trim() }, ['togetherId', 'teamId']);
      await this.changes.note({
        kind: 'together-changed',
        classId,
        investigationId: open.container.investigationId,
      });
    });
  }

  /** Readings of the first plant on a day that no other has replaced. */
  private async currentOn(containerId: string, day: string): Promise<ReadingEntity[]> {
    const all = await this.db
      .of(ReadingEntity)
      .find({ where: { plant: '1', check: { containerId, day } }, relations: { findings: true } });
    const replaced = new Set(all.map((r) => r.supersedesId));
    return all.filter((r) => !replaced.has(r.id));
  }

  private openOf(classId: string): Promise<Together | null> {
    return this.db.of(Together).findOne({
      where: { closedAt: IsNull(), container: { investigation: { classId, phase: 'growing', removedAt: IsNull() } } },
      relations: { container: { investigation: true, treatment: true }, readings: true },
      order: { openedAt: 'DESC' },
    });
  }

  private async own(teacher: TeacherRequester, id: string): Promise<Together> {
    const found = await this.db.of(Together).findOne({
      where: { id, container: { investigation: { classGroup: { schoolId: teacher.schoolId, teacherId: teacher.teacherId } } } },
      relations: { container: { investigation: { classGroup: true } }, readings: { team: true } },
      // What a team read with the class stays, also where the team is gone.
      withDeleted: true,
    });
    if (!found) throw notFound(told('refusals.readingTogether'));
    return found;
  }
}

function viewOf({ id, containerId, container, openedAt, closedAt, settledMm, readings }: Together): TogetherView {
  return {
    id,
    containerId,
    code: container.code,
    openedAt: openedAt.toISOString(),
    settledMm,
    closed: closedAt !== null,
    readings: readings.map(({ team, valueMm, typed }) => ({
      team: { id: team.id, emblem: team.emblem, nickname: team.nickname },
      valueMm,
      typed,
    })),
  };
}
