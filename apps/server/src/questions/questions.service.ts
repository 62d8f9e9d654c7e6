import { told } from '@bright-sprout/words/say';
import { type SavedQuestion } from '@bright-sprout/contracts/answers/questions';
import { type SaveQuestionRequest } from '@bright-sprout/contracts/questions';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { Problem } from '../problems/problem';
import { SavedQuestionEntity } from './savedQuestion.entity';

const MOST_QUESTIONS = 40;

/** The questions that are kept with an investigation. */
@Injectable()
export class QuestionsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
  ) {}

  async list(teacher: TeacherRequester, investigationId: string): Promise<SavedQuestion[]> {
    await this.scope.investigationOf(teacher, investigationId);
    const found = await this.db
      .of(SavedQuestionEntity)
      .find({ where: { investigationId, removedAt: IsNull() }, order: { savedAt: 'ASC' } });
    return found.map(viewOf);
  }

  /** Keeps it once, however often it is sent; sent with another name or another question it becomes that one. */
  async save(
    teacher: TeacherRequester,
    investigationId: string,
    id: string,
    request: SaveQuestionRequest,
  ): Promise<SavedQuestion> {
    await this.scope.investigationOf(teacher, investigationId);
    const there = await this.db.of(SavedQuestionEntity).findOneBy({ id });
    if (there && there.investigationId !== investigationId) throw new Problem(409, told('refusals.somethingElseKeptUnder'));
    if (there && there.removedAt === null) return this.change(there, request);
    if ((await this.db.of(SavedQuestionEntity).countBy({ investigationId, removedAt: IsNull() })) >= MOST_QUESTIONS)
      throw new Problem(422, told('refusals.mostQuestionsKeptTake', { mostQuestions: MOST_QUESTIONS }));
    if (there) return this.change(there, request);
    const row = { id, investigationId, name: request.name, address: request.address, savedAt: timeNow(), removedAt: null };
    try {
      await this.db.of(SavedQuestionEntity).insert(row);
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.save(teacher, investigationId, id, request);
    }
    return viewOf(row);
  }

  async remove(teacher: TeacherRequester, investigationId: string, id: string): Promise<void> {
    await this.scope.investigationOf(teacher, investigationId);
    await this.db.of(SavedQuestionEntity).update({ id, investigationId, removedAt: IsNull() }, { removedAt: timeNow() });
  }

  private async change(there: SavedQuestionEntity, { name, address }: SaveQuestionRequest): Promise<SavedQuestion> {
    await this.db.of(SavedQuestionEntity).update({ id: there.id }, { name, address, removedAt: null });
    return viewOf({ ...there, name, address });
  }
}

function viewOf({ id, name, address, savedAt }: Pick<SavedQuestionEntity, 'id' | 'name' | 'address' | 'savedAt'>): SavedQuestion {
  return { id, name, address, savedAt: savedAt.toISOString() };
}
