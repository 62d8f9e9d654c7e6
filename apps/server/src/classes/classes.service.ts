import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { randomInt } from 'node:crypto';
import { type Emblem, EMBLEM_NAMES } from '@bright-sprout/contracts/access';
import { type ClassView, type TeamLeaves } from '@bright-sprout/contracts/answers/classes';
import { SaveClassRequest, SaveTeamsRequest } from '@bright-sprout/contracts/classes';
import { type SchoolCalendarRequest } from '@bright-sprout/contracts/schoolYear';
import { calendarProblems } from '@bright-sprout/core/calendar/schoolCalendar';
import { isTimeZone } from '@bright-sprout/core/calendar/days';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { AccessSession } from '../access/accessSession.entity';
import { AttemptsService, teamAccount } from '../access/attempts.service';
import { PinsService } from '../access/pins.service';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { SessionsService } from '../access/sessions.service';
import { Database, isDuplicate } from '../database/database';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { ChangesService } from '../live/changes.service';
import { asTold, notFound, Problem, wrongField } from '../problems/problem';
import { ClassGroup } from './classGroup.entity';
import { teamsInOrder } from './teamsInOrder';
import { Team } from './team.entity';

/** No letters or digits that are read for one another. */
const CODE_SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

interface Leaves extends TeamLeaves {
  /** Of the team. */
  id: string;
  classId: string;
}

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
    const leaves = await this.leaves(classes.map((c) => c.id));
    const investigations = await this.db
      .of(Investigation)
      .find({ where: { classId: In(classes.map((c) => c.id)), removedAt: IsNull() }, order: { sownOn: 'DESC' } });
    return classes.map((c) =>
      this.view(
        c,
        investigations.filter((i) => i.classId === c.id),
        leaves,
      ),
    );
  }

  async one(teacher: TeacherRequester, id: string): Promise<ClassView> {
    const found = await this.scope.classOf(teacher, id);
    return this.view(
      found,
      await this.db.of(Investigation).find({ where: { classId: id, removedAt: IsNull() }, order: { sownOn: 'DESC' } }),
      await this.leaves([id]),
    );
  }

  /** Makes the class, or changes the teacher's own one under this id. */
  async save(teacher: TeacherRequester, id: string, request: SaveClassRequest): Promise<ClassView> {
    if (!isTimeZone(request.timeZone))
      throw new Problem(400, told('refusals.timeZoneKnown'), {
        fields: [{ path: 'timeZone', wrong: told('refusals.chooseTimeZoneList') }],
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

  private async insertWithCode(
    group: Omit<ClassGroup, 'joinCode' | 'school' | 'teacher' | 'teams' | 'sensorOn' | 'schoolYear' | 'goesAt'>,
  ): Promise<void> {
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

  /** Keeps school days and holidays for all plans of the class that begin from now on. */
  async saveSchoolYear(teacher: TeacherRequester, id: string, calendar: SchoolCalendarRequest): Promise<ClassView> {
    await this.scope.classOf(teacher, id);
    const [sentence] = calendarProblems(calendar);
    if (sentence) throw wrongField(400, 'holidays', asTold(sentence));
    await this.db.work(async () => {
      await this.db.of(ClassGroup).update({ id }, { schoolYear: calendar });
      await this.changes.note(changed(id));
    });
    return this.one(teacher, id);
  }

  /**
   * Sets the teams of the class: new ones get a PIN, missing ones are taken away unless containers are theirs. An emblem that was
   * there before comes back with its PIN and all that its team said.
   */
  async saveTeams(teacher: TeacherRequester, classId: string, request: SaveTeamsRequest): Promise<ClassView> {
    try {
      await this.writeTeams(teacher, classId, request);
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      // The same request may have been carried out a moment ago; then nothing is left to insert.
      await this.writeTeams(teacher, classId, request).catch((again: unknown) => {
        throw isDuplicate(again) ? new Problem(409, told('refusals.teamBelongsClassEmblem')) : again;
      });
    }
    return this.one(teacher, classId);
  }

  private async writeTeams(teacher: TeacherRequester, classId: string, { teams }: SaveTeamsRequest): Promise<void> {
    await this.scope.classOf(teacher, classId);
    const known = await this.db.of(Team).find({ where: { classId }, withDeleted: true });
    const named = (id: string) => known.find((t) => t.id === id);
    const before = (emblem: Emblem) => known.find((t) => t.emblem === emblem && !teams.some((r) => r.id === t.id));
    const sent = teams.map(({ id, emblem }) => ({ id, emblem, team: named(id) ?? before(emblem) }));
    const gone = known.filter((t) => t.removedAt === null && !sent.some((s) => s.team === t)).map((t) => t.id);
    await this.db.work(async () => {
      const busy = await this.db.of(Container).findOne({ where: { teamId: In(gone) }, relations: { team: true } });
      if (busy) throw new Problem(422, told('refusals.lookAfterContainersTeam', { nickname: busy.team!.nickname }));
      await this.db.of(Team).update({ id: In(gone) }, { removedAt: timeNow() });
      await this.db.of(AccessSession).delete({ teamId: In(gone) });
      for (const { id, emblem, team } of sent) {
        const names = { emblem, nickname: EMBLEM_NAMES[emblem] };
        if (team) await this.db.of(Team).update({ id: team.id }, { ...names, removedAt: null });
        else await this.db.of(Team).insert({ id, classId, ...names, sealedPin: this.pins.seal(this.pins.draw()) });
      }
      await this.changes.note(changed(classId));
    });
  }

  /** Draws a new PIN and ends the team's open sessions. */
  async renewPin(teacher: TeacherRequester, classId: string, teamId: string): Promise<ClassView> {
    const group = await this.scope.classOf(teacher, classId);
    if (!group.teams.some((t) => t.id === teamId)) throw notFound(told('refusals.thisTeam'));
    await this.db.work(async () => {
      await this.db.of(Team).update({ id: teamId, classId }, { sealedPin: this.pins.seal(this.pins.draw()) });
      await this.changes.note(changed(classId));
    });
    await this.sessions.closeAllOfTeam(teamId);
    // Whoever was stopped by too many wrong PINs may try the new one.
    await this.attempts.forget('team', teamAccount(group.joinCode, group.teams.find((t) => t.id === teamId)!.emblem));
    return this.one(teacher, classId);
  }

  /** What goes out of sight with each team, also with those that are taken away. */
  private async leaves(classIds: string[]): Promise<Leaves[]> {
    if (classIds.length === 0) return [];
    const rows = await this.db.query<Record<keyof Leaves, string>[]>(
      `SELECT t.id, t.class_id AS classId,
         (SELECT COUNT(*) FROM access_session s WHERE s.team_id = t.id AND s.expires_at > ?) AS devices,
         (SELECT COUNT(*) FROM prediction p WHERE p.team_id = t.id) AS predictions,
         (SELECT COUNT(*) FROM held_entry h WHERE h.team_id = t.id AND h.decided_at IS NULL) AS waiting
       FROM team t WHERE t.class_id IN (?)`,
      [timeNow(), classIds],
    );
    return rows.map(({ id, classId, devices, predictions, waiting }) => ({
      id,
      classId,
      devices: Number(devices),
      predictions: Number(predictions),
      waiting: Number(waiting),
    }));
  }

  private view(group: ClassGroup, investigations: Investigation[], leaves: readonly Leaves[]): ClassView {
    const { id, name, gradeBand, timeZone, joinCode, schoolYear } = group;
    const teams = teamsInOrder(group.teams);
    const leavesOf = (teamId: string): TeamLeaves => {
      const { devices, predictions, waiting } = leaves.find((l) => l.id === teamId)!;
      return { devices, predictions, waiting };
    };
    return {
      id,
      name,
      gradeBand,
      timeZone,
      joinCode,
      schoolYear,
      teams: teams.map((t) => ({
        id: t.id,
        emblem: t.emblem,
        nickname: t.nickname,
        pin: this.pins.open(t.sealedPin),
        leaves: leavesOf(t.id),
      })),
      waiting: leaves.filter((l) => l.classId === id).reduce((sum, l) => sum + l.waiting, 0),
      investigations: investigations.map((i) => ({ id: i.id, question: i.question, phase: i.phase, sownOn: i.sownOn })),
    };
  }
}
