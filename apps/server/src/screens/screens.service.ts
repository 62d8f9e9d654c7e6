import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { createHash, randomBytes } from 'node:crypto';
import { type NewScreenLink, type ScreenLinkView, type ScreenView } from '@bright-sprout/contracts/screens';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { newId } from '../database/ids';
import { Investigation } from '../investigations/investigation.entity';
import { RecordsService } from '../investigations/records.service';
import { notFound, Problem } from '../problems/problem';
import { ScreenLink } from './screenLink.entity';
import { Database } from '../database/database';

const MOST_LINKS = 10;
const SEEN_EVERY_MS = 60_000;

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

/** Links for projectors and hallway screens: whoever has one sees the wall, or one question, and nothing else, until it is taken back. */
@Injectable()
export class ScreensService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly all: RecordsService,
  ) {}

  async list(teacher: TeacherRequester, investigationId: string): Promise<ScreenLinkView[]> {
    await this.scope.investigationOf(teacher, investigationId);
    const found = await this.db
      .of(ScreenLink)
      .find({ where: { investigationId, revokedAt: IsNull() }, order: { madeAt: 'ASC' } });
    return found.map(viewOf);
  }

  async make(teacher: TeacherRequester, investigationId: string): Promise<NewScreenLink> {
    if ((await this.list(teacher, investigationId)).length >= MOST_LINKS)
      throw new Problem(422, `At most ${MOST_LINKS} screens at a time. Take one back first.`);
    const token = randomBytes(24).toString('base64url');
    const row = { id: newId(), investigationId, tokenHash: hashOf(token), madeAt: timeNow(), lastSeenAt: null, question: null };
    await this.db.of(ScreenLink).insert(row);
    return { ...viewOf(row), token };
  }

  async showQuestion(
    teacher: TeacherRequester,
    investigationId: string,
    id: string,
    question: string | null,
  ): Promise<ScreenLinkView> {
    await this.scope.investigationOf(teacher, investigationId);
    const found = await this.db.of(ScreenLink).findOneBy({ id, investigationId, revokedAt: IsNull() });
    if (!found) throw notFound('This screen');
    await this.db.of(ScreenLink).update({ id }, { question });
    return viewOf({ ...found, question });
  }

  async takeBack(teacher: TeacherRequester, id: string): Promise<void> {
    const found = await this.db.of(ScreenLink).findOneBy({ id });
    if (!found) return;
    await this.scope.investigationOf(teacher, found.investigationId);
    await this.db.of(ScreenLink).update({ id, revokedAt: IsNull() }, { revokedAt: timeNow() });
  }

  /** What the screen shows: the records without notes and pictures, which are the class's own. */
  async show(token: string): Promise<ScreenView> {
    const found = await this.db.of(ScreenLink).findOneBy({ tokenHash: hashOf(token), revokedAt: IsNull() });
    // What was deleted and has not gone yet is left out, and its link stays until then.
    const shown =
      found &&
      (await this.db.of(Investigation).findOne({
        where: { id: found.investigationId, removedAt: IsNull(), classGroup: { goesAt: IsNull() } },
        relations: { classGroup: { teams: true } },
      }));
    if (!shown) throw notFound('This screen');
    if (msNow() - (found.lastSeenAt?.getTime() ?? 0) > SEEN_EVERY_MS)
      await this.db.of(ScreenLink).update({ id: found.id }, { lastSeenAt: timeNow() });
    const { investigation, readings } = await this.all.records(shown);
    return {
      investigation: { ...investigation, care: [], deviations: [], runSheet: [], planCautions: [] },
      // Nothing that a student wrote in words of their own.
      readings: readings.map((r) => ({ ...r, note: null, dayReason: null, dayCode: null })),
      photos: [],
      question: found.question,
    };
  }
}

function viewOf(link: Pick<ScreenLink, 'id' | 'madeAt' | 'lastSeenAt' | 'question'>): ScreenLinkView {
  const { id, madeAt, lastSeenAt, question } = link;
  return { id, madeAt: madeAt.toISOString(), lastSeenAt: lastSeenAt?.toISOString() ?? null, question };
}
