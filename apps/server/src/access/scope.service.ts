import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { ClassGroup } from '../classes/classGroup.entity';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { Plan } from '../plans/plan.entity';
import { notFound, Problem } from '../problems/problem';
import { type Requester, type TeacherRequester, type TeamRequester } from './requester';
import { Database } from '../database/database';

/** What writing for a container asks of its investigation; the rest of it, with its whole calendar, is left where it is. */
const OF_INVESTIGATION = [
  'id',
  'classId',
  'phase',
  'origin',
  'speciesId',
  'sownOn',
  'resolution',
  'bench',
  'finishedAt',
  'removedAt',
  'checkingClosedAt',
] as const satisfies (keyof Investigation)[];

export type ContainerToWriteFor = Omit<Container, 'investigation'> & {
  investigation: Pick<Investigation, (typeof OF_INVESTIGATION)[number]> & { classGroup: Pick<ClassGroup, 'id' | 'timeZone'> };
};

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
    if (!found) throw notFound('This class');
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
    if (!found) throw notFound('This investigation');
    if (asking.kind === 'team' && (!found.sharedWithTeams || found.removedAt))
      throw new Problem(403, 'Your teacher has not shared the class’s records yet.');
    return found;
  }

  /** A plan of the teacher's own class. */
  async planOf(teacher: TeacherRequester, id: string): Promise<Plan> {
    const found = await this.db.of(Plan).findOne({
      where: { id, classGroup: { schoolId: teacher.schoolId, teacherId: teacher.teacherId } },
      relations: { classGroup: { teams: true } },
    });
    if (!found) throw notFound('This plan');
    return found;
  }

  /**
   * An investigation that the asker may write care for: the teacher's own, or one in which the team has containers.
   * @param at when it was done
   */
  async investigationToCareFor(asking: Requester, id: string, at: Date): Promise<Investigation> {
    if (asking.kind === 'teacher') return this.investigationOf(asking, id);
    const found = await this.db
      .of(Investigation)
      .findOne({ where: { id, classId: asking.classId, classGroup: { schoolId: asking.schoolId } } });
    const own = await this.db.of(Container).existsBy([
      { investigationId: id, teamId: asking.teamId },
      { investigationId: id, teamId: IsNull() },
    ]);
    if (!found || !own) throw notFound('This investigation');
    refuseAfterTheEnd(found, at);
    return found;
  }

  /**
   * A container that the asker may write for: the teacher's own, or one that the team looked after at that moment, in an
   * investigation that was still growing then.
   * @param at when what is written was done
   */
  async containerToWriteFor(asking: Requester, containerId: string, at: Date): Promise<ContainerToWriteFor> {
    const query = this.db
      .of(Container)
      .createQueryBuilder('container')
      .innerJoin('container.investigation', 'investigation')
      .innerJoin('investigation.classGroup', 'classGroup')
      .addSelect([...OF_INVESTIGATION.map((column) => `investigation.${column}`), 'classGroup.id', 'classGroup.timeZone'])
      .where({ id: containerId, takenBackAt: IsNull() });
    if (asking.kind === 'teacher') {
      const { schoolId, teacherId } = asking;
      const own = 'classGroup.schoolId = :schoolId AND classGroup.teacherId = :teacherId';
      const found = await query.andWhere(own, { schoolId, teacherId }).getOne();
      if (!found) throw notFound('This container');
      return found;
    }
    const { teamId, classId } = asking;
    const found = await query
      .andWhere('investigation.classId = :classId', { classId })
      .andWhere(
        `(container.teamId = :teamId OR (container.teamId IS NULL AND investigation.origin = 'planned') OR EXISTS (
          SELECT 1 FROM run_change moved WHERE moved.container_id = container.id AND moved.kind = 'move-team' AND (
            (moved.from_team = :teamId AND moved.recorded_at >= :at)
            OR (moved.to_team = :teamId AND moved.recorded_at <= :at AND moved.undone_at >= :at))))`,
        { teamId, at },
      )
      .getOne();
    if (!found) throw new Problem(403, 'This container belongs to another team. Nothing was saved for it.');
    refuseAfterTheEnd(found.investigation, at);
    return found;
  }

  /** The containers that a team looks after: its own, and those that the class looks after together. */
  async containersOf({ teamId, classId }: TeamRequester): Promise<Container[]> {
    return this.db.of(Container).find({
      where: [
        { teamId, takenBackAt: IsNull() },
        { teamId: IsNull(), takenBackAt: IsNull(), investigation: { classId, origin: 'planned' } },
      ],
    });
  }
}

type Ends = Pick<Investigation, 'phase' | 'finishedAt' | 'removedAt' | 'checkingClosedAt'>;

/** What a team did counts by when it did it: what was done before the end is taken whenever it arrives, what was done after is not. */
function refuseAfterTheEnd({ phase, finishedAt, removedAt, checkingClosedAt }: Ends, at: Date): void {
  const before = (end: Date | null) => end !== null && at <= end;
  if (phase !== 'growing' && !before(finishedAt))
    throw new Problem(422, 'This investigation is finished: nothing more is written down for it.');
  if (removedAt && !before(removedAt)) throw notFound('This investigation');
  if (checkingClosedAt && !before(checkingClosedAt))
    throw new Problem(422, 'Your teacher has closed checking for now. What you entered stays on this device.');
}

/** When something was done, as its device says; a clock that runs ahead makes nothing later than its arrival. */
export function doneAt(recordedAt: string | undefined, arrived: Date): Date {
  const said = recordedAt === undefined ? arrived : new Date(recordedAt);
  return said < arrived ? said : arrived;
}
