import { told } from '@bright-sprout/words/say';
import { type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { ClassGroup } from '../classes/classGroup.entity';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { Plan } from '../plans/plan.entity';
import { notFound, Problem } from '../problems/problem';
import { type Requester, type TeacherRequester, type TeamRequester } from './requester';
import { Database } from '../database/database';

/** A container with what writing for it asks of its investigation: the rest of that, with its whole calendar, stays where it is. */
export type ContainerToWriteFor = Pick<Container, 'id' | 'investigationId' | 'treatmentId' | 'teamId' | 'position' | 'sownOn'> & {
  investigation: Pick<Investigation, 'id' | 'classId' | 'speciesId' | 'sownOn' | 'resolution' | 'bench' | keyof Ends> & {
    classGroup: Pick<ClassGroup, 'id' | 'timeZone'>;
  };
};

type RowToWriteFor = Omit<ContainerToWriteFor, 'investigation'> &
  Omit<ContainerToWriteFor['investigation'], 'id' | 'sownOn' | 'bench' | 'classGroup'> & {
    investigationSownOn: string;
    bench: string | null;
    timeZone: string;
  };

/** One short statement: it runs for every check that is saved. */
const TO_WRITE_FOR = `SELECT c.id, c.investigation_id AS investigationId, c.treatment_id AS treatmentId, c.team_id AS teamId,
    c.position, c.sown_on AS sownOn, i.class_id AS classId, i.species_id AS speciesId, i.sown_on AS investigationSownOn,
    i.resolution, i.bench, i.phase, i.finished_at AS finishedAt, i.removed_at AS removedAt,
    i.checking_closed_at AS checkingClosedAt, g.time_zone AS timeZone
  FROM container c JOIN investigation i ON i.id = c.investigation_id JOIN class_group g ON g.id = i.class_id
  WHERE c.id = ? AND c.taken_back_at IS NULL AND c.in_reserve = 0 AND i.goes_at IS NULL AND g.goes_at IS NULL`;

/** A team looks after its own and the class's, and looked after what was given to another, or back, since. */
const LOOKED_AFTER = `i.class_id = ? AND (c.team_id = ? OR (c.team_id IS NULL AND i.origin = 'planned') OR EXISTS (
  SELECT 1 FROM run_change moved WHERE moved.container_id = c.id AND moved.kind = 'move-team' AND (
    (moved.from_team = ? AND moved.recorded_at >= ?)
    OR (moved.to_team = ? AND moved.recorded_at <= ? AND moved.undone_at >= ?))))`;

/**
 * The one place that says who may reach what. Services load classes, investigations and containers only through it;
 * what lies outside the asker's school and class does not exist for them.
 */
@Injectable()
export class Scope {
  constructor(private readonly db: Database) {}

  /** A class of the teacher's own, in the teacher's school. */
  async classOf(teacher: TeacherRequester, classId: string): Promise<ClassGroup> {
    const found = await this.db.of(ClassGroup).findOne({
      where: { id: classId, schoolId: teacher.schoolId, teacherId: teacher.teacherId },
      relations: { teams: true },
    });
    if (!found) throw notFound(told('refusals.thisClass'));
    return found;
  }

  classesOf(teacher: TeacherRequester): Promise<ClassGroup[]> {
    return this.db.of(ClassGroup).find({
      where: { schoolId: teacher.schoolId, teacherId: teacher.teacherId },
      relations: { teams: true },
      order: { name: 'ASC' },
    });
  }

  /** An investigation of the asker's class. A team may read it whole only while it is shared and not put away. */
  async investigationOf(asking: Requester, id: string): Promise<Investigation> {
    const fence =
      asking.kind === 'teacher'
        ? { classGroup: { schoolId: asking.schoolId, teacherId: asking.teacherId } }
        : { classId: asking.classId, classGroup: { schoolId: asking.schoolId } };
    const found = await this.db
      .of(Investigation)
      .findOne({ where: { id, ...fence }, relations: { classGroup: { teams: true } } });
    if (!found) throw notFound(told('refusals.thisInvestigation'));
    if (asking.kind === 'team' && (!found.sharedWithTeams || found.removedAt))
      throw new Problem(403, told('refusals.teacherSharedClasssRecords'));
    return found;
  }

  /** A plan of the teacher's own class. */
  async planOf(teacher: TeacherRequester, id: string): Promise<Plan> {
    const found = await this.db.of(Plan).findOne({
      where: { id, classGroup: { schoolId: teacher.schoolId, teacherId: teacher.teacherId } },
      relations: { classGroup: { teams: true } },
    });
    if (!found) throw notFound(told('refusals.thisPlan'));
    return found;
  }

  /**
   * An investigation that the asker may write care for: the teacher's own, or one in which the team has containers.
   * @param at when it was done
   */
  async investigationToCareFor(asking: Requester, id: string, at: Date): Promise<Investigation> {
    if (asking.kind === 'teacher') return this.investigationOf(asking, id);
    const found = await this.db.of(Investigation).findOne({
      where: { id, classId: asking.classId, classGroup: { schoolId: asking.schoolId } },
      relations: { classGroup: true },
    });
    const own = await this.db.of(Container).existsBy([
      { investigationId: id, teamId: asking.teamId },
      { investigationId: id, teamId: IsNull() },
    ]);
    if (!found || !own) throw notFound(told('refusals.thisInvestigation'));
    refuseAfterTheEnd(found, at);
    return found;
  }

  /**
   * A container that the asker may write for: the teacher's own, or one that the team looked after at that moment, in an
   * investigation that was still growing then.
   * @param at when what is written was done
   */
  async containerToWriteFor(asking: Requester, containerId: string, at: Date): Promise<ContainerToWriteFor> {
    const found =
      asking.kind === 'teacher'
        ? await this.toWriteFor(containerId, 'g.school_id = ? AND g.teacher_id = ?', [asking.schoolId, asking.teacherId])
        : await this.toWriteFor(containerId, LOOKED_AFTER, [
            asking.classId,
            asking.teamId,
            asking.teamId,
            at,
            asking.teamId,
            at,
            at,
          ]);
    if (!found && asking.kind === 'teacher') throw notFound(told('refusals.thisContainer'));
    if (!found) throw new Problem(403, told('refusals.containerBelongsAnotherTeam'));
    if (asking.kind === 'team') refuseAfterTheEnd(found.investigation, at);
    return found;
  }

  private async toWriteFor(containerId: string, fence: string, values: unknown[]): Promise<ContainerToWriteFor | null> {
    const [row] = await this.db.query<[RowToWriteFor?]>(`${TO_WRITE_FOR} AND ${fence}`, [containerId, ...values]);
    if (!row) return null;
    const { id, investigationId, treatmentId, teamId, position, sownOn, bench, timeZone, investigationSownOn, ...of } = row;
    const investigation = {
      ...of,
      id: investigationId,
      sownOn: investigationSownOn,
      bench: bench === null ? null : (JSON.parse(bench) as BenchProtocol),
      classGroup: { id: of.classId, timeZone },
    };
    return { id, investigationId, treatmentId, teamId, position, sownOn, investigation };
  }

  /** The containers that a team looks after: its own, and those that the class looks after together. */
  async containersOf({ teamId, classId }: TeamRequester): Promise<Container[]> {
    return this.db.of(Container).find({
      where: [
        { teamId, takenBackAt: IsNull(), inReserve: false, investigation: { classId } },
        { teamId: IsNull(), takenBackAt: IsNull(), inReserve: false, investigation: { classId, origin: 'planned' } },
      ],
    });
  }
}

type Ends = Pick<Investigation, 'phase' | 'finishedAt' | 'removedAt' | 'checkingClosedAt'>;

/** What a team did counts by when it did it: what was done before the end is taken whenever it arrives, what was done after is not. */
function refuseAfterTheEnd({ phase, finishedAt, removedAt, checkingClosedAt }: Ends, at: Date): void {
  const before = (end: Date | null) => end !== null && at <= end;
  if (phase !== 'growing' && !before(finishedAt)) throw new Problem(422, told('refusals.investigationFinishedNothingMore'));
  if (removedAt && !before(removedAt)) throw notFound(told('refusals.thisInvestigation'));
  if (checkingClosedAt && !before(checkingClosedAt)) throw new Problem(422, told('refusals.teacherClosedCheckingNow'));
}

/** When something was done, as its device says; a clock that runs ahead makes nothing later than its arrival. */
export function doneAt(recordedAt: Date | null, arrived: Date): Date {
  return recordedAt !== null && recordedAt < arrived ? recordedAt : arrived;
}
