import { told } from '@bright-sprout/words/say';
import { type JoinView, type SessionView } from '@bright-sprout/contracts/answers/access';
import { FirstTeacherRequest, JoinRequest, SignInRequest } from '@bright-sprout/contracts/access';
import { Injectable } from '@nestjs/common';
import { ClassGroup } from '../classes/classGroup.entity';
import { teamsInOrder } from '../classes/teamsInOrder';
import { newId } from '../database/ids';
import { Database } from '../database/database';
import { Problem } from '../problems/problem';
import { AttemptsService, teamAccount } from './attempts.service';
import { hashPassword, isPassword, refuseWeak } from './passwords';
import { PinsService } from './pins.service';
import { type TeacherRequester } from './requester';
import { School } from './school.entity';
import { Teacher } from './teacher.entity';

@Injectable()
export class AccessService {
  constructor(
    private readonly db: Database,
    private readonly attempts: AttemptsService,
    private readonly pins: PinsService,
  ) {}

  async view(asking: TeacherRequester | null): Promise<SessionView> {
    const teachers = this.db.of(Teacher);
    if (!asking) return { needsFirstTeacher: !(await teachers.exists()), teacher: null };
    const teacher = await teachers.findOneOrFail({ where: { id: asking.teacherId }, relations: { school: true } });
    return { needsFirstTeacher: false, teacher: { id: teacher.id, name: teacher.name, schoolName: teacher.school.name } };
  }

  async signIn({ email, password }: SignInRequest, address: string): Promise<TeacherRequester> {
    const account = email.toLowerCase();
    const judge = async () => {
      const teacher = await this.db.of(Teacher).findOneBy({ email: account });
      return (await isPassword(teacher?.passwordHash, password)) ? teacher : null;
    };
    const teacher = await this.attempts.judge(
      'teacher',
      account,
      address,
      judge,
      () => new Problem(401, told('refusals.eMailAddressPassword')),
    );
    return { kind: 'teacher', teacherId: teacher.id, schoolId: teacher.schoolId };
  }

  async createFirstTeacher(request: FirstTeacherRequest): Promise<TeacherRequester> {
    const { schoolName, name, email, password } = request;
    refuseWeak(password, [schoolName, name, email]);
    const passwordHash = await hashPassword(password);
    // Two people may press the button at once: the lock is held until the first one's transaction has ended.
    const made = await this.db.alone('bright-sprout-first-teacher', () =>
      this.db.work(async () => {
        if (await this.db.of(Teacher).exists()) throw new Problem(409, told('refusals.teacherAlreadySignAsk'));
        const school = { id: newId(), name: schoolName };
        const teacher = { id: newId(), schoolId: school.id, email: email.toLowerCase(), name, passwordHash };
        await this.db.of(School).insert(school);
        await this.db.of(Teacher).insert(teacher);
        return { kind: 'teacher' as const, teacherId: teacher.id, schoolId: school.id };
      }),
    );
    if (!made) throw new Problem(503, told('refusals.somebodyElseDoingMoment'));
    return made;
  }

  /** A code that is right is always answered, so that one device that guesses shuts nobody out. */
  async joinView(classCode: string, address: string): Promise<JoinView> {
    const code = classCode.slice(0, 6).toUpperCase();
    const right = await this.classByCode(code);
    const found =
      right ??
      (await this.attempts.judge<ClassGroup>(
        'code',
        address,
        address,
        () => Promise.resolve(null),
        () => new Problem(404, told('refusals.classCodeLookBoard')),
      ));
    const teams = teamsInOrder(found.teams);
    return { className: found.name, teams: teams.map(({ emblem, nickname }) => ({ emblem, nickname })) };
  }

  /** @returns the id of the team that joined */
  async join({ classCode, emblem, pin }: JoinRequest, address: string): Promise<string> {
    const judge = async () => {
      const team = (await this.classByCode(classCode))?.teams.find((t) => t.emblem === emblem);
      return team && this.pins.matches(team.sealedPin, pin) ? team.id : null;
    };
    return this.attempts.judge(
      'team',
      teamAccount(classCode, emblem),
      address,
      judge,
      () => new Problem(401, told('refusals.emblemPinBelongTogether')),
    );
  }

  private classByCode(code: string): Promise<ClassGroup | null> {
    return this.db.of(ClassGroup).findOne({ where: { joinCode: code.slice(0, 6).toUpperCase() }, relations: { teams: true } });
  }
}
