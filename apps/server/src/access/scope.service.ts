import { Injectable } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import { ClassGroup } from '../classes/classGroup.entity';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { Plan } from '../plans/plan.entity';
import { notFound, Problem } from '../problems/problem';
import { type Requester, type TeacherRequester, type TeamRequester } from './requester';

/**
 * The one place that says who may reach what. Services load classes, investigations and containers only through it;
 * what lies outside the asker's school and class does not exist for them.
 */
@Injectable()
export class Scope {
  constructor(private readonly dataSource: DataSource) {}

  /** A class of the teacher's own, in the teacher's school. */
  async classOf(teacher: TeacherRequester, classId: string): Promise<ClassGroup> {
    const found = await this.dataSource.getRepository(ClassGroup).findOne({
      where: { id: classId, schoolId: teacher.schoolId, teacherId: teacher.teacherId },
      relations: { teams: true },
    });
    if (!found) throw notFound('This class');
    return found;
  }

  classesOf(teacher: TeacherRequester): Promise<ClassGroup[]> {
    return this.dataSource.getRepository(ClassGroup).find({
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
    const found = await this.dataSource
      .getRepository(Investigation)
      .findOne({ where: { id, ...fence }, relations: { classGroup: { teams: true } } });
    if (!found) throw notFound('This investigation');
    if (asking.kind === 'team' && (!found.sharedWithTeams || found.removedAt))
      throw new Problem(403, 'Your teacher has not shared the class’s records yet.');
    return found;
  }

  /** A plan of the teacher's own class. */
  async planOf(teacher: TeacherRequester, id: string): Promise<Plan> {
    const found = await this.dataSource.getRepository(Plan).findOne({
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
    const found = await this.dataSource
      .getRepository(Investigation)
      .findOne({ where: { id, classId: asking.classId, classGroup: { schoolId: asking.schoolId } } });
    const own = await this.dataSource.getRepository(Container).existsBy([
      { investigationId: id, teamId: asking.teamId },
      { investigationId: id, teamId: IsNull() },
    ]);
    if (!found || !own) throw notFound('This investigation');
    refuseAfterTheEnd(found, at);
    return found;
  }

  /**
   * A container that the asker may write for: the teacher's own, or one that the team looked after.
   * @param at when what is written was done
   */
  async containerToWriteFor(asking: Requester, containerId: string, at: Date): Promise<Container> {
    if (asking.kind === 'team') return this.containerToCheck(asking, containerId, at);
    const found = await this.dataSource.getRepository(Container).findOne({
      where: {
        id: containerId,
        takenBackAt: IsNull(),
        investigation: { classGroup: { schoolId: asking.schoolId, teacherId: asking.teacherId } },
      },
      relations: { investigation: { classGroup: true } },
    });
    if (!found) throw notFound('This container');
    return found;
  }

  /** The containers that a team looks after: its own, and those that the class looks after together. */
  async containersOf({ teamId, classId }: TeamRequester): Promise<Container[]> {
    return this.dataSource.getRepository(Container).find({
      where: [
        { teamId, takenBackAt: IsNull() },
        { teamId: IsNull(), takenBackAt: IsNull(), investigation: { classId, origin: 'planned' } },
      ],
    });
  }

  /** A container that the team looked after at a moment, in an investigation that was still growing then. */
  private async containerToCheck(team: TeamRequester, containerId: string, at: Date): Promise<Container> {
    const found = await this.dataSource
      .getRepository(Container)
      .createQueryBuilder('container')
      .innerJoinAndSelect('container.investigation', 'investigation')
      .innerJoinAndSelect('investigation.classGroup', 'classGroup')
      .where({ id: containerId, takenBackAt: IsNull() })
      .andWhere('investigation.classId = :classId', { classId: team.classId })
      .andWhere(
        `(container.teamId = :teamId OR (container.teamId IS NULL AND investigation.origin = 'planned') OR EXISTS (
          SELECT 1 FROM run_change moved WHERE moved.container_id = container.id AND moved.kind = 'move-team' AND (
            (moved.from_team = :teamId AND moved.recorded_at >= :at)
            OR (moved.to_team = :teamId AND moved.recorded_at <= :at AND moved.undone_at >= :at))))`,
        { teamId: team.teamId, at },
      )
      .getOne();
    if (!found) throw new Problem(403, 'This container belongs to another team. Nothing was saved for it.');
    refuseAfterTheEnd(found.investigation, at);
    return found;
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
