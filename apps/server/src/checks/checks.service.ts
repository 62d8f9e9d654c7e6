import { told } from '@bright-sprout/words/say';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { type SavedCheck } from '@bright-sprout/contracts/answers/checks';
import { type ReadingRequest, type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { addDays, isIsoDay } from '@bright-sprout/core/calendar/days';
import { type ReadingDoubt } from '@bright-sprout/core/readings/reading';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { type Finding } from '@bright-sprout/core/measures/finding';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { readSent, type SentFinding } from '@bright-sprout/core/measures/sentFinding';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { Injectable } from '@nestjs/common';
import { type Requester } from '../access/requester';
import { rightDay, rightMoment } from '../access/deviceClock';
import { type ContainerToWriteFor, doneAt, Scope } from '../access/scope.service';
import { requestHash } from '../database/ids';
import { Database, isDuplicate } from '../database/database';
import { Frame } from '../films/frame.entity';
import { type Investigation } from '../investigations/investigation.entity';
import { ChangesService } from '../live/changes.service';
import { Photo } from '../photos/photo.entity';
import { asTold, Problem } from '../problems/problem';
import { ArrivalDoubts } from './arrivalDoubts.service';
import { insertReadings, type NewReading } from './insertReadings';
import { PlantCheck } from './plantCheck.entity';
import { ReadingEntity } from './reading.entity';

@Injectable()
export class ChecksService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly doubts: ArrivalDoubts,
    private readonly changes: ChangesService,
  ) {}

  /**
   * Saves a check once, however often and in whatever order it arrives. What was saved before is answered as it was then,
   * whatever has become of its container since.
   */
  async save(asking: Requester, id: string, request: SaveCheckRequest): Promise<SavedCheck> {
    const hash = requestHash(request);
    try {
      return await this.saveNew(asking, id, request, hash);
    } catch (error) {
      const saved = await this.repeat(id, hash, asking);
      if (saved) return saved;
      if (isDuplicate(error)) throw new Problem(409, told('refusals.readingIdSavedBefore'));
      throw error;
    }
  }

  private async saveNew(asking: Requester, id: string, request: SaveCheckRequest, hash: string): Promise<SavedCheck> {
    const receivedAt = timeNow();
    const recordedAt = rightMoment(asking, request.recordedAt);
    const container = await this.scope.containerToWriteFor(asking, request.containerId, doneAt(recordedAt, receivedAt));
    const day = rightDay(asking, request, container.investigation.classGroup.timeZone);
    this.checkDay(day, container);
    const rows = request.readings.map((r) => this.rowOf(id, r, container.investigation));
    await this.checkCorrections({ ...request, day });
    await this.checkPictures(container, rows);
    const readings = await this.doubts.ask(container, day, rows);
    const check = {
      id,
      containerId: container.id,
      teamId: asking.kind === 'team' ? asking.teamId : null,
      day,
      recordedAt,
      receivedAt,
      source: asking.kind === 'team' ? ('bench' as const) : ('teacher' as const),
      dayReason: request.dayReason ?? null,
      dayCode: day === request.day ? (request.dayCode ?? null) : ('wrong-clock' as const),
      requestHash: hash,
    };
    await this.db.work(async () => {
      await this.db.of(PlantCheck).insert(check);
      await insertReadings(this.db, readings);
      await this.changes.note({
        kind: 'check-saved',
        classId: container.investigation.classId,
        investigationId: container.investigationId,
        subjectId: id,
        teamId: container.teamId,
      });
      // How many came late stands in the view of the investigation.
      const { id: investigationId, classId, finishedAt, checkingClosedAt } = container.investigation;
      if (finishedAt ?? checkingClosedAt) await this.changes.note({ kind: 'investigation-noted', classId, investigationId });
    });
    return { id, receivedAt: receivedAt.toISOString() };
  }

  private async repeat(id: string, hash: string, asking: Requester): Promise<SavedCheck | null> {
    const saved = await this.db.of(PlantCheck).createQueryBuilder('saved').where({ id }).getOne();
    if (!saved) return null;
    const by = asking.kind === 'team' ? asking.teamId : null;
    // What the teacher took in for the team is the same check.
    const own = saved.teamId === by || saved.teamId === null;
    if (!own || saved.requestHash !== hash) throw new Problem(409, told('refusals.checkIdSavedBefore'));
    return { id, receivedAt: saved.receivedAt.toISOString() };
  }

  private checkDay(day: string, { sownOn, investigation }: ContainerToWriteFor): void {
    const today = todayIn(investigation.classGroup.timeZone);
    if (!isIsoDay(day)) throw new Problem(422, told('refusals.dayCalendarReadingsStay', { day }));
    if (day < (sownOn ?? investigation.sownOn)) throw new Problem(422, told('refusals.dayBeforeSeedsSown'));
    if (day > addDays(today, 1)) throw new Problem(422, told('refusals.dayComeYetLook'));
  }

  private rowOf(
    checkId: string,
    reading: ReadingRequest,
    { bench, resolution }: Pick<Investigation, 'bench' | 'resolution'>,
  ): NewReading {
    const { own } = bench ?? USUAL_BENCH;
    const measured = reading.state === 'measured';
    const findings = measured ? (reading.findings ?? []).map((sent) => this.found(sent, own, resolution)) : [];
    if (measured && findings.length === 0) throw new Problem(422, told('common.nothingTypedYet'));
    if (reading.state === 'lost' && !reading.lostReason) throw new Problem(422, told('refusals.sayWhyPlantLost'));
    return {
      id: reading.id,
      checkId,
      plant: reading.plant,
      state: reading.state,
      findings,
      doubt: measured ? keptDoubt(reading) : null,
      lostReason: reading.state === 'lost' ? reading.lostReason! : null,
      note: reading.note ?? null,
      supersedesId: reading.supersedes ?? null,
    };
  }

  private found(sent: SentFinding, own: readonly OwnMeasure[], resolution: RulerResolution): Finding {
    const read = readSent(sent, { own, resolution });
    if (!read.ok) throw new Problem(422, asTold(read.reason));
    return read.finding;
  }

  /** What was measured in a picture, there or gone by now, names one of the container, or of a film of its investigation. */
  private async checkPictures({ id, investigationId }: ContainerToWriteFor, rows: readonly NewReading[]): Promise<void> {
    const named = new Set(rows.flatMap((r) => r.findings.flatMap((f) => f.seen?.picture ?? [])));
    for (const picture of named) {
      const there =
        (await this.db.of(Photo).exists({ where: { id: picture, containerId: id }, withDeleted: true })) ||
        (await this.db.of(Frame).exists({ where: { id: picture, film: { investigationId } }, withDeleted: true }));
      if (!there) throw new Problem(422, told('refusals.pictureMeasuredReadingsStay'));
    }
  }

  /** A correction stays with its container, plant and day. */
  private async checkCorrections({ containerId, day, readings }: SaveCheckRequest): Promise<void> {
    for (const reading of readings) {
      if (!reading.supersedes) continue;
      const old = await this.db.of(ReadingEntity).findOne({ where: { id: reading.supersedes }, relations: { check: true } });
      if (!old || old.check.containerId !== containerId || old.check.day !== day || old.plant !== reading.plant)
        throw new Problem(422, told('refusals.correctionBelongsSamePlant'));
    }
  }
}

function keptDoubt({ doubt }: ReadingRequest): ReadingDoubt | null {
  return doubt
    ? {
        kind: doubt.kind,
        ...(doubt.measure ? { measure: doubt.measure } : {}),
        answer: doubt.answer ?? null,
        secondMm: doubt.secondMm ?? null,
      }
    : null;
}
