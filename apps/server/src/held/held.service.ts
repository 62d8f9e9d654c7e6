import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type HeldView } from '@bright-sprout/contracts/answers/held';
import { type HeldBody, type HoldRequest } from '@bright-sprout/contracts/held';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { type TeacherRequester, type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { CareService } from '../care/care.service';
import { ChecksService } from '../checks/checks.service';
import { Database, isDuplicate } from '../database/database';
import { DeviationsService } from '../deviations/deviations.service';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { heldBody } from './heldBody';
import { HeldEntry } from './heldEntry.entity';

/** More wait for nobody: a device that fills a class's list is refused. */
const MOST_OF_A_CLASS = 500;

/** What teams entered and could not be taken waits here for the teacher's word, so that nothing honest is thrown away unseen. */
@Injectable()
export class HeldService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
    private readonly checks: ChecksService,
    private readonly care: CareService,
    private readonly deviations: DeviationsService,
  ) {}

  /** Keeps it once, however often it is sent. */
  async hold({ teamId, classId }: TeamRequester, id: string, { kind, body, reason }: HoldRequest): Promise<void> {
    const entries = this.db.of(HeldEntry);
    const there = await entries.findOneBy({ id });
    if (there) {
      if (there.teamId !== teamId) throw new Problem(409, told('refusals.somethingElseWaitsUnder'));
      return;
    }
    const read = await heldBody(kind, body);
    if ((await entries.countBy({ classId, decidedAt: IsNull() })) >= MOST_OF_A_CLASS)
      throw new Problem(422, told('refusals.muchWaitsTeacherMore'));
    const row = {
      id,
      classId,
      teamId,
      investigationId: await this.investigationOf(classId, read),
      kind,
      body: read,
      reason,
      receivedAt: timeNow(),
    };
    try {
      await this.db.work(async () => {
        await this.db.of(HeldEntry).insert(row);
        await this.changes.note({ kind: 'investigation-changed', classId, investigationId: row.investigationId });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
    }
  }

  /** What waits of a class, oldest first. */
  async list(teacher: TeacherRequester, classId: string): Promise<HeldView[]> {
    await this.scope.classOf(teacher, classId);
    const found = await this.db.of(HeldEntry).find({
      where: { classId, decidedAt: IsNull() },
      relations: { team: true },
      order: { receivedAt: 'ASC' },
      withDeleted: true,
    });
    const ids = found.flatMap(({ body }) => ('containerId' in body ? [body.containerId] : []));
    const containers = await this.db.of(Container).find({ where: { id: In(ids), investigation: { classId } } });
    const codes = new Map(containers.map((c) => [c.id, c.code]));
    return found.map(({ id, kind, body, team, reason, receivedAt }) => ({
      ...({ kind, body } as HeldBody),
      id,
      team: { id: team.id, emblem: team.emblem, nickname: team.nickname },
      code: ('containerId' in body && codes.get(body.containerId)) || null,
      reason,
      receivedAt: receivedAt.toISOString(),
    }));
  }

  /** The teacher takes it in as it was entered, or leaves it out; both are kept. */
  async decide(teacher: TeacherRequester, id: string, take: boolean): Promise<void> {
    const entry = await this.db.of(HeldEntry).findOneBy({ id });
    if (!entry) throw notFound(told('refusals.thisEntry'));
    await this.scope.classOf(teacher, entry.classId);
    if (entry.decidedAt) return;
    // What names nothing of this class is taken in for no other.
    if (take && entry.investigationId === null) throw new Problem(422, told('refusals.aboutMoreClassLeave'));
    if (take) await this.takeIn(teacher, id, { kind: entry.kind, body: entry.body } as HeldBody);
    await this.db.work(async () => {
      await this.db.of(HeldEntry).update({ id }, { decidedAt: timeNow(), taken: take });
      const { classId, investigationId } = entry;
      await this.changes.note({ kind: 'investigation-changed', classId, investigationId });
    });
  }

  private takeIn(teacher: TeacherRequester, id: string, { kind, body }: HeldBody): Promise<unknown> {
    switch (kind) {
      case 'check':
        return this.checks.save(teacher, id, body);
      case 'care':
        return this.care.save(teacher, id, body);
      case 'deviation':
        return this.deviations.save(teacher, id, body);
    }
  }

  /** The investigation of the class that it is about; null where that is there no more. */
  private async investigationOf(classId: string, body: HeldBody['body']): Promise<string | null> {
    if ('investigationId' in body) {
      const known = await this.db.of(Investigation).existsBy({ id: body.investigationId, classId });
      return known ? body.investigationId : null;
    }
    const container = await this.db.of(Container).findOne({ where: { id: body.containerId, investigation: { classId } } });
    return container?.investigationId ?? null;
  }
}
