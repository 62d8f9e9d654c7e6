import { told } from '@bright-sprout/words/say';
import { NO_LESSON } from '@bright-sprout/contracts/noLesson';
import { type LessonView } from '@bright-sprout/contracts/answers/conclude';
import { type SaveLessonRequest } from '@bright-sprout/contracts/conclude';
import { Injectable } from '@nestjs/common';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { requestHash } from '../database/ids';
import { Problem } from '../problems/problem';
import { Lesson } from './lesson.entity';

/** What the teacher settles for the lesson at the end. */
@Injectable()
export class LessonService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
  ) {}

  async one(teacher: TeacherRequester, investigationId: string): Promise<LessonView> {
    await this.scope.investigationOf(teacher, investigationId);
    return this.kept(investigationId);
  }

  /** As it is kept, for whoever may know it already. */
  async kept(investigationId: string): Promise<LessonView> {
    const found = await this.db.of(Lesson).findOneBy({ investigationId });
    return { version: found?.version ?? 0, document: { ...NO_LESSON, ...found?.document } };
  }

  /** Saves a version. The same document on the same version may come twice; another one on an old version is told. */
  async save(teacher: TeacherRequester, investigationId: string, request: SaveLessonRequest): Promise<LessonView> {
    await this.scope.investigationOf(teacher, investigationId);
    const { version, document } = request;
    const hash = requestHash(document);
    const found = await this.db.of(Lesson).findOneBy({ investigationId });
    if (found?.version === version + 1 && found.requestHash === hash) return this.kept(investigationId);
    if ((found?.version ?? 0) !== version) return this.refuse(investigationId);
    const row = { version: version + 1, document, requestHash: hash };
    if (found) {
      const { affected } = await this.db.of(Lesson).update({ investigationId, version }, row);
      return affected === 0 ? this.refuse(investigationId) : this.kept(investigationId);
    }
    try {
      await this.db.of(Lesson).insert({ investigationId, ...row });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.save(teacher, investigationId, request);
    }
    return this.kept(investigationId);
  }

  private async refuse(investigationId: string): Promise<never> {
    throw new Problem(409, told('refusals.changedSomewhereElseMoment'), {
      current: await this.kept(investigationId),
    });
  }
}
