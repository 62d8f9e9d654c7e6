import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { type BenchView, type ReadingRequest, type SaveCheckRequest, type SavedCheck } from '@bright-sprout/contracts/checks';
import { addDays, isIsoDay } from '@bright-sprout/core/calendar/days';
import { type ReadingDoubt } from '@bright-sprout/core/readings/reading';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { parseLength } from '@bright-sprout/core/quantities/length';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import { type Requester, type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Team } from '../classes/team.entity';
import { requestHash } from '../database/ids';
import { isDuplicate, Transactions } from '../database/transactions';
import { type Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationViews } from '../investigations/investigationViews.service';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';
import { ArrivalDoubts } from './arrivalDoubts.service';
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
    private readonly doubts: ArrivalDoubts,
    private readonly changes: ChangesService,
  ) {}

  /** The team's own containers and the class's in every growing investigation, newest sowing first. */
  async bench(asking: TeamRequester): Promise<BenchView> {
    const team = await this.dataSource
      .getRepository(Team)
      .findOneOrFail({ where: { id: asking.teamId }, relations: { classGroup: true } });
    const containers = await this.scope.containersOf(asking);
    const looksAfter = new Set(containers.map((c) => c.id));
    const investigations = await this.dataSource.getRepository(Investigation).find({
      where: { id: In([...new Set(containers.map((c) => c.investigationId))]), phase: 'growing', removedAt: IsNull() },
      relations: { classGroup: { teams: true } },
      order: { sownOn: 'DESC' },
    });
    const shown = await Promise.all(
      investigations.map(async (i) => {
        const view = await this.views.view(i);
        const own = view.containers.filter((c) => looksAfter.has(c.id));
        return {
          investigation: {
            ...view,
            containers: own,
            teams: [],
            expected: view.expected.filter((e) => e.teamId === asking.teamId),
            care: view.care.filter((c) => c.teamId === null || c.teamId === asking.teamId),
            deviations: view.deviations.filter((d) => own.some((c) => c.id === d.containerId)),
          },
          ...(await this.views.recordsOf(own.map((c) => c.id))),
        };
      }),
    );
    const kinds = new Set(shown.flatMap(({ investigation }) => investigation.treatments.map((t) => t.speciesId)));
    return {
      team: { id: team.id, emblem: team.emblem, nickname: team.nickname },
      className: team.classGroup.name,
      today: todayIn(team.classGroup.timeZone),
      investigations: shown,
      species: [...kinds].flatMap((id) => speciesById(id) ?? []),
    };
  }

  /** Saves a check once, however often and in whatever order it arrives. */
  async save(asking: Requester, id: string, request: SaveCheckRequest): Promise<SavedCheck> {
    const hash = requestHash(request);
    const before = await this.repeat(id, hash, asking);
    if (before) return before;
    const container = await this.scope.containerToWriteFor(asking, request.containerId);
    this.checkDay(request.day, container);
    if (asking.kind === 'team') checkOpen(request.recordedAt, container.investigation);
    const rows = request.readings.map((r) => this.rowOf(id, r));
    await this.checkCorrections(request);
    const readings = await this.doubts.ask(container, request.day, rows);
    const receivedAt = timeNow();
    const check = {
      id,
      containerId: container.id,
      teamId: asking.kind === 'team' ? asking.teamId : null,
      day: request.day,
      recordedAt: new Date(request.recordedAt),
      receivedAt,
      source: asking.kind === 'team' ? ('bench' as const) : ('teacher' as const),
      dayReason: request.dayReason ?? null,
      requestHash: hash,
    };
    try {
      await this.transactions.run(async (manager) => {
        await manager.getRepository(PlantCheck).insert(check);
        await manager.getRepository(ReadingEntity).insert(readings);
        await this.changes.note(manager, {
          kind: 'check-saved',
          classId: container.investigation.classId,
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

  private async repeat(id: string, hash: string, asking: Requester): Promise<SavedCheck | null> {
    const saved = await this.dataSource.getRepository(PlantCheck).createQueryBuilder('saved').where({ id }).getOne();
    if (!saved) return null;
    const by = asking.kind === 'team' ? asking.teamId : null;
    if (saved.teamId !== by || saved.requestHash !== hash)
      throw new Problem(
        409,
        'A check with this id was saved before with other readings. The saved one stays; send a correction instead.',
      );
    return { id, receivedAt: saved.receivedAt.toISOString() };
  }

  private checkDay(day: string, { sownOn, investigation }: Container): void {
    const today = todayIn(investigation.classGroup.timeZone);
    if (!isIsoDay(day)) throw new Problem(422, `${day} is not a day in the calendar. Your readings stay on this device.`);
    if (day < (sownOn ?? investigation.sownOn))
      throw new Problem(422, 'This day is before the seeds were sown. Your readings stay on this device.');
    if (day > addDays(today, 1))
      throw new Problem(422, 'This day has not come yet. Look at the date of this device; your readings stay on it.');
  }

  private rowOf(checkId: string, reading: ReadingRequest) {
    const measured = reading.state === 'measured';
    const length = measured && (reading.typed !== undefined || !hasMore(reading)) ? parseLength(reading.typed ?? '') : null;
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
      typed: measured ? (reading.typed?.trim() ?? null) : null,
      leaves: measured ? (reading.leaves ?? null) : null,
      more: measured ? (reading.more ?? null) : null,
      doubt: measured ? keptDoubt(reading) : null,
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

/** Something beside a height that shows that a plant is up. */
function hasMore({ more }: ReadingRequest): boolean {
  return more !== undefined && Object.keys(more).length > 0;
}

/** What was entered before checking was closed is taken, whenever it arrives. */
function checkOpen(recordedAt: string, { checkingClosedAt }: Investigation): void {
  if (checkingClosedAt && new Date(recordedAt) > checkingClosedAt)
    throw new Problem(422, 'Your teacher has closed checking for now. What you entered stays on this device.');
}

function keptDoubt({ doubt }: ReadingRequest): ReadingDoubt | null {
  return doubt ? { kind: doubt.kind, answer: doubt.answer ?? null, secondMm: doubt.secondMm ?? null } : null;
}
