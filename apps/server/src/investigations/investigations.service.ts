import { type SharedRecords } from '@bright-sprout/contracts/answers/checks';
import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import {
  type AlikeView,
  type InvestigationNews,
  type InvestigationRecords,
  type InvestigationView,
} from '@bright-sprout/contracts/answers/investigations';
import { ChangeInvestigationRequest, type NewsQuery } from '@bright-sprout/contracts/investigations';
import { type Phase } from '@bright-sprout/contracts/classes';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { type Requester, type TeacherRequester, type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { ChangesService } from '../live/changes.service';
import { isShownTo } from '../photos/photoView';
import { Problem } from '../problems/problem';
import { Investigation } from './investigation.entity';
import { InvestigationViews } from './investigationViews.service';
import { RecordsService } from './records.service';

@Injectable()
export class InvestigationsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly views: InvestigationViews,
    private readonly all: RecordsService,
    private readonly changes: ChangesService,
  ) {}

  async records(asking: Requester, id: string): Promise<InvestigationRecords> {
    const records = await this.all.records(await this.scope.investigationOf(asking, id));
    return { ...records, photos: records.photos.filter((p) => isShownTo(asking, p)) };
  }

  /** The same for a team: how many checks came late, and from which file it was brought, is for the teacher. */
  async shared(team: TeamRequester, id: string): Promise<SharedRecords> {
    const { investigation, ...records } = await this.records(team, id);
    return { ...records, investigation: { ...investigation, cameLate: 0, brought: null } };
  }

  async news(asking: Requester, id: string, { checks = [], photos = [], about }: NewsQuery): Promise<InvestigationNews> {
    const found = await this.scope.investigationOf(asking, id);
    const [investigation, came] = await Promise.all([about ? this.views.view(found) : null, this.all.named(id, checks, photos)]);
    return { investigation, ...came, photos: came.photos.filter((p) => isShownTo(asking, p)) };
  }

  /** Every growing investigation of the teacher's classes, with its records: what the shelves of today are drawn from. */
  async growing(teacher: TeacherRequester): Promise<InvestigationRecords[]> {
    const classes = await this.scope.classesOf(teacher);
    const found = await this.db.of(Investigation).find({
      where: { classId: In(classes.map((c) => c.id)), phase: 'growing', removedAt: IsNull() },
      relations: { classGroup: { teams: true } },
      order: { sownOn: 'ASC' },
    });
    return Promise.all(found.map((i) => this.all.records(i)));
  }

  /** Investigations of the teacher's own classes with the same treatments, by what they are called and their kinds of seed. */
  async alike(teacher: TeacherRequester, id: string): Promise<AlikeView[]> {
    const own = await this.scope.investigationOf(teacher, id);
    const classes = await this.scope.classesOf(teacher);
    const found = await this.db.of(Investigation).find({
      where: { classId: In(classes.map((c) => c.id)), removedAt: IsNull() },
      relations: { treatments: true, classGroup: true },
      order: { sownOn: 'DESC' },
    });
    const wanted = treatedAs(found.find((i) => i.id === own.id));
    return found
      .filter((i) => i.id !== own.id && wanted !== '' && treatedAs(i) === wanted)
      .map(({ id, question, phase, sownOn, classGroup }) => ({ id, question, phase, sownOn, className: classGroup.name }));
  }

  /** Runs the insert; when another request made the same investigation meanwhile, that one stands. */
  async insert(id: string, hash: string, work: () => Promise<void>): Promise<void> {
    try {
      await this.db.work(work);
    } catch (error) {
      const made = isDuplicate(error) && (await this.db.of(Investigation).existsBy({ id, requestHash: hash }));
      if (!made) throw error;
    }
  }

  /** True when this very request was carried out before; refuses another request under the same id. */
  async alreadyMade(teacher: TeacherRequester, id: string, hash: string): Promise<boolean> {
    if (!(await this.db.of(Investigation).existsBy({ id }))) return false;
    const made = await this.scope.investigationOf(teacher, id);
    if (made.requestHash !== hash)
      throw new Problem(409, told('refusals.investigationSetAlreadyOther'), {
        current: await this.views.view(made),
      });
    return true;
  }

  async viewOf(asking: Requester, id: string): Promise<InvestigationView> {
    return this.views.view(await this.scope.investigationOf(asking, id));
  }

  async change(teacher: TeacherRequester, id: string, request: ChangeInvestigationRequest): Promise<InvestigationView> {
    const found = await this.scope.investigationOf(teacher, id);
    const wanted = {
      question: request.question ?? found.question,
      phase: request.phase ?? found.phase,
      finishedAt: finishedAt(request.phase, found),
      sharedWithTeams: request.sharedWithTeams ?? found.sharedWithTeams,
      checkingClosedAt: closedAt(request.checkingOpen, found.checkingClosedAt),
      removedAt: request.removed === undefined ? found.removedAt : request.removed ? (found.removedAt ?? timeNow()) : null,
    };
    const same =
      wanted.question === found.question &&
      wanted.phase === found.phase &&
      wanted.sharedWithTeams === found.sharedWithTeams &&
      wanted.checkingClosedAt === found.checkingClosedAt &&
      wanted.removedAt === found.removedAt;
    if (!same) {
      await this.db.work(async () => {
        const result = await this.db
          .of(Investigation)
          .update({ id, version: request.version }, { ...wanted, version: request.version + 1 });
        if (result.affected === 0)
          throw new Problem(409, told('refusals.somebodyElseChangedInvestigation'), { current: await this.views.view(found) });
        await this.changes.note({ kind: 'investigation-changed', classId: found.classId, investigationId: id });
      });
    }
    return this.viewOf(teacher, id);
  }
}

/** Ending twice keeps the first time; opened again it has none. */
function finishedAt(phase: Phase | undefined, before: Investigation): Date | null {
  if (phase === undefined || phase === before.phase) return before.finishedAt;
  return phase === 'finished' ? timeNow() : null;
}

/** Closing twice keeps the first time. */
function closedAt(open: boolean | undefined, before: Date | null): Date | null {
  if (open === undefined) return before;
  return open ? null : (before ?? timeNow());
}

/** What its treatments are called with their kinds, in an order of their own; empty for one that is not there. */
function treatedAs(investigation: Investigation | undefined): string {
  if (!investigation) return '';
  const { treatments, speciesId } = investigation;
  return treatments
    .map((t) => `${t.label.trim().toLowerCase()} ${t.speciesId ?? speciesId}`)
    .sort()
    .join('|');
}
