import { type BenchView, type ReadingRequest, type SaveCheckRequest, type SavedCheck } from '@bright-sprout/contracts/checks';
import { addDays, dayInZone, isIsoDay } from '@bright-sprout/core/calendar/days';
import { parseLength } from '@bright-sprout/core/quantities/length';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import { type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Team } from '../classes/team.entity';
import { requestHash } from '../database/ids';
import { isDuplicate, Transactions } from '../database/transactions';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationViews } from '../investigations/investigationViews.service';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';
import { PlantCheck } from './plantCheck.entity';
import { ReadingEntity } from './reading.entity';

const TALLEST_MM = 10_000;

@Injectable()
export class ChecksService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly scope: Scope,
    private readonly views: InvestigationViews,
    private readonly changes: ChangesService,
  ) {}

  /** The team's own containers in every growing investigation, newest sowing first. */
  async bench(asking: TeamRequester): Promise<BenchView> {
    const team = await this.dataSource
      .getRepository(Team)
      .findOneOrFail({ where: { id: asking.teamId }, relations: { classGroup: true } });
    const containers = await this.dataSource.getRepository(Container).findBy({ teamId: asking.teamId });
    const investigations = await this.dataSource.getRepository(Investigation).find({
      where: { id: In([...new Set(containers.map((c) => c.investigationId))]), phase: 'growing', removedAt: IsNull() },
      relations: { classGroup: { teams: true } },
      order: { sownOn: 'DESC' },
    });
    return {
      team: { id: team.id, emblem: team.emblem, nickname: team.nickname },
      className: team.classGroup.name,
      today: dayInZone(new Date(), team.classGroup.timeZone),
      investigations: await Promise.all(
        investigations.map(async (i) => {
          const view = await this.views.view(i);
          const own = view.containers.filter((c) => c.teamId === asking.teamId);
          return {
            investigation: {
              ...view,
              containers: own,
              teams: [],
              deviations: view.deviations.filter((d) => own.some((c) => c.id === d.containerId)),
            },
            readings: await this.views.readings(own.map((c) => c.id)),
          };
        }),
      ),
    };
  }

  /** Saves a check once, however often and in whatever order it arrives. */
  async save(asking: TeamRequester, id: string, request: SaveCheckRequest): Promise<SavedCheck> {
    const hash = requestHash(request);
    const before = await this.repeat(id, hash, asking);
    if (before) return before;
    const container = await this.scope.containerToCheck(asking, request.containerId);
    this.checkDay(request.day, container.investigation);
    const readings = request.readings.map((r) => this.rowOf(id, r));
    await this.checkCorrections(request);
    const receivedAt = new Date();
    const check = {
      id,
      containerId: container.id,
      teamId: asking.teamId,
      day: request.day,
      recordedAt: new Date(request.recordedAt),
      receivedAt,
      source: 'bench' as const,
      requestHash: hash,
    };
    try {
      await this.transactions.run(async (manager) => {
        await manager.getRepository(PlantCheck).insert(check);
        await manager.getRepository(ReadingEntity).insert(readings);
        await this.changes.note(manager, {
          kind: 'check-saved',
          classId: asking.classId,
          investigationId: container.investigationId,
        });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      const saved = await this.repeat(id, hash, asking);
      if (!saved) throw new Problem(409, 'A reading with this id was saved before. Nothing was changed.');
      return saved;
    }
    return { id, receivedAt: receivedAt.toISOString() };
  }

  private async repeat(id: string, hash: string, asking: TeamRequester): Promise<SavedCheck | null> {
    const saved = await this.dataSource.getRepository(PlantCheck).createQueryBuilder('saved').where({ id }).getOne();
    if (!saved) return null;
    if (saved.teamId !== asking.teamId || saved.requestHash !== hash)
      throw new Problem(
        409,
        'A check with this id was saved before with other readings. The saved one stays; send a correction instead.',
      );
    return { id, receivedAt: saved.receivedAt.toISOString() };
  }

  private checkDay(day: string, { sownOn, classGroup }: Investigation): void {
    const today = dayInZone(new Date(), classGroup.timeZone);
    if (!isIsoDay(day)) throw new Problem(422, `${day} is not a day in the calendar. Your readings stay on this device.`);
    if (day < sownOn) throw new Problem(422, 'This day is before the seeds were sown. Your readings stay on this device.');
    if (day > addDays(today, 1))
      throw new Problem(422, 'This day has not come yet. Look at the date of this device; your readings stay on it.');
  }

  private rowOf(checkId: string, reading: ReadingRequest) {
    const measured = reading.state === 'measured';
    const length = measured ? parseLength(reading.typed ?? '') : null;
    if (length && !length.ok) throw new Problem(422, length.reason);
    if (length?.ok && (length.mm <= 0 || length.mm > TALLEST_MM))
      throw new Problem(422, 'A height is more than 0 and at most 10 metres. If nothing is up yet, choose “Not up yet”.');
    if (reading.state === 'lost' && !reading.lostReason) throw new Problem(422, 'Say why the plant was lost.');
    return {
      id: reading.id,
      checkId,
      plant: reading.plant,
      state: reading.state,
      valueMm: length?.ok ? length.mm : null,
      typed: measured ? reading.typed!.trim() : null,
      leaves: measured ? (reading.leaves ?? null) : null,
      lostReason: reading.state === 'lost' ? reading.lostReason! : null,
      note: reading.note ?? null,
      supersedesId: reading.supersedes ?? null,
    };
  }

  /** A correction stays with its container, plant and day. */
  private async checkCorrections({ containerId, day, readings }: SaveCheckRequest): Promise<void> {
    for (const reading of readings) {
      if (!reading.supersedes) continue;
      const old = await this.dataSource
        .getRepository(ReadingEntity)
        .findOne({ where: { id: reading.supersedes }, relations: { check: true } });
      if (!old || old.check.containerId !== containerId || old.check.day !== day || old.plant !== reading.plant)
        throw new Problem(422, 'A correction belongs to the same plant and day as the reading it corrects.');
    }
  }
}
