import { type SaveCountsRequest, type SavedCounts } from '@bright-sprout/contracts/films';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { FindingEntity } from '../checks/finding.entity';
import { insertReadings, type NewReading } from '../checks/insertReadings';
import { PlantCheck } from '../checks/plantCheck.entity';
import { Database } from '../database/database';
import { newId, requestHash } from '../database/ids';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';
import { FilmsService } from './films.service';
import { Frame } from './frame.entity';

const MEASURE = 'percent-green';
const PLANT = '1';

/** A share that stands on record, counted in a picture. */
interface Standing {
  reading: string;
  containerId: string;
  picture: string;
  percent: number;
  method: string;
}

const keyOf = (frameId: string, containerId: string) => `${frameId} ${containerId}`;

/** Writes what was counted in the pictures of a film into the records, as readings like any other. */
@Injectable()
export class CountsService {
  constructor(
    private readonly db: Database,
    private readonly films: FilmsService,
    private readonly changes: ChangesService,
  ) {}

  /** Only what is new or has changed is written; what was counted before is corrected by it and stays on record. */
  async save(teacher: TeacherRequester, filmId: string, { method, counts }: SaveCountsRequest): Promise<SavedCounts> {
    const { film, classId } = await this.films.filmOf(teacher, filmId);
    const days = await this.daysOf(filmId, counts);
    const inFilm = new Set(film.cells);
    if (counts.some((c) => !inFilm.has(c.containerId)))
      throw new Problem(422, 'A container that was counted is not in this film. Nothing was written down.');
    if (new Set(counts.map((c) => keyOf(c.frameId, c.containerId))).size < counts.length)
      throw new Problem(422, 'A section was counted twice in one picture. Nothing was written down.');
    return this.db.work(async () => {
      // One after the other for a film: what the one before wrote is known to the next.
      await this.db.query('SELECT id FROM film WHERE id = ? FOR UPDATE', [filmId]);
      const standing = await this.standing(film.cells.filter((c) => c !== null));
      const fresh = counts.filter(({ frameId, containerId, percent }) => {
        const before = standing.get(keyOf(frameId, containerId));
        return before?.percent !== percent || before.method !== method;
      });
      if (fresh.length === 0) return { written: 0, unchanged: counts.length };
      const [checks, readings]: [object[], NewReading[]] = [[], []];
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
        readings.push({
          id: newId(),
          checkId,
          plant: PLANT,
          state: 'measured',
          findings: [{ ...numberFound(MEASURE, percent), seen: { picture: frameId, method, low: null, high: null } }],
          supersedesId: standing.get(keyOf(frameId, containerId))?.reading ?? null,
        });
      }
      await this.db.of(PlantCheck).insert(checks);
      await insertReadings(this.db, readings);
      await this.changes.note({ kind: 'investigation-changed', classId, investigationId: film.investigationId });
      return { written: fresh.length, unchanged: counts.length - fresh.length };
    });
  }

  /** Days of the pictures that were counted; all of them belong to the film and are there. */
  private async daysOf(filmId: string, counts: SaveCountsRequest['counts']): Promise<Map<string, string>> {
    const ids = [...new Set(counts.map((c) => c.frameId))];
    const frames = await this.db.of(Frame).findBy({ id: In(ids), filmId, takenBackAt: IsNull() });
    if (frames.length < ids.length)
      throw new Problem(422, 'A picture that was counted is no longer there. Nothing was written down: count again.');
    return new Map(frames.map((f) => [f.id, f.day]));
  }

  /** What stands of these containers that was counted in pictures, by picture and container. */
  private async standing(containerIds: string[]): Promise<Map<string, Standing>> {
    const rows = await this.db
      .of(FindingEntity)
      .createQueryBuilder('f')
      .innerJoin('f.reading', 'r')
      .innerJoin('r.check', 'k')
      .select(['f.reading_id AS reading', 'f.value AS percent', 'f.seen AS seen', 'k.container_id AS containerId'])
      .where('f.measure = :measure AND f.seen IS NOT NULL AND k.container_id IN (:...containerIds)', {
        measure: MEASURE,
        containerIds,
      })
      .andWhere('NOT EXISTS (SELECT 1 FROM reading later WHERE later.supersedes_id = r.id)')
      .getRawMany<{ reading: string; percent: number; seen: string; containerId: string }>();
    return new Map(
      rows.map(({ reading, percent, seen, containerId }) => {
        const { picture, method } = JSON.parse(seen) as { picture: string; method: string };
        return [keyOf(picture, containerId), { reading, containerId, picture, percent, method }];
      }),
    );
  }
}
