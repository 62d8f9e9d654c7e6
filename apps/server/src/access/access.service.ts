import {
  FirstTeacherRequest,
  JoinRequest,
  type JoinView,
  type SessionView,
  SignInRequest,
} from '@bright-sprout/contracts/access';
import { Injectable } from '@nestjs/common';
import { hash, verify } from '@node-rs/argon2';
import { DataSource } from 'typeorm';
import { ClassGroup } from '../classes/classGroup.entity';
import { teamsInOrder } from '../classes/teamsInOrder';
import { newId } from '../database/ids';
import { Transactions } from '../database/transactions';
import { Problem } from '../problems/problem';
import { AttemptsService } from './attempts.service';
import { PinsService } from './pins.service';
import { type TeacherRequester } from './requester';
import { School } from './school.entity';
import { Teacher } from './teacher.entity';

/** argon2id, the package's default algorithm, with the memory and passes of OWASP's recommendation. */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export const hashPassword = (password: string): Promise<string> => hash(password, ARGON);

/** Verified in place of a missing account's password, so that both answers take the same time. */
const NOBODY = hashPassword('nobody has this password');

@Injectable()
export class AccessService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly attempts: AttemptsService,
    private readonly pins: PinsService,
  ) {}

  async view(asking: TeacherRequester | null): Promise<SessionView> {
    const teachers = this.dataSource.getRepository(Teacher);
    if (!asking) return { needsFirstTeacher: !(await teachers.exists()), teacher: null };
    const teacher = await teachers.findOneOrFail({ where: { id: asking.teacherId }, relations: { school: true } });
    return { needsFirstTeacher: false, teacher: { id: teacher.id, name: teacher.name, schoolName: teacher.school.name } };
  }

  async signIn({ email, password }: SignInRequest, address: string): Promise<TeacherRequester> {
    const account = email.toLowerCase();
    await this.attempts.check(account, address);
    const teacher = await this.dataSource.getRepository(Teacher).findOneBy({ email: account });
    const right = await verify(teacher?.passwordHash ?? (await NOBODY), password);
    if (!teacher || !right) {
      await this.attempts.failed(account, address);
      throw new Problem(401, 'E-mail address and password do not belong together. Check both and try again.');
    }
    await this.attempts.forget(account);
    return { kind: 'teacher', teacherId: teacher.id, schoolId: teacher.schoolId };
  }

  async createFirstTeacher(request: FirstTeacherRequest): Promise<TeacherRequester> {
    const passwordHash = await hashPassword(request.password);
    return this.transactions.run(async (manager) => {
      // Two people may press the button at once; a named lock is short and enough for something done once.
      await manager.query("SELECT GET_LOCK('bright-sprout-first-teacher', 5)");
      try {
        if (await manager.getRepository(Teacher).exists())
          throw new Problem(409, 'There is a teacher already. Sign in, or ask that teacher.');
        const school = { id: newId(), name: request.schoolName };
        const teacher = {
          id: newId(),
          schoolId: school.id,
          email: request.email.toLowerCase(),
          name: request.name,
          passwordHash,
        };
        await manager.getRepository(School).insert(school);
        await manager.getRepository(Teacher).insert(teacher);
        return { kind: 'teacher', teacherId: teacher.id, schoolId: school.id };
      } finally {
        await manager.query("SELECT RELEASE_LOCK('bright-sprout-first-teacher')");
      }
    });
  }

  async joinView(classCode: string, address: string): Promise<JoinView> {
    await this.attempts.check(`code ${classCode.slice(0, 6).toUpperCase()}`, address);
    const found = await this.classByCode(classCode);
    if (!found) {
      await this.attempts.failed(`code ${classCode.slice(0, 6).toUpperCase()}`, address);
      throw new Problem(404, 'No class has this code. Look at the board again: it has six letters and digits.');
    }
    const teams = teamsInOrder(found.teams);
    return { className: found.name, teams: teams.map(({ emblem, nickname }) => ({ emblem, nickname })) };
  }

  /** @returns the id of the team that joined */
  async join({ classCode, emblem, pin }: JoinRequest, address: string): Promise<string> {
    const account = `${classCode.toUpperCase()} ${emblem}`;
    await this.attempts.check(account, address);
    const team = (await this.classByCode(classCode))?.teams.find((t) => t.emblem === emblem);
    if (!team || !this.pins.matches(team.sealedPin, pin)) {
      await this.attempts.failed(account, address);
      throw new Problem(401, 'Emblem and PIN do not belong together. Tap your emblem and type its PIN again.');
    }
    await this.attempts.forget(account);
    return team.id;
  }

  private classByCode(code: string): Promise<ClassGroup | null> {
    return this.dataSource
      .getRepository(ClassGroup)
      .findOne({ where: { joinCode: code.slice(0, 6).toUpperCase() }, relations: { teams: true } });
  }
}
