import { told } from '@bright-sprout/words/say';
import { msNow } from '@bright-sprout/core/clock/clock';
import { type RoomView } from '@bright-sprout/contracts/answers/room';
import { type SaveRoomRequest } from '@bright-sprout/contracts/room';
import { Injectable } from '@nestjs/common';
import { MoreThan, Not } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { ClassGroup } from '../classes/classGroup.entity';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { RoomReadingEntity } from './roomReading.entity';
import { SensorBoxService } from './sensorBox.service';
import { Database } from '../database/database';

const MOST_READINGS = 50_000;
/** Shown are the readings of about a term. */
const SHOWN_MS = 120 * 86_400_000;

/** How warm, light and moist a class's room is. */
@Injectable()
export class RoomService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly sensorBox: SensorBoxService,
    private readonly changes: ChangesService,
  ) {}

  async view(teacher: TeacherRequester, classId: string): Promise<RoomView> {
    const group = await this.scope.classOf(teacher, classId);
    const found = await this.db
      .of(RoomReadingEntity)
      .find({ where: { classId, at: MoreThan(new Date(msNow() - SHOWN_MS)) }, order: { at: 'ASC' } });
    return {
      readings: found.map(({ id, at, kind, value, source }) => ({ id, at: at.toISOString(), kind, value, source })),
      sensor: { there: this.sensorBox.there, on: group.sensorOn },
    };
  }

  /** Keeps readings; one that is known by its id already stays as it is. */
  async save(teacher: TeacherRequester, classId: string, { source, readings }: SaveRoomRequest): Promise<RoomView> {
    await this.scope.classOf(teacher, classId);
    const repository = this.db.of(RoomReadingEntity);
    // What the sensor box reads by itself takes nobody's room.
    if ((await repository.countBy({ classId, source: Not('sensor') })) + readings.length > MOST_READINGS)
      throw new Problem(422, told('refusals.classKeepsMostReadings', { mostReadings: MOST_READINGS }));
    const soon = msNow() + 86_400_000;
    const late = readings.findIndex((r) => Date.parse(r.at) > soon);
    if (late >= 0)
      throw new Problem(422, told('refusals.readingCannotComeFuture'), {
        fields: [{ path: `readings.${late}.at`, wrong: told('refusals.timeComeYet') }],
      });
    await this.db.work(async () => {
      await this.db
        .of(RoomReadingEntity)
        .createQueryBuilder()
        .insert()
        .values(readings.map((r) => ({ ...r, at: new Date(r.at), classId, source })))
        .orIgnore()
        .execute();
      await this.changes.note({ kind: 'room-changed', classId });
    });
    return this.view(teacher, classId);
  }

  async remove(teacher: TeacherRequester, classId: string, id: string): Promise<void> {
    await this.scope.classOf(teacher, classId);
    const found = await this.db.of(RoomReadingEntity).findOneBy({ id });
    if (!found) return;
    if (found.classId !== classId) throw notFound(told('refusals.thisReading'));
    await this.db.work(async () => {
      await this.db.of(RoomReadingEntity).delete({ id });
      await this.changes.note({ kind: 'room-changed', classId });
    });
  }

  /** Listens to the sensor box, or no longer; the first reading comes at once. */
  async listen(teacher: TeacherRequester, classId: string, on: boolean): Promise<RoomView> {
    await this.scope.classOf(teacher, classId);
    if (on && !this.sensorBox.there) throw new Problem(422, told('refusals.sensorBoxSetServer'));
    await this.db.work(async () => {
      await this.db.of(ClassGroup).update({ id: classId }, { sensorOn: on });
      await this.changes.note({ kind: 'room-changed', classId });
    });
    if (on) await this.sensorBox.readForAll();
    return this.view(teacher, classId);
  }
}
