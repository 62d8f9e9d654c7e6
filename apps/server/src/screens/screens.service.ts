import { told } from '@bright-sprout/words/say';
import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { createHash, randomBytes } from 'node:crypto';
import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { type NewsQuery } from '@bright-sprout/contracts/investigations';
import { type LiveEvent } from '@bright-sprout/contracts/answers/live';
import {
  type NewScreenLink,
  type ScreenLinkView,
  type ScreenNews,
  type ScreenView,
} from '@bright-sprout/contracts/answers/screens';
import { Injectable, type MessageEvent } from '@nestjs/common';
import { type Observable } from 'rxjs';
import { IsNull } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { newId } from '../database/ids';
import { Investigation } from '../investigations/investigation.entity';
import { RecordsService } from '../investigations/records.service';
import { ChangesService, type PlacedChange } from '../live/changes.service';
import { newsLine } from '../live/newsLine';
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
    private readonly changes: ChangesService,
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
      throw new Problem(422, told('refusals.mostScreensTimeTake', { mostLinks: MOST_LINKS }));
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
    const investigation = await this.scope.investigationOf(teacher, investigationId);
    const found = await this.db.of(ScreenLink).findOneBy({ id, investigationId, revokedAt: IsNull() });
    if (!found) throw notFound(told('refusals.thisScreen'));
    await this.db.work(async () => {
      await this.db.of(ScreenLink).update({ id }, { question });
      await this.noteOf(investigation);
    });
    return viewOf({ ...found, question });
  }

  async takeBack(teacher: TeacherRequester, id: string): Promise<void> {
    const found = await this.db.of(ScreenLink).findOneBy({ id });
    if (!found) return;
    const investigation = await this.scope.investigationOf(teacher, found.investigationId);
    await this.db.work(async () => {
      await this.db.of(ScreenLink).update({ id, revokedAt: IsNull() }, { revokedAt: timeNow() });
      await this.noteOf(investigation);
    });
  }

  private noteOf({ id, classId }: Investigation): Promise<void> {
    return this.changes.note({ kind: 'screen-changed', classId, investigationId: id });
  }

  /** What the screen shows: the records without notes and pictures, which are the class's own. */
  async show(token: string): Promise<ScreenView> {
    const { link, investigation: shown } = await this.open(token);
    if (msNow() - (link.lastSeenAt?.getTime() ?? 0) > SEEN_EVERY_MS)
      await this.db.of(ScreenLink).update({ id: link.id }, { lastSeenAt: timeNow() });
    const { investigation, readings } = await this.all.records(shown);
    return {
      investigation: { ...investigation, care: [], deviations: [], runSheet: [], planCautions: [] },
      readings: readings.map(onScreen),
      photos: [],
      question: link.question,
    };
  }

  /** The readings of named checks, as a screen shows them. */
  async news(token: string, { checks = [] }: NewsQuery): Promise<ScreenNews> {
    const { investigation } = await this.open(token);
    const { readings } = await this.all.named(investigation.id, checks, []);
    return { investigation: null, readings: readings.map(onScreen), photos: [] };
  }

  /** News of the one investigation that the screen shows. */
  async events(token: string, after: string | null): Promise<Observable<MessageEvent>> {
    const { investigation } = await this.open(token);
    const see = ({ kind, investigationId, subjectId }: PlacedChange): LiveEvent | null =>
      investigationId !== investigation.id
        ? null
        : { kind, investigationId, subjectId: kind === 'check-saved' ? subjectId : null };
    const still = () =>
      this.open(token).then(
        () => true,
        () => false,
      );
    return newsLine(this.changes, { after, see, still });
  }

  /** What the link leads to. What was deleted and has not gone yet is left out, and its link stays until then. */
  private async open(token: string): Promise<{ link: ScreenLink; investigation: Investigation }> {
    const link = await this.db.of(ScreenLink).findOneBy({ tokenHash: hashOf(token), revokedAt: IsNull() });
    const investigation =
      link &&
      (await this.db.of(Investigation).findOne({
        where: { id: link.investigationId, removedAt: IsNull(), classGroup: { goesAt: IsNull() } },
        relations: { classGroup: { teams: true } },
      }));
    if (!investigation) throw notFound(told('refusals.thisScreen'));
    return { link, investigation };
  }
}

/** Nothing that a student wrote in words of their own. */
const onScreen = (reading: ReadingView) => ({ ...reading, note: null, dayReason: null, dayCode: null });

function viewOf(link: Pick<ScreenLink, 'id' | 'madeAt' | 'lastSeenAt' | 'question'>): ScreenLinkView {
  const { id, madeAt, lastSeenAt, question } = link;
  return { id, madeAt: madeAt.toISOString(), lastSeenAt: lastSeenAt?.toISOString() ?? null, question };
}
