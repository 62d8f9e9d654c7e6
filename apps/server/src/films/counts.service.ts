import { told } from '@bright-sprout/words/say';
import { type SavedCounts } from '@bright-sprout/contracts/answers/films';
import { type SaveCountsRequest } from '@bright-sprout/contracts/films';
import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { numberFound, withFinding } from '@bright-sprout/core/measures/finding';
import { countKey, countsOnRecord } from '@bright-sprout/core/pictures/countsOnRecord';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { insertReadings, type NewReading } from '../checks/insertReadings';
import { PlantCheck } from '../checks/plantCheck.entity';
import { Database } from '../database/database';
import { newId, requestHash } from '../database/ids';
import { RecordsService } from '../investigations/records.service';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';
import { FilmsService } from './films.service';
import { Frame } from './frame.entity';

const MEASURE = 'percent-green';
const PLANT = '1';

const keyOf = (frameId: string, containerId: string) => `${frameId} ${containerId}`;

/** Writes what was counted in the pictures of a film into the records, as readings like any other. */
@Injectable()
export class CountsService {
  constructor(
    private readonly db: Database,
    private readonly films: FilmsService,
    private readonly records: RecordsService,
    private readonly changes: ChangesService,
  ) {}

  /** Only what is new or has changed is written; what was counted before is corrected by it and stays on record. */
  async save(teacher: TeacherRequester, filmId: string, { method, counts }: SaveCountsRequest): Promise<SavedCounts> {
    const { film, classId } = await this.films.filmOf(teacher, filmId);
    const days = await this.daysOf(filmId, counts);
    const containers = await this.films.containersOf(film);
    const inFilm = new Set(containers);
    if (counts.some((c) => !inFilm.has(c.containerId))) throw new Problem(422, told('refusals.containerCountedFilmNothing'));
    if (new Set(counts.map((c) => keyOf(c.frameId, c.containerId))).size < counts.length)
      throw new Problem(422, told('refusals.sectionCountedTwicePicture'));
    return this.db.work(async () => {
      // One after the other for a film: what the one before wrote is known to the next.
      await this.db.query('SELECT id FROM film WHERE id = ? FOR UPDATE', [filmId]);
      const readings = await this.records.readingsOf(containers);
      const standing = await this.standing(filmId, readings);
      const fresh = counts.filter(({ frameId, containerId, percent }) => {
        const before = standing.get(countKey(containerId, days.get(frameId)!));
        if (before === 'by-hand') return false;
        return before?.picture !== frameId || before.percent !== percent || before.method !== method;
      });
      if (fresh.length === 0) return { written: 0, unchanged: counts.length };
      const byId = new Map(readings.map((r) => [r.id, r]));
      const [checks, rows]: [object[], NewReading[]] = [[], []];
      for (const { frameId, containerId, percent } of fresh) {
        const checkId = newId();
        const now = timeNow();
        checks.push({
          id: checkId,
          containerId,
          teamId: null,
          day: days.get(frameId)!,
          recordedAt: now,
          receivedAt: now,
          source: 'picture',
          requestHash: requestHash({ frameId, containerId, percent, method }),
        });
        const before = standing.get(countKey(containerId, days.get(frameId)!));
        const corrected = before && before !== 'by-hand' ? byId.get(before.readingId)! : null;
        const finding = { ...numberFound(MEASURE, percent), seen: { picture: frameId, method, low: null, high: null } };
        rows.push({
          id: newId(),
          checkId,
          plant: corrected?.plant ?? PLANT,
          state: 'measured',
          // What else stands in the reading that it corrects stays.
          findings: withFinding(corrected?.findings ?? [], MEASURE, finding),
          doubt: corrected?.doubt ?? null,
          note: corrected?.note ?? null,
          supersedesId: corrected?.id ?? null,
        });
      }
      await this.db.of(PlantCheck).insert(checks);
      await insertReadings(this.db, rows);
      await this.changes.note({ kind: 'investigation-changed', classId, investigationId: film.investigationId });
      return { written: fresh.length, unchanged: counts.length - fresh.length };
    });
  }

  /** Days of the pictures that were counted; all of them belong to the film and are there. */
  private async daysOf(filmId: string, counts: SaveCountsRequest['counts']): Promise<Map<string, string>> {
    const ids = [...new Set(counts.map((c) => c.frameId))];
    const frames = await this.db.of(Frame).findBy({ id: In(ids), filmId, takenBackAt: IsNull() });
    if (frames.length < ids.length) throw new Problem(422, told('refusals.pictureCountedLongerNothing'));
    return new Map(frames.map((f) => [f.id, f.day]));
  }

  /** What stands of the film's pictures, those that were taken back included. */
  private async standing(filmId: string, readings: readonly ReadingView[]) {
    const frames = await this.db.of(Frame).find({ where: { filmId }, select: { id: true }, withDeleted: true });
    const ofFilm = new Set(frames.map((f) => f.id));
    return countsOnRecord(readings, (picture) => ofFilm.has(picture));
  }
}
