import { randomInt } from 'node:crypto';
import { EMBLEM_NAMES } from '@bright-sprout/contracts/access';
import { type ClassView, SaveClassRequest, SaveTeamsRequest } from '@bright-sprout/contracts/classes';
import { isTimeZone } from '@bright-sprout/core/calendar/days';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { AttemptsService, teamAccount } from '../access/attempts.service';
import { PinsService } from '../access/pins.service';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { SessionsService } from '../access/sessions.service';
import { Database, isDuplicate } from '../database/database';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { ClassGroup } from './classGroup.entity';
import { teamsInOrder } from './teamsInOrder';
import { Team } from './team.entity';

/** No letters or digits that are read for one another. */
const CODE_SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

const changed = (classId: string) => ({ kind: 'class-changed' as const, classId });

@Injectable()
export class ClassesService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly pins: PinsService,
    private readonly sessions: SessionsService,
    private readonly attempts: AttemptsService,
    private readonly changes: ChangesService,
  ) {}

  async list(teacher: TeacherRequester): Promise<ClassView[]> {
    const classes = await this.scope.classesOf(teacher);
    const investigations = await this.db
      .of(Investigation)
      .find({ where: { classId: In(classes.map((c) => c.id)), removedAt: IsNull() }, order: { sownOn: 'DESC' } });
    return classes.map((c) =>
      this.view(
        c,
        investigations.filter((i) => i.classId === c.id),
      ),
    );
  }

  async one(teacher: TeacherRequester, id: string): Promise<ClassView> {
    const found = await this.scope.classOf(teacher, id);
    return this.view(
      found,
      await this.db.of(Investigation).find({ where: { classId: id, removedAt: IsNull() }, order: { sownOn: 'DESC' } }),
    );
  }

  /** Makes the class, or changes the teacher's own one under this id. */
  async save(teacher: TeacherRequester, id: string, request: SaveClassRequest): Promise<ClassView> {
    if (!isTimeZone(request.timeZone))
      throw new Problem(400, 'This time zone is not known.', {
        errors: [{ path: 'timeZone', sentence: 'Choose a time zone from the list.' }],
      });
    const classes = this.db.of(ClassGroup);
    if (await classes.existsBy({ id })) {
      await this.scope.classOf(teacher, id);
      await this.db.work(async () => {
        await this.db.of(ClassGroup).update({ id }, { ...request });
        await this.changes.note(changed(id));
      });
    } else await this.insertWithCode({ id, schoolId: teacher.schoolId, teacherId: teacher.teacherId, ...request });
    return this.one(teacher, id);
  }

  private async insertWithCode(group: Omit<ClassGroup, 'joinCode' | 'school' | 'teacher' | 'teams' | 'sensorOn'>): Promise<void> {
    for (let attempt = 1; ; attempt++) {
      const joinCode = Array.from({ length: 6 }, () => CODE_SIGNS[randomInt(CODE_SIGNS.length)]).join('');
      try {
        await this.db.work(async () => {
          await this.db.of(ClassGroup).insert({ ...group, joinCode });
          await this.changes.note(changed(group.id));
        });
        return;
      } catch (error) {
        const made = await this.db.of(ClassGroup).findOneBy({ id: group.id });
        if (made && made.teacherId === group.teacherId) return;
        if (!isDuplicate(error) || attempt === 5) throw error;
      }
    }
  }

  /** Sets the teams of the class: new ones get a PIN, missing ones go unless containers are theirs. */
  async saveTeams(teacher: TeacherRequester, classId: string, request: SaveTeamsRequest): Promise<ClassView> {
    try {
      await this.writeTeams(teacher, classId, request);
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      // The same request may have been carried out a moment ago; then nothing is left to insert.
      await this.writeTeams(teacher, classId, request).catch((again: unknown) => {
        throw isDuplicate(again)
          ? new Problem(409, 'A team belongs to one class, and an emblem to one team. Nothing was changed.')
          : again;
      });
    }
    return this.one(teacher, classId);
  }

  private async writeTeams(teacher: TeacherRequester, classId: string, { teams }: SaveTeamsRequest): Promise<void> {
    const group = await this.scope.classOf(teacher, classId);
    const gone = group.teams.filter((t) => !teams.some((r) => r.id === t.id));
    const fresh = teams.filter((r) => !group.teams.some((t) => t.id === r.id));
    await this.db.work(async () => {
      const busy = await this.db
        .of(Container)
        .findOne({ where: { teamId: In(gone.map((t) => t.id)) }, relations: { team: true } });
      if (busy) throw new Problem(422, `${busy.team!.nickname} look after containers, so the team stays. Nothing was changed.`);
      await this.db.of(Team).delete({ id: In(gone.map((t) => t.id)), classId });
      for (const { id, emblem } of teams) {
        const names = { emblem, nickname: EMBLEM_NAMES[emblem] };
        if (fresh.some((r) => r.id === id))
          await this.db.of(Team).insert({ id, classId, ...names, sealedPin: this.pins.seal(this.pins.draw()) });
        else await this.db.of(Team).update({ id, classId }, names);
      }
      await this.changes.note(changed(classId));
    });
  }

  /** Draws a new PIN and ends the team's open sessions. */
  async renewPin(teacher: TeacherRequester, classId: string, teamId: string): Promise<ClassView> {
    const group = await this.scope.classOf(teacher, classId);
    if (!group.teams.some((t) => t.id === teamId)) throw notFound('This team');
    await this.db.work(async () => {
      await this.db.of(Team).update({ id: teamId, classId }, { sealedPin: this.pins.seal(this.pins.draw()) });
      await this.changes.note(changed(classId));
    });
    await this.sessions.closeAllOfTeam(teamId);
    // Whoever was stopped by too many wrong PINs may try the new one.
    await this.attempts.forget('team', teamAccount(group.joinCode, group.teams.find((t) => t.id === teamId)!.emblem));
    return this.one(teacher, classId);
  }

  private view(group: ClassGroup, investigations: Investigation[]): ClassView {
    const { id, name, gradeBand, timeZone, joinCode } = group;
    const teams = teamsInOrder(group.teams);
    return {
      id,
      name,
      gradeBand,
      timeZone,
      joinCode,
      teams: teams.map((t) => ({ id: t.id, emblem: t.emblem, nickname: t.nickname, pin: this.pins.open(t.sealedPin) })),
      investigations: investigations.map((i) => ({ id: i.id, question: i.question, phase: i.phase, sownOn: i.sownOn })),
    };
  }
}
