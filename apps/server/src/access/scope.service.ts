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

  /** An investigation that the asker may write care for: the teacher's own, or one in which the team has containers. */
  async investigationToCareFor(asking: Requester, id: string): Promise<Investigation> {
    if (asking.kind === 'teacher') return this.investigationOf(asking, id);
    const found = await this.dataSource
      .getRepository(Investigation)
      .findOne({ where: { id, classId: asking.classId, classGroup: { schoolId: asking.schoolId } } });
    const own = await this.dataSource.getRepository(Container).existsBy([
      { investigationId: id, teamId: asking.teamId },
      { investigationId: id, teamId: IsNull() },
    ]);
    if (!found || !own || found.removedAt) throw notFound('This investigation');
    if (found.phase !== 'growing') throw new Problem(422, 'This investigation is finished: nothing more is written down for it.');
    return found;
  }

  /** A container that the asker may write for: the teacher's own, or one that the team itself looks after. */
  async containerToWriteFor(asking: Requester, containerId: string): Promise<Container> {
    if (asking.kind === 'team') return this.containerToCheck(asking, containerId);
    const found = await this.dataSource.getRepository(Container).findOne({
      where: { id: containerId, investigation: { classGroup: { schoolId: asking.schoolId, teacherId: asking.teacherId } } },
      relations: { investigation: { classGroup: true } },
    });
    if (!found) throw notFound('This container');
    return found;
  }

  /** The containers that a team looks after: its own, and those that the class looks after together. */
  async containersOf({ teamId, classId }: TeamRequester): Promise<Container[]> {
    return this.dataSource.getRepository(Container).find({
      where: [{ teamId }, { teamId: IsNull(), investigation: { classId, origin: 'planned' } }],
    });
  }

  /** A container that the team looks after, in an investigation that is still growing. */
  async containerToCheck(team: TeamRequester, containerId: string): Promise<Container> {
    const found = await this.dataSource
      .getRepository(Container)
      .createQueryBuilder('container')
      .innerJoinAndSelect('container.investigation', 'investigation')
      .innerJoinAndSelect('investigation.classGroup', 'classGroup')
      .where({ id: containerId })
      .andWhere('investigation.classId = :classId', { classId: team.classId })
      .andWhere("(container.teamId = :teamId OR (container.teamId IS NULL AND investigation.origin = 'planned'))", {
        teamId: team.teamId,
      })
      .getOne();
    if (!found) throw new Problem(403, 'This container belongs to another team. Nothing was saved for it.');
    if (found.investigation.phase !== 'growing' || found.investigation.removedAt)
      throw new Problem(422, 'This investigation is finished: it takes no more checks.');
    return found;
  }
}
