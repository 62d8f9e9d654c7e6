import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
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

  /** A container that the team itself looks after, in an investigation that is still growing. */
  async containerToCheck(team: TeamRequester, containerId: string): Promise<Container> {
    const found = await this.dataSource
      .getRepository(Container)
      .createQueryBuilder('container')
      .innerJoinAndSelect('container.investigation', 'investigation')
      .innerJoinAndSelect('investigation.classGroup', 'classGroup')
      .where({ id: containerId, teamId: team.teamId })
      .andWhere('investigation.classId = :classId', { classId: team.classId })
      .getOne();
    if (!found) throw new Problem(403, 'This container belongs to another team. Nothing was saved for it.');
    if (found.investigation.phase !== 'growing' || found.investigation.removedAt)
      throw new Problem(422, 'This investigation is finished: it takes no more checks.');
    return found;
  }
}
