import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type SaveCareRequest } from '@bright-sprout/contracts/care';
import { addDays, dayInZone, isIsoDay } from '@bright-sprout/core/calendar/days';
import { Injectable } from '@nestjs/common';
import { type Requester } from '../access/requester';
import { rightDay, rightMoment } from '../access/deviceClock';
import { doneAt, Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';
import { CareEvent } from './careEvent.entity';
import { careView } from './careView';

const MOST_FOR_ONE = 2000;
/** Seeds are pretreated for so long at most. */
const PREPARING_DAYS = 200;

/** What is done for the plants, by teams and by the teacher. */
@Injectable()
export class CareService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  /** Writes it down once, however often it is sent. */
  async save(asking: Requester, id: string, request: SaveCareRequest): Promise<CareView> {
    const { investigationId } = request;
    const teamId = asking.kind === 'team' ? asking.teamId : null;
    const there = await this.db.of(CareEvent).findOneBy({ id });
    if (there) return this.repeat(there, request, teamId);
    const now = timeNow();
    const recordedAt = rightMoment(asking, request.recordedAt);
    const investigation = await this.scope.investigationToCareFor(asking, investigationId, doneAt(recordedAt, now));
    const day = rightDay(asking, request, investigation.classGroup.timeZone);
    if (!isIsoDay(day)) throw new Problem(422, told('refusals.dayCalendar', { day }));
    // Soaking and cold come before sowing; nothing is done on a day that has not come anywhere.
    if (day < addDays(investigation.sownOn, -PREPARING_DAYS) || day > addDays(dayInZone(now, 'UTC'), 1))
      throw new Problem(422, told('refusals.dayLiesOutsideInvestigation'));
    if ((await this.db.of(CareEvent).countBy({ investigationId })) >= MOST_FOR_ONE)
      throw new Problem(422, told('refusals.muchWrittenDownInvestigation'));
    const row = {
      id,
      investigationId,
      teamId,
      kind: request.kind,
      task: request.task,
      day,
      amountMl: request.amountMl ?? null,
      skipped: request.skipped ?? false,
      note: request.note ?? null,
      recordedAt,
      takenBackAt: null,
    };
    try {
      await this.db.work(async () => {
        await this.db.of(CareEvent).insert({ ...row });
        await this.changes.note({ kind: 'investigation-noted', classId: investigation.classId, investigationId });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.save(asking, id, request);
    }
    return careView(row as CareEvent);
  }

  /** Takes it back: it stays on record, but counts no longer. A team takes back only what it wrote itself. */
  async takeBack(asking: Requester, id: string): Promise<void> {
    const there = await this.db.of(CareEvent).findOneBy({ id });
    if (!there) return;
    const { classId } = await this.scope.investigationToCareFor(asking, there.investigationId, timeNow());
    if (asking.kind === 'team' && there.teamId !== asking.teamId)
      throw new Problem(403, told('refusals.anotherTeamTeacherWrote'));
    await this.db.work(async () => {
      await this.db.of(CareEvent).update({ id }, { takenBackAt: timeNow() });
      await this.changes.note({ kind: 'investigation-noted', classId, investigationId: there.investigationId });
    });
  }

  private repeat(there: CareEvent, request: SaveCareRequest, teamId: string | null): CareView {
    const same = there.investigationId === request.investigationId && there.task === request.task && there.teamId === teamId;
    if (!same) throw new Problem(409, told('refusals.somethingElseWrittenDown'));
    return careView(there);
  }
}
